package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;

/** Speech is captured at another rate than the timeline has. */
final class SpeechRate implements ShotRule {

    @Override
    public String id() {
        return "speech-rate";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Speech at the timeline's rate",
                "Speech is captured at the timeline's own rate.",
                "At any other the lips and the sound come apart.",
                RuleCard.Source.TRADE);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        FrameRate timeline = plan.brief().rate();
        if (!plan.actionOf(shot).speech() || shot.captureRate().equals(timeline)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Lips and sound come apart.",
                new Measured(shot.captureRate().perSecond(), timeline.perSecond(), Quantity.FRAMES_PER_SECOND),
                "Somebody speaks at %s frames a second on a timeline of %s."
                        .formatted(shot.captureRate().label(), timeline.label()),
                List.of(new Mend(
                        "%s frames a second".formatted(timeline.label()),
                        Change.edit(shot, one -> one.withCaptureRate(timeline))))));
    }
}
