package upshot.core.time;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import upshot.core.measure.FrameRate;

/**
 * How long each frame is exposed.
 *
 * @param seconds t, above 0
 */
public record Shutter(double seconds) {

    /** The third-stop marks of a stills body, from 1/15 to 1/8000. */
    public static final List<Integer> STILLS_MARKS = List.of(
            15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000,
            2500, 3200, 4000, 5000, 6400, 8000);

    /** One by so many of a second. */
    public static Shutter per(double perSecond) {
        return new Shutter(1 / perSecond);
    }

    /** Exactly so many degrees of a frame's time, for bodies that name angles. */
    public static Shutter angle(FrameRate capture, double degrees) {
        return new Shutter(degrees / 360 / capture.perSecond());
    }

    /**
     * The third-stop mark nearest, in stops, to so many degrees of a frame's time, never longer than the frame itself.
     *
     * @throws IllegalArgumentException when no mark is short enough for the rate
     */
    public static Shutter nearestMark(FrameRate capture, double degrees) {
        double wanted = capture.perSecond() * 360 / degrees;
        return STILLS_MARKS.stream()
                .filter(mark -> mark >= capture.perSecond())
                .min(Comparator.comparingDouble(mark -> Math.abs(Math.log(mark / wanted))))
                .map(Shutter::per)
                .orElseThrow(() -> new IllegalArgumentException(
                        "No shutter mark is short enough for %s frames a second.".formatted(capture.label())));
    }

    /** The part of a frame's time in degrees: 180 for half of it. */
    public double angleDeg(FrameRate capture) {
        return 360 * seconds * capture.perSecond();
    }

    /**
     * 360·t·b/|p|: how much of a timeline frame's movement smears when it is shown.
     *
     * @param timeline b
     * @param playback p
     */
    public double shownDeg(FrameRate timeline, Playback playback) {
        return 360 * seconds * timeline.perSecond() / Math.abs(playback.speed());
    }

    /** The number under the line. */
    public double perSecond() {
        return 1 / seconds;
    }

    /** "1/50", or a decimal number under the line where it is no whole one. */
    @Override
    public String toString() {
        double under = Math.round(perSecond() * 10) / 10.0;
        return "1/"
                + (under == Math.rint(under) ? Long.toString((long) under) : String.format(Locale.ROOT, "%.1f", under));
    }
}
