package upshot.core.handoff;

import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Source;
import upshot.core.finding.Status;

/** A clip lies or stands as the cut does. */
final class RecordedTurned implements AsShotRule {

    @Override
    public String id() {
        return "recorded-turned";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Held as the cut is",
                "An upright cut is made of upright clips, and a wide one of wide clips.",
                "A third of the picture is left where it is turned, and nothing of what was framed.",
                Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(UseAsShot use, double ratio) {
        if (!use.turned(ratio)) {
            return Optional.empty();
        }
        Clip clip = use.source().orElseThrow().clip();
        return Optional.of(finding(
                use,
                Status.BREAK,
                "The clip stands where the cut lies, or lies where it stands.",
                Measured.unwanted(),
                "%s was recorded %d × %d.".formatted(use.shown().code(), clip.width(), clip.height())));
    }
}
