package upshot.core.handoff;

import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Source;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;

/** What is seen must be clean. */
final class KeptTooShort implements AsShotRule {

    @Override
    public String id() {
        return "kept-too-short";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Clean for as long as it is seen",
                "The clean stretch of the keeper holds all that the cut shows of it.",
                "What lies outside of it is the bump, the passer-by or the camera that still settles.",
                Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(UseAsShot use, double ratio) {
        double missingS = use.lack().useS();
        if (missingS <= 0) {
            return Optional.empty();
        }
        return Optional.of(finding(
                use,
                Status.BREAK,
                "Not clean for as long as it is seen.",
                new Measured(missingS, 0, Quantity.SECONDS),
                "%s holds %s s clean, and the cut shows it for %s s: %s s of it are not."
                        .formatted(
                                use.shown().code(),
                                Wording.number(use.cleanS(), 1),
                                Wording.number(use.seenS(), 1),
                                Wording.number(missingS, 1))));
    }
}
