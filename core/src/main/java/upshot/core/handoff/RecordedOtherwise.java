package upshot.core.handoff;

import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Source;
import upshot.core.finding.Status;
import upshot.core.time.Playback;

/** The rate decides how a picture plays. */
final class RecordedOtherwise implements AsShotRule {

    @Override
    public String id() {
        return "recorded-otherwise";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Recorded at the planned rate",
                "The keeper was recorded at the rate that its shot was planned with.",
                "At another rate it plays quicker or slower than the cut counts with.",
                Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(UseAsShot use, double ratio) {
        return use.otherRate()
                .map(rate -> finding(
                        use,
                        Status.WATCH,
                        "Recorded at another rate.",
                        new Measured(
                                rate.perSecond(), use.shown().captureRate().perSecond(), Quantity.FRAMES_PER_SECOND),
                        "%s was to be recorded at %s fps, and is at %s: it plays %s."
                                .formatted(
                                        use.shown().code(),
                                        use.shown().captureRate().label(),
                                        rate.label(),
                                        new Playback(use.source().orElseThrow().speed()).label())));
    }
}
