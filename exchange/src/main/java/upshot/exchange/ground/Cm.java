package upshot.exchange.ground;

import java.util.List;
import java.util.stream.Collectors;
import upshot.core.ground.Place;
import upshot.core.plan.Outline.Corner;
import upshot.exchange.ground.PlanShapes.LineShape;

/** From metres on a floor to centimetres in a drawing: across to the right, deep upwards, to a millimetre. */
final class Cm {

    private static final double PER_METRE = 100;
    private static final double TENTHS = 10;

    private Cm() {}

    static double of(double metres) {
        return Math.rint(metres * PER_METRE * TENTHS) / TENTHS;
    }

    static double x(Corner point) {
        return of(point.acrossM());
    }

    static double y(Corner point) {
        return of(-point.deepM()) + 0.0;
    }

    static String number(double cm) {
        long tenths = Math.round(cm * TENTHS);
        long size = Math.abs(tenths);
        return (tenths < 0 ? "-" : "") + size / 10 + "." + size % 10;
    }

    static String points(List<Corner> corners) {
        return corners.stream()
                .map(one -> number(x(one)) + "," + number(y(one)))
                .collect(Collectors.joining(" "));
    }

    static LineShape line(Corner from, Corner to, String kind, String more) {
        return new LineShape(x(from), y(from), x(to), y(to), kind, more);
    }

    /** The point so far away, clockwise from the direction in which the spot goes deep. */
    static Corner from(Corner point, double bearingDeg, double metres) {
        return new Place(point, 0).camera(bearingDeg, metres);
    }
}
