package upshot.exchange.ground;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The shapes that the drawing of a plan is made of, in centimetres: across to the right, deep upwards. */
public final class PlanShapes {

    private PlanShapes() {}

    /** What is drawn, from its upper left corner. */
    public record Box(double left, double top, double wide, double high) {

        boolean holds(double x, double y) {
            return x >= left && x <= left + wide && y >= top && y <= top + high;
        }

        String view() {
            return "%s %s %s %s".formatted(Cm.number(left), Cm.number(top), Cm.number(wide), Cm.number(high));
        }
    }

    /**
     * All of it.
     *
     * @param letters how high letters are
     * @param kept the side of the chosen action's line that is kept, empty for none
     * @param sun null while it is down or unknown
     * @param north null while it is unknown
     * @param bar as long as a square, and what it says
     */
    public record Drawing(
            Box box,
            double letters,
            List<UnderlayShape> underlays,
            List<LineShape> grid,
            String floor,
            List<LineShape> walls,
            List<String> shadows,
            List<ThingShape> things,
            List<LineShape> stretches,
            String kept,
            List<ActionShape> actions,
            List<PersonShape> people,
            List<WayShape> ways,
            List<LampShape> lamps,
            List<StandShape> stands,
            List<HandleShape> corners,
            SunShape sun,
            NorthShape north,
            LineShape bar) {

        /** The same without the cameras that neither stand in a part of it nor film what happens there. */
        Drawing within(Box part) {
            Set<String> here = new HashSet<>();
            actions.stream().filter(one -> part.holds(one.x(), one.y())).forEach(one -> here.add(one.id()));
            List<StandShape> seen = stands.stream()
                    .filter(one -> part.holds(one.x(), one.y()) || here.contains(one.actionId()))
                    .toList();
            return new Drawing(
                    box, letters, underlays, grid, floor, walls, shadows, things, stretches, kept, actions, people,
                    ways, lamps, seen, corners, sun, north, bar);
        }
    }

    /** @param more what else it is, in the stylesheet's words */
    public record LineShape(double x1, double y1, double x2, double y2, String kind, String more) {}

    /** @param still the hash of the picture */
    public record UnderlayShape(String still, double x, double y, double wide, double high) {}

    /** A way on foot, and what it comes to. */
    public record WayShape(String points, double x, double y, String words) {}

    /**
     * @param put as what it can be taken up
     * @param id empty for what was written down before there were plans
     */
    public record ThingShape(
            String put,
            String id,
            String points,
            String kind,
            String name,
            double x,
            double y,
            double firstX,
            double firstY) {}

    /** @param way its path, may be empty */
    public record ActionShape(
            String id,
            String name,
            double x,
            double y,
            String way,
            String line,
            String arrow,
            boolean chosen,
            boolean inShade) {}

    /** Somebody who takes part. */
    public record PersonShape(String id, String name, double x, double y) {}

    /** A lamp of the chosen shot, with the beam that falls on the subject. */
    public record LampShape(String name, double x, double y, String beam) {}

    /**
     * A camera.
     *
     * @param number of its place, the same for all that stand there
     * @param turnDeg how far its picture is turned, which looks up
     * @param track its way over the floor, empty where it stays
     * @param faint whether it is not set up at the minute that is shown
     * @param elsewhere the spot that it looks in from or out to, empty for this one
     * @param spoken all of it in a sentence
     */
    public record StandShape(
            String id,
            String actionId,
            String code,
            int number,
            double x,
            double y,
            double turnDeg,
            String wedge,
            String track,
            String status,
            boolean chosen,
            boolean faint,
            String elsewhere,
            String spoken) {}

    /**
     * A corner that can be taken up.
     *
     * @param wallX the middle of the wall that begins there, which can be broken into two
     */
    public record HandleShape(String id, double x, double y, double wallX, double wallY) {}

    public record SunShape(double x, double y, String rays) {}

    public record NorthShape(double x, double y, double turnDeg) {}
}
