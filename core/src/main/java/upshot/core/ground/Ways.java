package upshot.core.ground;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import upshot.core.plan.Outline.Corner;

/**
 * The shortest ways on foot over a floor, past what stands on it: from corner to corner of what is free (A* over the graph
 * of what sees each other). Whoever carries kit keeps {@value #HALF_A_PERSON_M} m from walls and things, so that a gap that
 * is too narrow is none. Where what stands has more than {@value #MOST_CORNERS} corners, ways are straight lines and say so.
 */
public final class Ways {

    /** How far the middle of somebody who carries something keeps from what stands. */
    public static final double HALF_A_PERSON_M = 0.25;

    /** Metres a minute on foot with kit: 1.2 m a second. */
    public static final double PACE_M_PER_MIN = 72;

    /** What has to be looked at grows by their square. */
    static final int MOST_CORNERS = 400;

    private static final double EXACT_M = 1e-6;
    private static final double TOUCHING_M = 1e-7;

    private final Geometry free;
    private final PreparedGeometry walkable;
    private final List<Coordinate> turns;
    private final BitSet looked;
    private final BitSet sees;
    private final boolean tooMany;

    /**
     * A way on foot.
     *
     * @param points from the one end to the other
     * @param asTheCrowFlies whether nobody looked what stands in between
     */
    public record Way(List<Corner> points, boolean asTheCrowFlies) {

        public double lengthM() {
            double length = 0;
            for (int i = 1; i < points.size(); i++) {
                length += Place.apartM(points.get(i - 1), points.get(i));
            }
            return length;
        }

        /** Minutes to walk it with kit, and one to take it up and put it down. */
        public double minutes() {
            return lengthM() / PACE_M_PER_MIN + 1;
        }
    }

    /** A place that the search knows a way to. */
    private record Reached(int at, double walkedM, double atLeastM) {}

    /**
     * @param floor that can be walked on
     * @param blocked what stands on it, walls too
     */
    Ways(Geometry floor, Collection<Geometry> blocked) {
        this.tooMany = blocked.stream().mapToInt(Geometry::getNumPoints).sum() > MOST_CORNERS;
        Geometry standing = tooMany
                ? Shapes.FACTORY.createPolygon()
                : OverlayNGRobust.union(
                        blocked.stream()
                                .map(one -> around(one, HALF_A_PERSON_M))
                                .toList(),
                        Shapes.FACTORY);
        this.free = OverlayNGRobust.overlay(around(floor, -HALF_A_PERSON_M), standing, OverlayNG.DIFFERENCE);
        this.walkable = PreparedGeometryFactory.prepare(free.buffer(TOUCHING_M));
        this.turns = Arrays.stream(free.getCoordinates()).distinct().toList();
        this.looked = new BitSet();
        this.sees = new BitSet();
    }

    /** Corners stay corners, so that ways turn at few points. */
    private static Geometry around(Geometry what, double metres) {
        BufferParameters sharp =
                new BufferParameters(1, BufferParameters.CAP_SQUARE, BufferParameters.JOIN_MITRE, Math.sqrt(2));
        return BufferOp.bufferOp(what, metres, sharp);
    }

    /** Empty where there is none. A point where nobody can stand is left, or reached, by the nearest free one. */
    public Optional<Way> between(Corner from, Corner to) {
        if (tooMany) {
            return Optional.of(new Way(List.of(from, to), true));
        }
        if (free.isEmpty()) {
            return Optional.empty();
        }
        List<Coordinate> nodes = new ArrayList<>(turns);
        nodes.add(nearestFree(from));
        nodes.add(nearestFree(to));
        return search(nodes).map(way -> ended(from, way, to));
    }

    private Coordinate nearestFree(Corner point) {
        return DistanceOp.nearestPoints(free, Shapes.point(point))[0];
    }

    private static Way ended(Corner from, List<Corner> way, Corner to) {
        List<Corner> all = new ArrayList<>();
        all.add(from);
        all.addAll(way);
        all.add(to);
        List<Corner> points = new ArrayList<>();
        for (Corner one : all) {
            if (points.isEmpty() || Place.apartM(points.get(points.size() - 1), one) > EXACT_M) {
                points.add(one);
            }
        }
        return new Way(List.copyOf(points), false);
    }

    private Optional<List<Corner>> search(List<Coordinate> nodes) {
        int start = nodes.size() - 2;
        int goal = nodes.size() - 1;
        double[] walked = new double[nodes.size()];
        int[] before = new int[nodes.size()];
        Arrays.fill(walked, Double.POSITIVE_INFINITY);
        Arrays.fill(before, -1);
        walked[start] = 0;
        PriorityQueue<Reached> open = new PriorityQueue<>(Comparator.comparingDouble(Reached::atLeastM));
        open.add(new Reached(start, 0, 0));
        while (!open.isEmpty()) {
            Reached here = open.remove();
            if (here.at == goal) {
                return Optional.of(traced(nodes, before, goal));
            }
            if (here.walkedM <= walked[here.at]) {
                onwards(nodes, here, walked, before, open);
            }
        }
        return Optional.empty();
    }

    private void onwards(
            List<Coordinate> nodes, Reached here, double[] walked, int[] before, PriorityQueue<Reached> open) {
        Coordinate from = nodes.get(here.at);
        Coordinate goal = nodes.get(nodes.size() - 1);
        for (int next = 0; next < nodes.size(); next++) {
            Coordinate to = nodes.get(next);
            double there = here.walkedM + from.distance(to);
            if (there < walked[next] && clear(nodes, here.at, next)) {
                walked[next] = there;
                before[next] = here.at;
                open.add(new Reached(next, there, there + to.distance(goal)));
            }
        }
    }

    /** Whether one can walk straight from one to the other; what is known between turns is kept for the next way. */
    private boolean clear(List<Coordinate> nodes, int one, int other) {
        int first = Math.min(one, other);
        int second = Math.max(one, other);
        if (second >= turns.size()) {
            return clear(nodes.get(first), nodes.get(second));
        }
        int pair = first * turns.size() + second;
        if (!looked.get(pair)) {
            looked.set(pair);
            sees.set(pair, clear(turns.get(first), turns.get(second)));
        }
        return sees.get(pair);
    }

    private boolean clear(Coordinate from, Coordinate to) {
        return from.distance(to) < EXACT_M
                || walkable.covers(Shapes.line(List.of(Shapes.corner(from), Shapes.corner(to))));
    }

    private static List<Corner> traced(List<Coordinate> nodes, int[] before, int goal) {
        List<Corner> way = new ArrayList<>();
        for (int at = goal; at >= 0; at = before[at]) {
            way.add(0, Shapes.corner(nodes.get(at)));
        }
        return way;
    }
}
