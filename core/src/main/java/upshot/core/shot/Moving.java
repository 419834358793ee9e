package upshot.core.shot;

import java.util.List;
import java.util.function.ToDoubleFunction;
import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.time.Motion;
import upshot.core.time.Playback;

/**
 * What moves in a shot while one of its uses is on screen, and how fast.
 *
 * @param screenS how long it is on screen; two seconds while it is not in the cut
 * @param playback of the use; frame for frame while it is not in the cut, speech in real time
 * @param fieldDeg the field along the delivered picture's long side
 * @param crossingS seconds of playback for the subject to cross the middle half of a still frame
 * @param depthChangeM how much the subject's distance changes while it is on screen
 */
public record Moving(double screenS, Playback playback, double fieldDeg, double crossingS, double depthChangeM) {

    private static final double USUAL_SCREEN_S = 2;

    /** One for each use of the shot that is no still; one as it is planned while there is no use. */
    public static List<Moving> each(Around plan, Shot shot) {
        List<Use> uses = plan.usesOf(shot);
        if (uses.isEmpty()) {
            return List.of(of(plan, shot, USUAL_SCREEN_S, planned(plan, shot)));
        }
        return uses.stream()
                .filter(use -> !use.still())
                .map(use -> of(
                        plan,
                        shot,
                        plan.brief().rate().secondsOf(use.frames()),
                        Playback.of(use.frameStep(), plan.brief().rate(), shot.captureRate())))
                .toList();
    }

    /** The one of which a figure is largest; none where all uses are stills. */
    static List<Moving> worst(Around plan, Shot shot, ToDoubleFunction<Moving> figure) {
        return each(plan, shot).stream()
                .max((one, other) -> Double.compare(figure.applyAsDouble(one), figure.applyAsDouble(other)))
                .stream()
                .toList();
    }

    private static Playback planned(Around plan, Shot shot) {
        return plan.actionOf(shot).speech()
                ? new Playback(1)
                : Playback.of(1, plan.brief().rate(), shot.captureRate());
    }

    private static Moving of(Around plan, Shot shot, double screenS, Playback playback) {
        Stand stand = Stand.of(plan, shot);
        double speed = speedMps(plan, shot);
        double longSideMm = Math.max(stand.sensor().widthMm(), stand.sensor().heightMm());
        return new Moving(
                screenS,
                playback,
                2 * Degrees.atan(longSideMm / (2 * shot.focalLengthMm())),
                Motion.crossingS(
                        stand.framing().heightM(), plan.brief().aspect().ratio(), speed, shot.bearingDeg(), playback),
                follows(shot)
                        ? 0
                        : Motion.depthChangeM(speed, shot.bearingDeg(), stand.elevationDeg(), screenS, playback));
    }

    /** How fast what the shot shows goes, metres a second. */
    static double speedMps(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        return action.travels() && shot.subjectId().isEmpty() ? action.speedMps() : 0;
    }

    /** Whether the camera goes along with the subject. */
    static boolean follows(Shot shot) {
        return shot.move() == Move.FOLLOW || shot.move() == Move.PAN;
    }

    /** So many metres or degrees, covered while it is on screen, as a real speed. */
    public double realSpeed(double covered) {
        return Motion.realSpeed(covered, screenS, playback);
    }
}
