package upshot.core.shot;

import java.util.List;
import java.util.stream.Stream;
import upshot.core.plan.ShutterScale;
import upshot.core.time.Shutter;

/** The settings that a camera has: its third stops, as they are written on it. */
final class Marks {

    /** Sensitivities, 25 to 1 024 000. */
    static final List<Double> ISO = Stream.iterate(1, decade -> decade < 100_000, decade -> 10 * decade)
            .flatMap(decade -> Stream.of(25.0, 32.0, 40.0, 50.0, 64.0, 80.0, 100.0, 125.0, 160.0, 200.0)
                    .map(one -> one * decade))
            .toList();

    /** Apertures, 0.7 to 45. */
    static final List<Double> APERTURE = List.of(
            0.7, 0.8, 0.9, 1.0, 1.1, 1.2, 1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1,
            8.0, 9.0, 10.0, 11.0, 13.0, 14.0, 16.0, 18.0, 20.0, 22.0, 25.0, 29.0, 32.0, 36.0, 40.0, 45.0);

    private static final List<Double> ANGLES =
            List.of(11.25, 22.5, 45.0, 72.0, 90.0, 120.0, 144.0, 172.8, 180.0, 216.0, 270.0, 288.0, 360.0);

    private Marks() {}

    /**
     * Shutters as numbers under the line.
     *
     * @param perSecond the capture rate, which an angle belongs to
     */
    static List<Double> shutter(ShutterScale scale, double perSecond) {
        return scale == ShutterScale.ANGLES
                ? ANGLES.stream().map(angle -> perSecond * 360 / angle).toList()
                : Shutter.STILLS_MARKS.stream().map(Integer::doubleValue).toList();
    }
}
