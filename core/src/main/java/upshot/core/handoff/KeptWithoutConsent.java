package upshot.core.handoff;

import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Source;
import upshot.core.finding.Status;

/** Whoever refuses is not shown. */
final class KeptWithoutConsent implements AsShotRule {

    @Override
    public String id() {
        return "kept-without-consent";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Everybody in it agrees",
                "Nobody whose consent is refused can be recognised in a picture of the cut.",
                "They have a right to that, in most places by law; what was filmed before they refused is no exception.",
                Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(UseAsShot use, double ratio) {
        if (use.refused().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(finding(
                use,
                Status.BREAK,
                "Somebody does not want to be seen.",
                Measured.unwanted(),
                "%s may not be shown: their consent is refused.".formatted(String.join(" and ", use.refused()))));
    }
}
