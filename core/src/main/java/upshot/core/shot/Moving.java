package upshot.core.shot;

import upshot.core.ground.Stand;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.time.Motion;
import upshot.core.time.Playback;

/**
 * What moves in a shot, and how fast.
 *
 * @param screenS how long it is on screen at a time: its longest use, two seconds while it is not in the cut
 * @param playback frame for frame
 * @param fieldDeg the field along the delivered picture's long side
 * @param crossingS seconds of playback for the subject to cross the middle half of a still frame
 * @param depthChangeM how much the subject's distance changes while it is on screen
 */
public record Moving(double screenS, Playback playback, double fieldDeg, double crossingS, double depthChangeM) {

    private static final double USUAL_SCREEN_S = 2;

    public static Moving of(Around plan, Shot shot) {
        Action action = plan.actionOf(shot);
        Stand stand = Stand.of(plan, shot);
        Playback playback = Playback.of(1, plan.brief().rate(), shot.captureRate());
        double screenS = plan.usesOf(shot).stream().mapToInt(Use::frames).max().stream()
                .mapToDouble(frames -> plan.brief().rate().secondsOf(frames))
                .findFirst()
                .orElse(USUAL_SCREEN_S);
        double speed = action.line() == Line.TRAVEL ? action.speedMps() : 0;
        double longSideMm = Math.max(stand.sensor().widthMm(), stand.sensor().heightMm()) / shot.punchIn();
        return new Moving(
                screenS,
                playback,
                2 * Degrees.atan(longSideMm / (2 * shot.focalLengthMm())),
                crossingS(plan, shot, stand, playback, speed),
                follows(shot)
                        ? 0
                        : Motion.depthChangeM(speed, shot.bearingDeg(), stand.elevationDeg(), screenS, playback));
    }

    private static double crossingS(Around plan, Shot shot, Stand stand, Playback playback, double speed) {
        return Motion.crossingS(
                stand.framing().heightM(), plan.brief().aspect().ratio(), speed, shot.bearingDeg(), playback);
    }

    /** Whether the camera goes along with the subject. */
    static boolean follows(Shot shot) {
        return shot.move() == Move.FOLLOW || shot.move() == Move.PAN;
    }

    /** Degrees a second that the camera really turns; 0 where no turn is given. */
    public double turnDegPerS(Shot shot) {
        return Motion.realSpeed(shot.turnDeg(), screenS, playback);
    }

    /** Metres a second that the camera really moves; 0 where no way is given. */
    public double speedMps(Shot shot) {
        return Motion.realSpeed(shot.moveM(), screenS, playback);
    }
}
