package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Mends;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Stand;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.time.Motion;

/**
 * The camera would have to move or turn faster than its support can, or pans in steps. A follow goes as fast as its
 * subject, whatever its metres say, and a tripod does not follow at all.
 */
final class MoveSpeed implements ShotRule {

    private static final double PAN_DEG_PER_S = 60;
    private static final double RUNNING_MPS = 3;
    private static final double ROUNDING = 1e-9;

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
                Bound.of("turned at most", PAN_DEG_PER_S, "°/s"),
                Bound.of("turned after a mover at most", Pursuit.MOST_DEG_PER_S, "°/s"),
                Bound.of("at a run at most", RUNNING_MPS, "m/s"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return switch (shot.move()) {
            case STILL -> Optional.empty();
            case FOLLOW -> followed(plan, shot);
            case PAN, TILT -> pursues(plan, shot) ? pursued(plan, shot) : turned(plan, shot, shot.turnDeg());
            case ORBIT ->
                shot.support() == Support.TURNTABLE
                        ? turned(plan, shot, shot.turnDeg())
                        : carried(plan, shot, arcM(plan, shot));
            case SLIDE, PUSH, PULL, LIFT -> carried(plan, shot, shot.moveM());
        };
    }

    private static double arcM(Around plan, Shot shot) {
        return Math.toRadians(shot.turnDeg()) * Stand.of(plan, shot).groundDistanceM();
    }

    private static boolean pursues(Around plan, Shot shot) {
        return shot.reason() == MoveReason.FOLLOWS && Moving.speedMps(plan, shot) > 0;
    }

    /** Going along with the subject. */
    private Optional<Finding> followed(Around plan, Shot shot) {
        double speed = Moving.speedMps(plan, shot);
        double quickest = shot.support().quickestMps();
        if (speed <= ROUNDING) {
            return carried(plan, shot, shot.moveM());
        }
        if (quickest == 0) {
            return Optional.of(finding(
                    shot,
                    Status.BREAK,
                    "The %s does not follow.".formatted(shot.support().label()),
                    new Measured(speed, 0, Quantity.METRES_PER_SECOND),
                    "It goes at %s m/s; %s pans and tilts where it stands."
                            .formatted(
                                    Wording.number(speed, 1),
                                    Wording.one(shot.support().label())),
                    () -> Pursuit.byPanning(plan, shot)));
        }
        return tooQuick(
                shot,
                speed,
                "The subject goes at %s m/s".formatted(Wording.number(speed, 1)),
                () -> Pursuit.byPanning(plan, shot));
    }

    /** Turning after a subject that passes. */
    private Optional<Finding> pursued(Around plan, Shot shot) {
        double speed = Pursuit.degPerS(plan, shot);
        if (speed <= Pursuit.EASY_DEG_PER_S + ROUNDING) {
            return Optional.empty();
        }
        Status status = speed > Pursuit.MOST_DEG_PER_S + ROUNDING ? Status.BREAK : Status.WATCH;
        return Optional.of(finding(
                shot,
                status,
                "Turns fast.",
                new Measured(
                        speed,
                        status == Status.BREAK ? Pursuit.MOST_DEG_PER_S : Pursuit.EASY_DEG_PER_S,
                        Quantity.DEGREES_PER_SECOND),
                "Where it passes nearest the camera turns after it by %s a second; up to %s is easy, %s the most."
                        .formatted(
                                Wording.degrees(speed),
                                Wording.degrees(Pursuit.EASY_DEG_PER_S),
                                Wording.degrees(Pursuit.MOST_DEG_PER_S)),
                () -> Pursuit.fromFarther(plan, shot)));
    }

    private Optional<Finding> carried(Around plan, Shot shot, double metres) {
        if (metres == 0) {
            return Optional.empty();
        }
        return Moving.worst(plan, shot, moving -> moving.realSpeed(metres)).stream()
                .flatMap(moving -> tooQuick(
                        shot,
                        moving.realSpeed(metres),
                        "%s in %s s of screen is %s m/s for the camera"
                                .formatted(
                                        Wording.metres(metres),
                                        Wording.number(moving.screenS(), 2),
                                        Wording.number(moving.realSpeed(metres), 2)),
                        () -> shorter(shot, moving, metres))
                        .stream())
                .findFirst();
    }

