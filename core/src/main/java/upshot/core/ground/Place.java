package upshot.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.linearref.LengthLocationMap;
import org.locationtech.jts.linearref.LinearLocation;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Givens;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Performer;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Waypoint;

/**
 * Where in its spot an action happens, and which way it goes there.
 *
 * @param at the subject's place
 * @param directionDeg of its line: turned clockwise from the direction in which the spot goes deep
 */
public record Place(Corner at, double directionDeg) {

    private static final double SAME_M = 1e-6;

    /**
     * By its path where it has one (at the point that is said, or halfway), else by the place that is said, looking to the
     * first performer who has a place, else the way the spot goes deep; empty while nobody has said where.
     */
    public static Optional<Place> of(Givens plan, Action action) {
        Optional<Corner> said =
                action.acrossM().flatMap(across -> action.deepM().map(deep -> new Corner(across, deep)));
        List<Corner> path = path(plan, action);
        if (path.size() > 1) {
            return Optional.of(on(path, said));
        }
        Optional<Corner> at = said.or(() -> path.stream().findFirst());
        return at.map(point -> new Place(point, towards(plan, action, point)));
    }

    /** Which way an action's line goes, 0 where nothing says so. */
    public static double directionDeg(Givens plan, Action action) {
        return of(plan, action).map(Place::directionDeg).orElse(0.0);
    }

    /** The compass bearing of a shot's camera as its subject sees it, where the spot's own is known. */
    public static Optional<Double> compassDeg(Givens plan, Spot spot, Action action, double bearingDeg) {
        return spot.facingDeg().map(facing -> Degrees.wrap(facing + directionDeg(plan, action) + bearingDeg));
    }

    /** The points of an action's way, each other than the one before. */
    public static List<Corner> path(Givens plan, Action action) {
        List<Corner> path = new ArrayList<>();
        for (Waypoint point : plan.list(RecordKind.WAYPOINT)) {
            Corner next = new Corner(point.acrossM(), point.deepM());
            if (point.actionId().equals(action.id())
                    && (path.isEmpty() || !path.get(path.size() - 1).equals(next))) {
                path.add(next);
            }
        }
        return path;
    }

    /** Metres from a point to an action's way; empty where none is drawn. */
    public static Optional<Double> toPathM(Givens plan, Action action, Corner point) {
        List<Corner> path = path(plan, action);
        return path.size() < 2
                ? Optional.empty()
                : Optional.of(Shapes.line(path).distance(Shapes.point(point)));
    }

    /** At the point of the way that is nearest to where it is said to be, or halfway. */
    private static Place on(List<Corner> path, Optional<Corner> said) {
        LineString way = Shapes.line(path);
        double atM = said.map(point -> new LengthIndexedLine(way).project(Shapes.coordinate(point)))
                .orElse(way.getLength() / 2);
        LinearLocation there = LengthLocationMap.getLocation(way, atM);
        LineSegment leg = there.getSegment(way);
        return new Place(
                said.orElseGet(() -> Shapes.corner(there.getCoordinate(way))),
                bearingDeg(Shapes.corner(leg.p0), Shapes.corner(leg.p1)));
    }

    private static double towards(Givens plan, Action action, Corner point) {
        return plan.performersOf(action).stream()
                .flatMap(performer -> place(performer).stream())
                .filter(other -> apartM(point, other) > SAME_M)
                .findFirst()
                .map(other -> bearingDeg(point, other))
                .orElse(0.0);
    }

    /** Where somebody who takes part stands. */
    public static Optional<Corner> place(Performer performer) {
        return performer.acrossM().flatMap(across -> performer.deepM().map(deep -> new Corner(across, deep)));
    }

    /** Metres between two points of a floor. */
    public static double apartM(Corner one, Corner other) {
        return Math.hypot(other.acrossM() - one.acrossM(), other.deepM() - one.deepM());
    }

    /** The way from one point to another, clockwise from the direction in which the spot goes deep. */
    public static double bearingDeg(Corner from, Corner to) {
        return Degrees.wrap(Degrees.atan2(to.acrossM() - from.acrossM(), to.deepM() - from.deepM()));
    }

    /** Where a camera stands that is so far away on a bearing round the subject. */
    public Corner camera(double bearingDeg, double groundDistanceM) {
        return Floor.from(at, directionDeg + bearingDeg, groundDistanceM);
    }

    /** The bearing round the subject of a point of the floor. */
    public double bearingOf(Corner camera) {
        return Degrees.wrap(bearingDeg(at, camera) - directionDeg);
    }
}
