package upshot.core.ground;

import java.util.List;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Spot;

/**
 * A floor seen from above, in metres across and deep. A bearing is turned clockwise from the direction in which the spot
 * goes deep; its edges belong to it.
 */
public final class Floor {

    private static final double ROUNDING = 1e-9;

    private Floor() {}

    /** The spot's own shape, or its rectangle. */
    public static List<Corner> of(Spot spot) {
        return spot.outline().corners().isEmpty()
                ? List.of(
                        new Corner(0, 0),
                        new Corner(spot.widthM(), 0),
                        new Corner(spot.widthM(), spot.depthM()),
                        new Corner(0, spot.depthM()))
                : spot.outline().corners();
    }

    /** The point so far away on a bearing. */
    static Corner from(Corner point, double bearingDeg, double metres) {
        return new Corner(
                point.acrossM() + metres * Degrees.sin(bearingDeg), point.deepM() + metres * Degrees.cos(bearingDeg));
    }

    /** Whether a point lies inside a ring of corners; its edge is still outside. */
    static boolean isInside(List<Corner> corners, Corner point) {
        boolean inside = false;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            if (onEdge(a, b, point)) {
                return false;
            }
            boolean passes = a.deepM() > point.deepM() != b.deepM() > point.deepM();
            double crossing =
                    a.acrossM() + (point.deepM() - a.deepM()) / (b.deepM() - a.deepM()) * (b.acrossM() - a.acrossM());
            if (passes && point.acrossM() < crossing) {
                inside = !inside;
            }
        }
        return inside;
    }

    private static boolean onEdge(Corner a, Corner b, Corner point) {
        double along = Math.hypot(b.acrossM() - a.acrossM(), b.deepM() - a.deepM());
        double one = Math.hypot(point.acrossM() - a.acrossM(), point.deepM() - a.deepM());
        double other = Math.hypot(point.acrossM() - b.acrossM(), point.deepM() - b.deepM());
        return one + other - along < ROUNDING;
    }

    /** How far one can go from a point on a bearing until the first wall; infinite where there is none ahead. */
    public static double toWallM(List<Corner> floor, Corner point, double bearingDeg) {
        double dx = Degrees.sin(bearingDeg);
        double dy = Degrees.cos(bearingDeg);
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < floor.size(); i++) {
            Corner a = floor.get(i);
            Corner b = floor.get((i + 1) % floor.size());
            double ex = b.acrossM() - a.acrossM();
            double ey = b.deepM() - a.deepM();
            double cross = dx * ey - dy * ex;
            double ax = a.acrossM() - point.acrossM();
            double ay = a.deepM() - point.deepM();
            // Where the ray meets the wall, and where along the wall that is.
            double along = (ax * ey - ay * ex) / cross;
            double share = (ax * dy - ay * dx) / cross;
            if (Math.abs(cross) > ROUNDING && along > -ROUNDING && share > -ROUNDING && share < 1 + ROUNDING) {
                nearest = Math.min(nearest, Math.max(0, along));
            }
        }
        return nearest;
    }
}