    /** On foot one walks steadily or runs; everything else has one speed that it does. */
    private Optional<Finding> tooQuick(Shot shot, double speed, String what, Supplier<List<Mend>> mends) {
        double steady = shot.support().quickestMps();
        double most = shot.support().onFoot() ? RUNNING_MPS : steady;
        if (speed <= steady + ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(
                speed <= most + ROUNDING
                        ? finding(
                                shot,
                                Status.WATCH,
                                "Only at a run.",
                                new Measured(speed, steady, Quantity.METRES_PER_SECOND),
                                "%s; steady is up to %s m/s.".formatted(what, Wording.number(steady, 1)),
                                mends)
                        : finding(
                                shot,
                                Status.BREAK,
                                "The %s cannot move so fast."
                                        .formatted(shot.support().label()),
                                new Measured(speed, most, Quantity.METRES_PER_SECOND),
                                "%s; %s m/s is what it does.".formatted(what, Wording.number(most, 1)),
                                mends));
    }

    private static List<Mend> shorter(Shot shot, Moving moving, double metres) {
        double most = Motion.mostCovered(shot.support().quickestMps(), moving.screenS(), moving.playback());
        if (most == 0) {
            return List.of(new Mend("Keep still", Change.edit(shot, one -> one.withMove(Move.STILL))));
        }
        if (shot.move() == Move.ORBIT) {
            double turn = floor(shot.turnDeg() * most / metres);
            return List.of(new Mend(
                    "Orbit %s".formatted(Wording.degrees(turn)), Change.edit(shot, one -> one.withTurnDeg(turn))));
        }
        return List.of(new Mend(
                "Move %s".formatted(Wording.metres(floor(most))),
                Change.edit(shot, one -> one.withMoveM(floor(most)))));
    }

    private Optional<Finding> turned(Around plan, Shot shot, double turnDeg) {
        if (turnDeg == 0) {
            return Optional.empty();
        }
        List<Moving> worst = Moving.worst(plan, shot, moving -> moving.realSpeed(turnDeg));
        return worst.stream()
                .flatMap(moving -> turned(plan, shot, moving).stream())
                .findFirst();
    }

    private Optional<Finding> turned(Around plan, Shot shot, Moving moving) {
        double speed = moving.realSpeed(shot.turnDeg());
        if (speed > PAN_DEG_PER_S + ROUNDING) {
            double most = floor(Motion.mostCovered(PAN_DEG_PER_S, moving.screenS(), moving.playback()));
            return Optional.of(finding(
                    shot,
                    Status.BREAK,
                    "Turns too fast.",
                    new Measured(speed, PAN_DEG_PER_S, Quantity.DEGREES_PER_SECOND),
                    "%s in %s s of screen is %s a second; %s is the most."
                            .formatted(
                                    Wording.degrees(shot.turnDeg()),
                                    Wording.number(moving.screenS(), 2),
                                    Wording.degrees(speed),
                                    Wording.degrees(PAN_DEG_PER_S)),
                    () -> List.of(new Mend(
                            "Turn %s".formatted(Wording.degrees(most)),
                            Change.edit(shot, one -> one.withTurnDeg(most))))));
        }
        return shot.move() == Move.ORBIT || shot.reason() == MoveReason.FOLLOWS || whips(plan, shot)
                ? Optional.empty()
                : inSteps(plan, shot, moving);
    }

    private static boolean whips(Around plan, Shot shot) {
        return plan.usesOf(shot).stream()
                .anyMatch(use -> use.entry() == Entry.WHIP
                        || plan.outOf(use)
                                .filter(out -> out.entry() == Entry.WHIP)
                                .isPresent());
    }

    private Optional<Finding> inSteps(Around plan, Shot shot, Moving moving) {
        double smoothS = Motion.smoothPanS(
                shot.turnDeg(), moving.fieldDeg(), plan.brief().rate());
        if (moving.screenS() >= smoothS - ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(finding(
                shot,
                Status.WATCH,
                "The turn is seen in steps.",
                new Measured(moving.screenS(), smoothS, Quantity.SECONDS),
                "%s across a field of %s is smooth from %s s of screen on, this has %s."
                        .formatted(
                                Wording.degrees(shot.turnDeg()),
                                Wording.degrees(moving.fieldDeg()),
                                Wording.number(smoothS, 1),
                                Wording.number(moving.screenS(), 2)),
                () -> List.of(
                        new Mend("It follows a mover", Change.edit(shot, one -> one.withReason(MoveReason.FOLLOWS))))));
    }

    private Finding finding(
            Shot shot, Status status, String title, Measured measured, String why, Supplier<List<Mend>> mends) {
        return new Finding(id(), status, List.of(shot.id()), title, measured, why, Mends.later(mends));
    }

    private static double floor(double value) {
        return Math.floor(value * 100) / 100;
    }
}
