package upshot.core.light;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Stretch;

/**
 * Daylight through the windows of a room at a point of it. It is as bright as the part of all directions that the windows
 * take up (their solid angle), as long as the sky outside is even; where the sun shines in, this says nothing.
 *
 * @param steradians of all windows together
 * @param towardsDeg where the largest of them is, clockwise from the direction in which the spot goes deep
 */
public record WindowLight(double steradians, double towardsDeg) {

    private record Seen(double steradians, double towardsDeg) {}

    /**
     * Empty where no window is drawn.
     *
     * @param heightM of the point above the floor
     */
    public static Optional<WindowLight> at(FloorPlan plan, Corner point, double heightM) {
        List<Seen> seen = plan.stretches().stream()
                .filter(one -> one.what() == Stretch.Kind.WINDOW)
                .map(one -> seen(one, point, heightM))
                .toList();
        return seen.stream()
                .max(Comparator.comparingDouble(Seen::steradians))
                .filter(largest -> largest.steradians > 0)
                .map(largest -> new WindowLight(
                        seen.stream().mapToDouble(Seen::steradians).sum(), largest.towardsDeg));
    }

    private static Seen seen(Stretch window, Corner point, double heightM) {
        Corner middle = new Corner(
                (window.fromAcrossM() + window.toAcrossM()) / 2, (window.fromDeepM() + window.toDeepM()) / 2);
        double[] lowFrom = towards(window.fromAcrossM(), window.fromDeepM(), window.sillM(), point, heightM);
        double[] lowTo = towards(window.toAcrossM(), window.toDeepM(), window.sillM(), point, heightM);
        double[] highFrom = towards(window.fromAcrossM(), window.fromDeepM(), window.headM(), point, heightM);
        double[] highTo = towards(window.toAcrossM(), window.toDeepM(), window.headM(), point, heightM);
        return new Seen(
                steradians(lowFrom, lowTo, highTo) + steradians(lowFrom, highTo, highFrom),
                Place.bearingDeg(point, middle));
    }

    private static double[] towards(double acrossM, double deepM, double upM, Corner point, double heightM) {
        return new double[] {acrossM - point.acrossM(), deepM - point.deepM(), upM - heightM};
    }

    /** Of a triangle seen from the origin: tan(Ω/2) = |a·(b×c)| / (abc + (a·b)c + (a·c)b + (b·c)a), by Van Oosterom and Strackee. */
    private static double steradians(double[] a, double[] b, double[] c) {
        double volume = a[0] * (b[1] * c[2] - b[2] * c[1])
                + a[1] * (b[2] * c[0] - b[0] * c[2])
                + a[2] * (b[0] * c[1] - b[1] * c[0]);
        double below = length(a) * length(b) * length(c)
                + dot(a, b) * length(c)
                + dot(a, c) * length(b)
                + dot(b, c) * length(a);
        return 2 * Math.atan2(Math.abs(volume), below);
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double length(double[] a) {
        return Math.sqrt(dot(a, a));
    }

    /** How many stops brighter it is here than there; below 0 where it is darker. */
    public double stopsOver(WindowLight other) {
        return Math.log(steradians / other.steradians) / Math.log(2);
    }

    /**
     * From which side it lights what a camera shows.
     *
     * @param cameraDeg where the camera stands round the subject, clockwise from the direction in which the spot goes deep
     */
    public SunOnView.From from(double cameraDeg) {
        double off = Degrees.wrap(towardsDeg - cameraDeg - 180);
        double fromView = Math.min(off, 360 - off);
        return fromView <= SunOnView.BACK_WITHIN_DEG
                ? SunOnView.From.BEHIND
                : fromView <= SunOnView.SIDE_WITHIN_DEG ? SunOnView.From.SIDE : SunOnView.From.FRONT;
    }
}
