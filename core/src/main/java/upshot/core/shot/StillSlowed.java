package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.time.Playback;

/** Slow motion of something that does not move gains nothing, except that it steadies a hand-held still life. */
final class StillSlowed implements ShotRule {

    @Override
    public String id() {
        return "still-slowed";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Slowed for nothing",
                "Slow motion shows something that moves.",
                "Of a still life it only costs light and card.",
                RuleCard.Source.TRADE,
                Bound.of("slow from", SLOW_FROM, "of real time"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        double speed = Playback.of(1, plan.brief().rate(), shot.captureRate()).speed();
        boolean nothingMoves = action.feature() && !shot.move().moving();
        if (speed > SLOW_FROM || !nothingMoves || shot.support() == Support.HAND_HELD) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "Slowed for nothing.",
                new Measured(speed, SLOW_FROM, Quantity.SHARE),
                "Nothing moves here, so %s frames only cost light and card."
                        .formatted(shot.captureRate().label()),
                List.of(new Mend(
                        "%s frames a second".formatted(plan.brief().rate().label()),
                        Change.edit(
                                shot, one -> one.withCaptureRate(plan.brief().rate()))))));
    }

    private static final double SLOW_FROM = 0.8;
}
