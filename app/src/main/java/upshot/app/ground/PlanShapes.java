package upshot.app.ground;

import java.util.List;

/** The shapes that the drawing of a plan is made of, in centimetres: across to the right, deep upwards. */
final class PlanShapes {

    private PlanShapes() {}

    /**
     * All of it.
     *
     * @param box of the view
     * @param letters how high letters are
     * @param bar a metre in the drawing, and what it says
     */
    record Drawing(
            String box,
            double letters,
            List<LineShape> grid,
            String floor,
            List<LineShape> walls,
            List<String> shadows,
            List<ThingShape> things,
            List<LineShape> stretches,
            List<ActionShape> actions,
            List<StandShape> stands,
            List<HandleShape> corners,
            SunShape sun,
            NorthShape north,
            LineShape bar) {}

    record LineShape(double x1, double y1, double x2, double y2, String kind, String label) {}

    /** @param ofStory its id, empty for what was written down before there were plans */
    record ThingShape(
            String id, String points, String kind, String name, double x, double y, double firstX, double firstY) {}

    /** @param way its path, may be empty */
    record ActionShape(
            String id,
            String name,
            double x,
            double y,
            String way,
            String line,
            String arrow,
            boolean chosen,
            boolean inShade) {}

    /**
     * A camera.
     *
     * @param turnDeg how far its picture is turned, which looks up
     * @param spoken all of it in a sentence
     */
    record StandShape(
            String id,
            String actionId,
            String code,
            double x,
            double y,
            double turnDeg,
            String wedge,
            String status,
            boolean chosen,
            String spoken) {}

    record HandleShape(String id, String kind, double x, double y, String label) {}

    record SunShape(double x, double y, String rays, String words) {}

    record NorthShape(double x, double y, double turnDeg) {}
}
