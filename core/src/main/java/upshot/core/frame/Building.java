package upshot.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A house as large as a subject's own measures: four walls under a ridged roof, with windows and, on the side it faces,
 * a door and a sign at the middle of the wall.
 */
final class Building {

    private static final double EAVES = 0.68;

    private final double halfWidth;
    private final double halfLength;
    private final double height;

    Building(double widthM, double lengthM, double heightM) {
        this.halfWidth = widthM / 2;
        this.halfLength = lengthM / 2;
        this.height = heightM;
    }

    /** The walls and roof faces turned to the camera, far ones first. */
    List<Shape> draw(Pinhole camera) {
        List<Shape> shapes = new ArrayList<>();
        List<Face> faces = new ArrayList<>(walls());
        faces.addAll(roof());
        faces.stream()
                .filter(face -> camera.seesAll(face.corners))
                .filter(face -> face.turnedTo(camera))
                .sorted(Comparator.comparingDouble((Face face) -> -camera.depthM(face.middle())))
                .forEach(face -> {
                    shapes.add(face.draw(camera));
                    openings(face).forEach(opening -> shapes.add(opening.draw(camera)));
                });
        return shapes;
    }

    private List<Face> walls() {
        double top = EAVES * height;
        List<Face> walls = new ArrayList<>();
        double[][] corners = {
            {halfWidth, halfLength}, {-halfWidth, halfLength}, {-halfWidth, -halfLength}, {halfWidth, -halfLength}
        };
        for (int i = 0; i < 4; i++) {
            double[] a = corners[i];
            double[] b = corners[(i + 1) % 4];
            walls.add(new Face(
                    i % 2 == 0 ? Shape.Role.BUILDING_LIT : Shape.Role.BUILDING,
                    i == 0,
                    List.of(
                            new Point3(a[0], a[1], 0),
                            new Point3(b[0], b[1], 0),
                            new Point3(b[0], b[1], top),
                            new Point3(a[0], a[1], top))));
        }
        return walls;
    }

    /** The ridge runs across the house's facing, so that a slope looks to the front and one to the back. */
    private List<Face> roof() {
        double eaves = EAVES * height;
        Point3 left = new Point3(-halfWidth, 0, height);
        Point3 right = new Point3(halfWidth, 0, height);
        Point3 frontRight = new Point3(halfWidth, halfLength, eaves);
        Point3 frontLeft = new Point3(-halfWidth, halfLength, eaves);
        Point3 backRight = new Point3(halfWidth, -halfLength, eaves);
        Point3 backLeft = new Point3(-halfWidth, -halfLength, eaves);
        return List.of(
                new Face(Shape.Role.ROOF, false, List.of(frontRight, frontLeft, left, right)),
                new Face(Shape.Role.ROOF, false, List.of(backLeft, backRight, right, left)),
                new Face(Shape.Role.BUILDING, false, List.of(backRight, frontRight, right)),
                new Face(Shape.Role.BUILDING, false, List.of(frontLeft, backLeft, left)));
    }

    /** Windows in every wall; door and sign in the front. */
    private List<Face> openings(Face wall) {
        if (wall.corners.size() < 4 || wall.role == Shape.Role.ROOF) {
            return List.of();
        }
        List<Face> openings = new ArrayList<>();
        openings.add(wall.part(Shape.Role.WINDOW, 0.12, 0.3, 0.4, 0.78));
        openings.add(wall.part(Shape.Role.WINDOW, 0.7, 0.88, 0.4, 0.78));
        if (wall.front) {
            openings.add(wall.part(Shape.Role.DOOR, 0.43, 0.57, 0, 0.62));
            openings.add(wall.part(Shape.Role.OBJECT, 0.38, 0.62, 0.67, 0.86));
            openings.add(wall.part(Shape.Role.OBJECT_LIT, 0.41, 0.59, 0.75, 0.78));
        }
        return openings;
    }

    /** A flat part of the house, its corners anticlockwise seen from outside. */
    private record Face(Shape.Role role, boolean front, List<Point3> corners) {

        Point3 middle() {
            return corners.stream().reduce(new Point3(0, 0, 0), Point3::plus).times(1.0 / corners.size());
        }

        boolean turnedTo(Pinhole camera) {
            Point3 across = corners.get(1).minus(corners.get(0));
            Point3 upwards = corners.get(2).minus(corners.get(1));
            return camera.isInFrontOf(middle(), across.cross(upwards));
        }

        /** A part of a wall, from shares along it and up it. */
        Face part(Shape.Role partRole, double from, double to, double low, double high) {
            return new Face(partRole, false, List.of(at(from, low), at(to, low), at(to, high), at(from, high)));
        }

        private Point3 at(double along, double up) {
            Point3 foot = corners.get(0).towards(corners.get(1), along);
            Point3 head = corners.get(3).towards(corners.get(2), along);
            return foot.towards(head, up);
        }

        Shape draw(Pinhole camera) {
            return new Shape.Area(role, corners.stream().map(camera::project).toList());
        }
    }
}
