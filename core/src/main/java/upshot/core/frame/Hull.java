package upshot.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Outlines of projected solids: the convex hull by the monotone chain (Andrew 1979). */
final class Hull {

    private static final int CIRCLE_POINTS = 20;

    private Hull() {}

    static List<FramePoint> of(List<FramePoint> points) {
        List<FramePoint> sorted = points.stream()
                .distinct()
                .sorted(Comparator.comparingDouble(FramePoint::u).thenComparingDouble(FramePoint::v))
                .toList();
        if (sorted.size() < 3) {
            return sorted;
        }
        List<FramePoint> hull = new ArrayList<>(chain(sorted));
        hull.addAll(chain(sorted.stream()
                .sorted(Comparator.comparingDouble(FramePoint::u)
                        .thenComparingDouble(FramePoint::v)
                        .reversed())
                .toList()));
        return hull;
    }

    /** Half of the hull, without its last point. */
    private static List<FramePoint> chain(List<FramePoint> sorted) {
        List<FramePoint> half = new ArrayList<>();
        for (FramePoint point : sorted) {
            while (half.size() >= 2 && turn(half.get(half.size() - 2), half.get(half.size() - 1), point) <= 0) {
                half.remove(half.size() - 1);
            }
            half.add(point);
        }
        half.remove(half.size() - 1);
        return half;
    }

    private static double turn(FramePoint a, FramePoint b, FramePoint c) {
        return (b.u() - a.u()) * (c.v() - a.v()) - (b.v() - a.v()) * (c.u() - a.u());
    }

    /** Points round a circle in the frame. */
    static List<FramePoint> circle(FramePoint centre, double radius) {
        List<FramePoint> points = new ArrayList<>();
        for (int i = 0; i < CIRCLE_POINTS; i++) {
            double angle = 2 * Math.PI * i / CIRCLE_POINTS;
            points.add(new FramePoint(centre.u() + radius * Math.cos(angle), centre.v() + radius * Math.sin(angle)));
        }
        return points;
    }

    /** Points round a level circle in the world. */
    static List<Point3> levelCircle(Point3 centre, double radius) {
        List<Point3> points = new ArrayList<>();
        for (int i = 0; i < CIRCLE_POINTS; i++) {
            double angle = 2 * Math.PI * i / CIRCLE_POINTS;
            points.add(centre.plus(new Point3(radius * Math.cos(angle), radius * Math.sin(angle), 0)));
        }
        return points;
    }
}
