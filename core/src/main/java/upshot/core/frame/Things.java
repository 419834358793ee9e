package upshot.core.frame;

import java.util.ArrayList;
import java.util.List;
import upshot.core.size.Form;

/** Draws what is no person, by its form. */
final class Things {

    private static final double STREAM_SHARE = 0.16;

    private Things() {}

    /**
     * @param foot where it stands
     * @param widthM across its facing
     * @param lengthM along its facing
     */
    static List<Shape> draw(Pinhole camera, Form form, Point3 foot, double widthM, double lengthM, double heightM) {
        return switch (form) {
            case ROUND -> Solids.vessel(camera, foot, widthM, heightM);
            case TALL -> Solids.bottle(camera, foot, widthM, heightM);
            case BOX, FLAT -> box(camera, foot, widthM, lengthM, heightM);
            case WHEEL -> Cycle.wheel(camera, foot, heightM);
            case BICYCLE -> Cycle.bicycle(camera, foot);
            case VEHICLE -> new Vehicle(camera, foot, widthM, lengthM, heightM).draw();
            case LIQUID -> poured(camera, foot, widthM, heightM);
            case BUILDING -> new Building(widthM, lengthM, heightM).draw(camera);
        };
    }

    private static List<Shape> box(Pinhole camera, Point3 foot, double widthM, double lengthM, double heightM) {
        return Solids.box(camera, foot, widthM, lengthM, heightM, 0, Shape.Role.OBJECT, Shape.Role.OBJECT_LIT);
    }

    /** A stream that falls into the mouth of a vessel. */
    private static List<Shape> poured(Pinhole camera, Point3 foot, double widthM, double heightM) {
        List<Shape> shapes = new ArrayList<>(Solids.vessel(camera, foot, widthM, heightM));
        Point3 mouth = foot.plus(new Point3(0, 0, heightM));
        Point3 source = foot.plus(new Point3(0, 0, heightM * 2.6));
        if (camera.sees(mouth) && camera.sees(source)) {
            shapes.add(new Shape.Stroke(
                    Shape.Role.OBJECT_LIT,
                    camera.project(source),
                    camera.project(mouth),
                    STREAM_SHARE * widthM * camera.scaleAt(mouth)));
        }
        return shapes;
    }
}
