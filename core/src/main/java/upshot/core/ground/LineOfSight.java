package upshot.core.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import upshot.core.ground.FloorPlan.Thing;
import upshot.core.ground.FloorPlan.Wall;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;

/**
 * How much of a subject is hidden from a camera by what stands between them. The subject is a surface square to the view,
 * cut into columns; of each column that is hidden which lies behind something: what stands at a share t of the way and is
 * h high hides all below z_cam + (h − z_cam)/t, by similar triangles. Doors, windows and panes are open from sill to head.
 */
public final class LineOfSight {

    private static final int COLUMNS = 101;
    private static final double NOTHING = 1e-9;
    private static final double HALF = 0.5;

    private final FloorPlan plan;
    private final Corner camera;
    private final double cameraM;

    /** What a line of sight meets: from one share of the way to another, between two heights. */
    private record Met(double from, double to, double lowM, double highM) {}

    private record Hidden(double lowM, double highM) {}

    private LineOfSight(FloorPlan plan, Corner camera, double cameraM) {
        this.plan = plan;
        this.camera = camera;
        this.cameraM = cameraM;
    }

    /**
     * The share of a subject that is hidden, 0 to 1.
     *
     * @param cameraM height of the lens above the floor
     * @param at where the subject is
     * @param breadthM its breadth across the view
     * @param lowM where it begins above the floor
     * @param highM where it ends
     */
    public static double hidden(
            FloorPlan plan, Corner camera, double cameraM, Corner at, double breadthM, double lowM, double highM) {
        double apart = Place.apartM(camera, at);
        if (apart < NOTHING || highM - lowM < NOTHING) {
            return 0;
        }
        LineOfSight sight = new LineOfSight(plan, camera, cameraM);
        double acrossView = Place.bearingDeg(camera, at) + 90;
        double hidden = 0;
        for (int column = 0; column < COLUMNS; column++) {
            double aside = breadthM * ((column + HALF) / COLUMNS - HALF);
            Corner point = new Corner(
                    at.acrossM() + aside * Degrees.sin(acrossView), at.deepM() + aside * Degrees.cos(acrossView));
            hidden += sight.hiddenOf(point, lowM, highM);
        }
        return hidden / COLUMNS;
    }

    private double hiddenOf(Corner point, double lowM, double highM) {
        List<Hidden> parts = new ArrayList<>();
        for (Thing thing : plan.things()) {
            if (thing.heightM() > 0 && thing.what() != Standing.Kind.WAY_OUT) {
                within(thing.corners(), point).forEach(met -> shadow(met.from, met.to, 0, thing.heightM(), parts));
            }
        }
        for (Wall wall : plan.walls()) {
            double share = crossing(camera, point, wall.from(), wall.to());
            if (wall.heightM() > 0 && share > NOTHING && share < 1 - NOTHING) {
                solid(wall, share, point).forEach(met -> shadow(share, share, met.lowM, met.highM, parts));
            }
        }
        return covered(parts, lowM, highM) / (highM - lowM);
    }

    /** What a wall is made of where a line of sight goes through it: all of it, or what an opening leaves. */
    private List<Met> solid(Wall wall, double share, Corner point) {
        for (Stretch stretch : plan.stretches()) {
            boolean open = stretch.what() == Stretch.Kind.DOOR
                    || stretch.what() == Stretch.Kind.WINDOW
                    || stretch.what() == Stretch.Kind.GLASS;
            double there = crossing(
                    camera,
                    point,
                    new Corner(stretch.fromAcrossM(), stretch.fromDeepM()),
                    new Corner(stretch.toAcrossM(), stretch.toDeepM()));
            boolean inThatWall = Math.abs(there - share) * Place.apartM(camera, point) < HALF;
            if (open && !Double.isNaN(there) && inThatWall) {
                return List.of(
                        new Met(share, share, 0, stretch.sillM()),
                        new Met(share, share, stretch.headM(), wall.heightM()));
            }
        }
        return List.of(new Met(share, share, 0, wall.heightM()));
    }

    /** What is hidden at the subject by something between two heights, over a stretch of the way. */
    private void shadow(double from, double to, double lowM, double highM, List<Hidden> parts) {
        if (highM <= lowM) {
            return;
        }
        double top = Math.max(at(from, highM), at(to, highM));
        double bottom = lowM <= 0 ? Double.NEGATIVE_INFINITY : Math.min(at(from, lowM), at(to, lowM));
        parts.add(new Hidden(bottom, top));
    }

    /** The height at the subject of the line that passes a share of the way at a height. */
    private double at(double share, double heightM) {
        return cameraM + (heightM - cameraM) / share;
    }

    private static double covered(List<Hidden> parts, double lowM, double highM) {
        parts.sort(Comparator.comparingDouble(Hidden::lowM));
        double covered = 0;
        double until = lowM;
        for (Hidden part : parts) {
            double from = Math.max(until, part.lowM);
            double to = Math.min(highM, part.highM);
            if (to > from) {
                covered += to - from;
                until = to;
            }
        }
        return covered;
    }

    /** The stretches of the way to a point that lie over a shape, as shares of it. */
    private List<Met> within(List<Corner> corners, Corner point) {
        List<Double> edges = new ArrayList<>(List.of(0.0, 1.0));
        for (int i = 0; i < corners.size(); i++) {
            double share = crossing(camera, point, corners.get(i), corners.get((i + 1) % corners.size()));
            if (share > 0 && share < 1) {
                edges.add(share);
            }
        }
        if (edges.size() == 2 && !Floor.isInside(corners, camera)) {
            return List.of();
        }
        edges.sort(Comparator.naturalOrder());
        List<Met> met = new ArrayList<>();
        for (int i = 1; i < edges.size(); i++) {
            double from = edges.get(i - 1);
            double to = edges.get(i);
            Corner middle = on(point, (from + to) / 2);
            if (to - from > NOTHING && Floor.isInside(corners, middle)) {
                met.add(new Met(Math.max(NOTHING, from), to, 0, 0));
            }
        }
        return met;
    }

    private Corner on(Corner point, double share) {
        return new Corner(
                camera.acrossM() + share * (point.acrossM() - camera.acrossM()),
                camera.deepM() + share * (point.deepM() - camera.deepM()));
    }

    /** The share of the way from one point to another at which it crosses a stretch; not a number where it does not. */
    static double crossing(Corner from, Corner to, Corner a, Corner b) {
        double dx = to.acrossM() - from.acrossM();
        double dy = to.deepM() - from.deepM();
        double ex = b.acrossM() - a.acrossM();
        double ey = b.deepM() - a.deepM();
        double cross = dx * ey - dy * ex;
        double ax = a.acrossM() - from.acrossM();
        double ay = a.deepM() - from.deepM();
        double along = (ax * ey - ay * ex) / cross;
        double share = (ax * dy - ay * dx) / cross;
        return Math.abs(cross) > NOTHING && along >= 0 && along <= 1 && share >= 0 && share <= 1 ? along : Double.NaN;
    }
}
