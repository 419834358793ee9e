package upshot.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import upshot.core.measure.Degrees;

/**
 * A neutral stage round the subject, fixed in the world, so that two bearings show two backgrounds. Outdoors there are
 * houses, indoors a wall with cupboards; how far away they stand is the spot's own figure.
 */
final class Scenery {

    /** Direction round the subject in degrees, then width, depth and height in metres, turn in degrees. */
    private static final double[][] HOUSES = {
        {12, 5, 4, 3.4, 8}, {62, 3, 3, 5.2, -10}, {108, 7, 3, 2.6, 4}, {158, 3, 3, 4.4, 20},
        {200, 6, 4, 3.0, -14}, {246, 3.5, 3, 5.6, 6}, {292, 6, 3, 2.8, -6}, {334, 2.5, 3, 4.6, 12}
    };

    private static final double[][] CUPBOARDS = {
        {18, 1.6, 0.5, 1.9, 0}, {66, 0.9, 0.4, 1.1, 0}, {112, 1.8, 0.5, 2.1, 0}, {164, 1.1, 0.4, 0.9, 0},
        {206, 0.8, 0.5, 2.0, 0}, {250, 2.0, 0.5, 0.9, 0}, {298, 1.0, 0.4, 1.8, 0}, {342, 1.5, 0.5, 1.2, 0}
    };

    private final boolean outdoors;
    private final double backdropM;
    private final double beyond;

    /**
     * @param beyond how far sky and ground reach past the frame, in its heights: a tilted frame shows their corners
     */
    Scenery(boolean outdoors, double backdropM, double beyond) {
        this.outdoors = outdoors;
        this.backdropM = backdropM;
        this.beyond = beyond;
    }

    /** Sky or wall, ground, and what stands on it, far things first. */
    List<Shape> draw(Pinhole camera, double aspect, double subjectDepthM) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(panel(outdoors ? Shape.Role.SKY : Shape.Role.WALL, aspect, -beyond, 1 + beyond));
        double groundFrom = groundV(camera);
        if (groundFrom < 1 + beyond) {
            shapes.add(panel(Shape.Role.GROUND, aspect, Math.max(-beyond, groundFrom), 1 + beyond));
        }
        blocks().stream()
                .filter(block -> camera.depthM(block.foot) > subjectDepthM * 1.1 + 0.3)
                .sorted(Comparator.comparingDouble((Block block) -> -camera.depthM(block.foot)))
                .forEach(block -> shapes.addAll(block.draw(camera)));
        return shapes;
    }

    /** The upper edge of the ground: the horizon outdoors, the foot of the wall indoors. */
    private double groundV(Pinhole camera) {
        if (outdoors) {
            return camera.horizonV().orElse(0);
        }
        Point3 footOfWall = camera.behind(backdropM);
        return camera.sees(footOfWall) ? camera.project(footOfWall).v() : 0;
    }

    private List<Block> blocks() {
        double[][] layout = outdoors ? HOUSES : CUPBOARDS;
        List<Block> blocks = new ArrayList<>();
        for (double[] row : layout) {
            double distance = backdropM + (outdoors ? row[2] : 0);
            Point3 foot = new Point3(Degrees.sin(row[0]), Degrees.cos(row[0]), 0).times(distance);
            blocks.add(new Block(foot, row[1], row[2], row[3], row[0] + row[4]));
        }
        return blocks;
    }

    private Shape panel(Shape.Role role, double aspect, double from, double to) {
        return new Shape.Area(
                role,
                List.of(
                        new FramePoint(-beyond, from),
                        new FramePoint(aspect + beyond, from),
                        new FramePoint(aspect + beyond, to),
                        new FramePoint(-beyond, to)));
    }

    private record Block(Point3 foot, double widthM, double depthM, double heightM, double turnedDeg) {
        List<Shape> draw(Pinhole camera) {
            return Solids.box(
                    camera, foot, widthM, depthM, heightM, turnedDeg, Shape.Role.SCENERY, Shape.Role.SCENERY_LIT);
        }
    }
}
