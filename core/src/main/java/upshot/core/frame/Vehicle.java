package upshot.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A car, van or bus seen as what it is: a body on four wheels with a cabin on it, a little behind the middle. */
final class Vehicle {

    private static final double SILL = 0.2;
    private static final double WAIST = 0.6;
    private static final double CABIN_LONG = 0.55;
    private static final double CABIN_WIDE = 0.86;
    private static final double CABIN_BACK = 0.07;
    private static final double WHEEL_HIGH = 0.42;
    private static final double AXLE_AT = 0.32;
    private static final int CORNERS = 20;

    private final Pinhole camera;
    private final Point3 foot;
    private final double widthM;
    private final double lengthM;
    private final double heightM;

    Vehicle(Pinhole camera, Point3 foot, double widthM, double lengthM, double heightM) {
        this.camera = camera;
        this.foot = foot;
        this.widthM = widthM;
        this.lengthM = lengthM;
        this.heightM = heightM;
    }

    List<Shape> draw() {
        List<Shape> shapes = new ArrayList<>();
        List<Point3> wheels = Stream.of(-1, 1)
                .flatMap(side -> Stream.of(-1, 1).map(end -> new Point3(side * widthM / 2, end * AXLE_AT * lengthM, 0)))
                .sorted(Comparator.comparingDouble((Point3 wheel) -> -camera.depthM(foot.plus(wheel))))
                .toList();
        wheels.subList(0, 2).forEach(wheel -> wheel(wheel, shapes));
        shapes.addAll(box(new Point3(0, 0, SILL * heightM), widthM, lengthM, (WAIST - SILL) * heightM));
        shapes.addAll(box(
                new Point3(0, -CABIN_BACK * lengthM, WAIST * heightM),
                CABIN_WIDE * widthM,
                CABIN_LONG * lengthM,
                (1 - WAIST) * heightM));
        wheels.subList(2, wheels.size()).forEach(wheel -> wheel(wheel, shapes));
        return shapes;
    }

    private List<Shape> box(Point3 from, double wideM, double longM, double highM) {
        return Solids.box(camera, foot.plus(from), wideM, longM, highM, 0, Shape.Role.OBJECT, Shape.Role.OBJECT_LIT);
    }

    private void wheel(Point3 at, List<Shape> shapes) {
        double radius = WHEEL_HIGH * heightM / 2;
        List<Point3> rim = new ArrayList<>();
        for (int i = 0; i < CORNERS; i++) {
            double angle = 2 * Math.PI * i / CORNERS;
            rim.add(foot.plus(at).plus(new Point3(0, radius * Math.sin(angle), radius * (1 + Math.cos(angle)))));
        }
        if (camera.seesAll(rim)) {
            shapes.add(new Shape.Area(
                    Shape.Role.PERSON, rim.stream().map(camera::project).toList()));
        }
    }
}
