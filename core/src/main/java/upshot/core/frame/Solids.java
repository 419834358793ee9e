package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import upshot.core.measure.Degrees;

/** Boxes and round vessels as outlines with a lit top. */
final class Solids {

    private Solids() {}

    /** The turned profile of a pot: share of the height, then share of the widest radius. */
    private static final double[][] PROFILE = {
        {0, 0.55}, {0.12, 0.72}, {0.3, 0.92}, {0.5, 1}, {0.68, 0.96}, {0.84, 0.82}, {0.93, 0.74}, {1, 0.78}
    };

    /** Straight sides with a neck: bottles, jugs, lamps. */
    private static final double[][] TALL_PROFILE = {
        {0, 0.9}, {0.04, 1}, {0.55, 1}, {0.68, 0.85}, {0.78, 0.45}, {0.96, 0.4}, {1, 0.46}
    };

    /** A vessel standing on a point, with a lit mouth. */
    static List<Shape> vessel(Pinhole camera, Point3 foot, double widthM, double heightM) {
        return turned(camera, foot, widthM, heightM, PROFILE);
    }

    /** Something tall and narrow, with a lit mouth. */
    static List<Shape> bottle(Pinhole camera, Point3 foot, double widthM, double heightM) {
        return turned(camera, foot, widthM, heightM, TALL_PROFILE);
    }

    private static List<Shape> turned(Pinhole camera, Point3 foot, double widthM, double heightM, double[][] profile) {
        List<List<Point3>> rings = new ArrayList<>();
        for (double[] ring : profile) {
            rings.add(Hull.levelCircle(foot.plus(new Point3(0, 0, ring[0] * heightM)), ring[1] * widthM / 2));
        }
        if (!rings.stream().allMatch(camera::seesAll)) {
            return List.of();
        }
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i + 1 < rings.size(); i++) {
            List<Point3> band = new ArrayList<>(rings.get(i));
            band.addAll(rings.get(i + 1));
            shapes.add(outline(camera, Shape.Role.OBJECT, band));
        }
        shapes.add(outline(camera, Shape.Role.OBJECT_LIT, rings.get(rings.size() - 1)));
        return shapes;
    }

    /**
     * An upright box.
     *
     * @param turnedDeg clockwise from above
     * @param body the role of its sides
     * @param lid the role of its top
     */
    static List<Shape> box(
            Pinhole camera,
            Point3 foot,
            double widthM,
            double depthM,
            double heightM,
            double turnedDeg,
            Shape.Role body,
            Shape.Role lid) {
        List<Point3> floor = new ArrayList<>();
        for (double[] corner : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
            double x = corner[0] * widthM / 2;
            double y = corner[1] * depthM / 2;
            floor.add(foot.plus(new Point3(
                    x * Degrees.cos(turnedDeg) + y * Degrees.sin(turnedDeg),
                    -x * Degrees.sin(turnedDeg) + y * Degrees.cos(turnedDeg),
                    0)));
        }
        List<Point3> top = floor.stream()
                .map(corner -> corner.plus(new Point3(0, 0, heightM)))
                .toList();
        List<Point3> all = new ArrayList<>(floor);
        all.addAll(top);
        if (!camera.seesAll(all)) {
            return List.of();
        }
        List<Shape> shapes = new ArrayList<>();
        shapes.add(outline(camera, body, all));
        shapes.addAll(litSide(camera, floor, top, lid));
        return shapes;
    }

    /** The side that faces most to the camera's left catches the light; from above the top does. */
    private static List<Shape> litSide(Pinhole camera, List<Point3> floor, List<Point3> top, Shape.Role role) {
        List<FramePoint> lid = top.stream().map(camera::project).toList();
        if (turnsClockwise(lid)) {
            return List.of(new Shape.Area(role, lid));
        }
        for (int i = 0; i < 4; i++) {
            int next = (i + 1) % 4;
            List<FramePoint> side = List.of(
                    camera.project(floor.get(i)),
                    camera.project(floor.get(next)),
                    camera.project(top.get(next)),
                    camera.project(top.get(i)));
            boolean visible = camera.depthM(floor.get(i)) <= camera.depthM(floor.get((i + 3) % 4))
                    && camera.depthM(floor.get(next)) <= camera.depthM(floor.get((i + 2) % 4));
            if (visible && side.get(0).u() != side.get(1).u()) {
                return List.of(new Shape.Area(role, side));
            }
        }
        return List.of();
    }

    private static boolean turnsClockwise(List<FramePoint> corners) {
        double doubledArea = 0;
        for (int i = 0; i < corners.size(); i++) {
            FramePoint one = corners.get(i);
            FramePoint next = corners.get((i + 1) % corners.size());
            doubledArea += one.u() * next.v() - next.u() * one.v();
        }
        // Corners run anticlockwise from above, which reads clockwise in v-down units when the top is turned away.
        return doubledArea < 0;
    }

    static Shape outline(Pinhole camera, Shape.Role role, List<Point3> points) {
        return new Shape.Area(role, Hull.of(points.stream().map(camera::project).toList()));
    }
}
