package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;

/**
 * Wheels and what is built on them, standing in the plane of travel: a wheel alone, or a cargo bicycle with its box in
 * front of the rider. Everything in metres, the bicycle's middle over the foot point.
 */
final class Cycle {

    private static final int SPOKES = 20;
    private static final double TYRE_M = 0.05;
    private static final double TUBE_M = 0.045;
    private static final double WHEEL_M = 0.33;
    private static final double FRONT_WHEEL_M = 0.25;
    private static final double REAR_Y = -0.50;
    private static final double FRONT_Y = 1.35;

    private final Pinhole camera;
    private final Point3 foot;
    private final List<Shape> shapes = new ArrayList<>();

    private Cycle(Pinhole camera, Point3 foot) {
        this.camera = camera;
        this.foot = foot;
    }

    /** A wheel on its own, so high. */
    static List<Shape> wheel(Pinhole camera, Point3 foot, double heightM) {
        Cycle drawing = new Cycle(camera, foot);
        drawing.wheel(0, heightM / 2, heightM / 2);
        return drawing.shapes;
    }

    /** A cargo bicycle without its rider. */
    static List<Shape> bicycle(Pinhole camera, Point3 foot) {
        Cycle drawing = new Cycle(camera, foot);
        drawing.wheel(REAR_Y, WHEEL_M, WHEEL_M);
        drawing.wheel(FRONT_Y, FRONT_WHEEL_M, FRONT_WHEEL_M);
        drawing.tube(REAR_Y, WHEEL_M, -0.12, 0.30);
        drawing.tube(-0.12, 0.30, -0.22, 0.88);
        drawing.tube(-0.20, 0.75, 0.38, 0.62);
        drawing.tube(-0.12, 0.30, 0.38, 0.62);
        drawing.tube(0.38, 0.62, 0.36, 1.05);
        drawing.tube(0.38, 0.50, FRONT_Y, FRONT_WHEEL_M);
        drawing.tube(-0.30, 0.90, -0.12, 0.90);
        drawing.shapes.addAll(Solids.box(
                camera,
                foot.plus(new Point3(0, 0.80, 0.28)),
                0.50,
                0.62,
                0.42,
                0,
                Shape.Role.OBJECT,
                Shape.Role.OBJECT_LIT));
        return drawing.shapes;
    }

    private Point3 at(double y, double z) {
        return foot.plus(new Point3(0, y, z));
    }

    private void wheel(double y, double axleM, double radiusM) {
        Point3 before = at(y, axleM + radiusM);
        for (int i = 1; i <= SPOKES; i++) {
            double angle = 2 * Math.PI * i / SPOKES;
            Point3 next = at(y + radiusM * Math.sin(angle), axleM + radiusM * Math.cos(angle));
            stroke(before, next, Math.max(TYRE_M, radiusM * 0.12));
            before = next;
        }
        for (int i = 0; i < 3; i++) {
            double angle = Math.PI * i / 3;
            double across = radiusM * Math.sin(angle);
            double up = radiusM * Math.cos(angle);
            stroke(at(y - across, axleM - up), at(y + across, axleM + up), TYRE_M * 0.2);
        }
    }

    private void tube(double fromY, double fromZ, double toY, double toZ) {
        stroke(at(fromY, fromZ), at(toY, toZ), TUBE_M);
    }

    private void stroke(Point3 from, Point3 to, double widthM) {
        if (camera.sees(from) && camera.sees(to)) {
            shapes.add(new Shape.Stroke(
                    Shape.Role.OBJECT, camera.project(from), camera.project(to), widthM * camera.scaleAt(from)));
        }
    }
}
