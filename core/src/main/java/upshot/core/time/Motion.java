package upshot.core.time;

import upshot.core.measure.Degrees;
import upshot.core.measure.FrameRate;

/** Movement against the clock: of the camera, and of somebody across a still frame. */
public final class Motion {

    private static final double SMOOTH_PAN_FIELDS_S = 7;
    private static final double FILM_RATE = 24;

    private Motion() {}

    /**
     * L/(S|p|): how fast the camera really moves to cover so much within so many seconds of screen; metres give metres
     * a second, degrees give degrees a second.
     */
    public static double realSpeed(double covered, double screenS, Playback playback) {
        return covered / playback.realS(screenS);
    }

    /** The most that can be covered at a speed within so many seconds of screen. */
    public static double mostCovered(double speed, double screenS, Playback playback) {
        return speed * playback.realS(screenS);
    }

    /** 7·(24/b)·θ/φ: the shortest pan, in seconds of playback, that is not seen in steps. */
    public static double smoothPanS(double turnDeg, double fieldDeg, FrameRate timeline) {
        return SMOOTH_PAN_FIELDS_S * FILM_RATE / timeline.perSecond() * turnDeg / fieldDeg;
    }

    /**
     * F·aspect·0.5/(v|sin β||p|): seconds of playback in which somebody crosses the middle half of a still frame;
     * positive infinity for somebody who stands, or comes straight on.
     */
    public static double crossingS(
            double frameHeightM, double aspect, double speedMps, double bearingDeg, Playback playback) {
        double across = speedMps * Math.abs(Degrees.sin(bearingDeg)) * Math.abs(playback.speed());
        return across < 1e-9 ? Double.POSITIVE_INFINITY : frameHeightM * aspect * 0.5 / across;
    }

    /** v|cos β cos ε|·S|p|: how much nearer or farther somebody gets while the shot is on screen, metres. */
    public static double depthChangeM(
            double speedMps, double bearingDeg, double elevationDeg, double screenS, Playback playback) {
        return speedMps * Math.abs(Degrees.cos(bearingDeg) * Degrees.cos(elevationDeg)) * playback.realS(screenS);
    }
}
