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
import upshot.core.finding.Wording;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;
import upshot.core.time.Motion;

/** The camera would have to move or turn faster than its support can, or pans in steps. */
final class MoveSpeed implements ShotRule {

    @Override
    public String id() {
        return "move-speed";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "A move that can be made",
                "The camera moves and turns no faster than its support can, and pans smoothly.",
                "Faster moves shake, and pans that are too quick go in steps.",
                RuleCard.Source.TRADE,
                Bound.of("turned at most", PAN_DEG_PER_S, "°/s"));
    }

    private static final double PAN_DEG_PER_S = 60;
    private static final double ROUNDING = 1e-9;

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        if (!shot.move().moving()) {
            return Optional.empty();
        }
        Moving moving = Moving.of(plan, shot);
        boolean turns = shot.move() == Move.PAN || shot.move() == Move.TILT;
        if (turns && shot.turnDeg() > 0) {
            return turn(plan, shot, moving);
        }
        double speed = moving.speedMps(shot);
        double quickest = shot.support().quickestMps();
        if (turns || shot.moveM() == 0 || speed <= quickest + ROUNDING) {
            return Optional.empty();
        }
        double most = Motion.mostCovered(quickest, moving.screenS(), moving.playback());
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "The %s cannot move so fast.".formatted(shot.support().label()),
                new Measured(speed, quickest, Quantity.METRES_PER_SECOND),
                "%s in %s s of screen is %s m/s for the camera; %s m/s is what it does."
                        .formatted(
                                Wording.metres(shot.moveM()),
                                Wording.number(moving.screenS(), 2),
                                Wording.number(speed, 2),
                                Wording.number(quickest, 1)),
                most > 0
                        ? List.of(new Mend(
                                "Move %s".formatted(Wording.metres(floor(most))),
                                Change.edit(shot, one -> one.withMoveM(floor(most)))))
                        : List.of(new Mend("Keep still", Change.edit(shot, one -> one.withMove(Move.STILL))))));
    }

    private Optional<Finding> turn(Around plan, Shot shot, Moving moving) {
        double speed = moving.turnDegPerS(shot);
        double smoothS = Motion.smoothPanS(
                shot.turnDeg(), moving.fieldDeg(), plan.brief().rate());
        if (speed > PAN_DEG_PER_S + ROUNDING) {
            double most = floor(Motion.mostCovered(PAN_DEG_PER_S, moving.screenS(), moving.playback()));
            return Optional.of(new Finding(
                    id(),
                    Status.BREAK,
                    List.of(shot.id()),
                    "Turns too fast.",
                    new Measured(speed, PAN_DEG_PER_S, Quantity.DEGREES_PER_SECOND),
                    "%s in %s s of screen is %s a second; %s is the most."
                            .formatted(
                                    Wording.degrees(shot.turnDeg()),
                                    Wording.number(moving.screenS(), 2),
                                    Wording.degrees(speed),
                                    Wording.degrees(PAN_DEG_PER_S)),
                    List.of(new Mend(
                            "Turn %s".formatted(Wording.degrees(most)),
                            Change.edit(shot, one -> one.withTurnDeg(most))))));
        }
        boolean followsMover = shot.reason() == MoveReason.FOLLOWS;
        if (followsMover || moving.screenS() >= smoothS - ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                Status.WATCH,
                List.of(shot.id()),
                "The turn is seen in steps.",
                new Measured(moving.screenS(), smoothS, Quantity.SECONDS),
                "%s across a field of %s is smooth from %s s of screen on, this has %s."
                        .formatted(
                                Wording.degrees(shot.turnDeg()),
                                Wording.degrees(moving.fieldDeg()),
                                Wording.number(smoothS, 1),
                                Wording.number(moving.screenS(), 2)),
                List.of(new Mend("It follows a mover", Change.edit(shot, one -> one.withReason(MoveReason.FOLLOWS))))));
    }

    private static double floor(double value) {
        return Math.floor(value * 100) / 100;
    }
}
