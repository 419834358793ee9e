package upshot.core.handoff;

import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Source;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.house.Threshold;

/** An editor needs room on both sides of what is seen. */
final class KeptWithoutHandles implements AsShotRule {

    @Override
    public String id() {
        return "kept-without-handles";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Room to trim",
                "The clean stretch of the keeper holds a handle on each side of what the cut shows.",
                "An editor moves cuts by pictures, and a transition eats into what lies beside them.",
                Source.TRADE,
                RuleCard.Bound.of(Threshold.HANDLE));
    }

    @Override
    public Optional<Finding> judge(UseAsShot use, double ratio) {
        double missingS = use.lack().handlesS();
        if (use.lack().useS() > 0 || missingS <= 0) {
            return Optional.empty();
        }
        return Optional.of(finding(
                use,
                Status.WATCH,
                "Little room to trim.",
                new Measured(missingS, 0, Quantity.SECONDS),
                "%s holds %s s clean, and the cut shows it for %s s: its handles are %s s short."
                        .formatted(
                                use.shown().code(),
                                Wording.number(use.cleanS(), 1),
                                Wording.number(use.seenS(), 1),
                                Wording.number(missingS, 1))));
    }
}
