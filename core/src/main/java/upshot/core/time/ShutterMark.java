package upshot.core.time;

import java.util.List;
import java.util.stream.IntStream;
import upshot.core.measure.FrameRate;

/**
 * A shutter time as a body engraves it: one by so many of a second.
 *
 * @param perSecond the number under the line, 1 or more
 */
public record ShutterMark(int perSecond) {

    /** The third-stop marks of a stills body, from 1/15 to 1/8000. */
    public static final List<ShutterMark> STILLS_BODY = IntStream.of(
                    15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600,
                    2000, 2500, 3200, 4000, 5000, 6400, 8000)
            .mapToObj(ShutterMark::new)
            .toList();

    private static final double SHUTTER_ANGLE_DEG = 180;

    /**
     * The mark nearest, in stops, to half of each frame's time (180°), never longer than the frame itself.
     *
     * @param marks shortest number first or in any order, at least one of them short enough for the rate
     */
    public static ShutterMark halfOpen(FrameRate capture, List<ShutterMark> marks) {
        double wanted = capture.perSecond() * 360 / SHUTTER_ANGLE_DEG;
        return marks.stream()
                .filter(mark -> mark.perSecond >= capture.perSecond())
                .min((one, other) -> Double.compare(one.stopsFrom(wanted), other.stopsFrom(wanted)))
                .orElseThrow(() -> new IllegalArgumentException(
                        "No shutter mark is short enough for %s frames a second.".formatted(capture.label())));
    }

    private double stopsFrom(double wantedPerSecond) {
        return Math.abs(Math.log(perSecond / wantedPerSecond) / Math.log(2));
    }

    @Override
    public String toString() {
        return "1/" + perSecond;
    }
}
