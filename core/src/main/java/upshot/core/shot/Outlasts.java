package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;
import upshot.core.time.Playback;

/** The cut shows more seconds of what happens once than it lasts. */
final class Outlasts implements ShotRule {

    private static final double ROUNDING = 1e-6;

    @Override
    public String id() {
        return "outlasts";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "No longer than it lasts",
                "The cut shows no more seconds of what happens once than it lasts.",
                "There are no more.",
                RuleCard.Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        double shown = plan.usesOf(shot).stream()
                .mapToDouble(use -> Playback.of(use.frameStep(), plan.brief().rate(), shot.captureRate())
                        .realS(plan.brief().rate().secondsOf(use.frames())))
                .sum();
        if (!action.once() || shown <= action.durationS() + ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Longer than it lasts.",
                new Measured(shown, action.durationS(), Quantity.SECONDS),
                "The cut shows %s s of it; it happens once and lasts %s s."
                        .formatted(Wording.number(shown, 1), Wording.number(action.durationS(), 1)),
                List.of()));
    }
}
