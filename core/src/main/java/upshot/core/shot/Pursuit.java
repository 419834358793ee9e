package upshot.core.shot;

import java.util.Comparator;
import java.util.List;
import upshot.core.finding.Mend;
import upshot.core.finding.Wording;
import upshot.core.ground.Glass;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Shot;

/** Turning a camera that stands after a subject that passes. */
final class Pursuit {

    /** In degrees a second: what everybody can do. */
    static final double EASY_DEG_PER_S = 60;

    /** In degrees a second: what a practised hand can do. */
    static final double MOST_DEG_PER_S = 120;

    private static final double NEAREST_M = 1e-3;

    private Pursuit() {}

    /** How fast the camera turns where the subject passes nearest, in degrees a second: speed over distance. */
    static double degPerS(Around plan, Shot shot) {
        double nearestM = Stand.of(plan, shot).groundDistanceM() * Math.abs(Degrees.sin(shot.bearingDeg()));
        return Math.toDegrees(Moving.speedMps(plan, shot) / Math.max(nearestM, NEAREST_M));
    }

    /** A pan in place of a follow: from here where that can be done, else from further away. */
    static List<Mend> byPanning(Around plan, Shot shot) {
        Shot panned = panned(shot);
        return degPerS(plan, panned) > MOST_DEG_PER_S
                ? fromFarther(plan, shot)
                : List.of(new Mend("Pan with it", Change.edit(shot, one -> panned)));
    }

    /** The nearest stand from which it is easy to turn after it: a longer lens, further away, as the room allows. */
    static List<Mend> fromFarther(Around plan, Shot shot) {
        return Glass.settings(plan)
                .filter(lens -> lens.focalLengthMm() > shot.focalLengthMm())
                .map(lens -> panned(shot).withFocalLengthMm(lens.focalLengthMm()))
                .filter(far -> degPerS(plan, far) <= EASY_DEG_PER_S
                        && Stand.of(plan, far).groundDistanceM() <= Room.onThatSideM(plan, far))
                .min(Comparator.comparingDouble(Shot::focalLengthMm))
                .map(far -> new Mend(
                        "Pan with it from %s, through the %s mm"
                                .formatted(
                                        Wording.metres(Stand.of(plan, far).distanceM()),
                                        Wording.number(far.focalLengthMm(), 0)),
                        Change.edit(shot, one -> far)))
                .stream()
                .toList();
    }

    private static Shot panned(Shot shot) {
        return shot.withMove(Move.PAN).withReason(MoveReason.FOLLOWS);
    }
}
