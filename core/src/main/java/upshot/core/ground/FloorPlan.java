package upshot.core.ground;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Givens;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;

/**
 * The plan of a spot: its floor with its walls, what stands on it, and what is something else than wall. Metres across and
 * deep from the spot's own corner.
 */
public final class FloorPlan {

    /** A wall whose height nobody has said, where there is a roof over it. */
    private static final double USUAL_WALL_M = 3;

    private static final int FEWEST = 3;

    private final List<Corner> outline;
    private final boolean drawn;
    private final List<Wall> walls;
    private final List<Thing> things;
    private final List<Stretch> stretches;
    private final Geometry floor;

    /**
     * A wall between two corners.
     *
     * @param heightM 0 for an edge without one
     * @param paced whether one of its ends was counted in steps and not measured
     */
    public record Wall(Corner from, Corner to, double heightM, boolean paced) {}

    /**
     * A part of the floor that something stands on, or that is closed.
     *
     * @param heightM 0 for what is level with the floor
     */
    public record Thing(
            Optional<UUID> id,
            String name,
            Standing.Kind what,
            List<Corner> corners,
            double heightM,
            String reason,
            String decides,
            PreparedGeometry area) {

        static Thing of(Standing one) {
            return new Thing(
                    Optional.of(one.id()),
                    one.name(),
                    one.what(),
                    one.corners().corners(),
                    one.heightM(),
                    one.reason(),
                    one.decides(),
                    prepared(one.corners().corners()));
        }

        /** As it was written down before there were plans. */
        static Thing closed(Outline zone) {
            return new Thing(
                    Optional.empty(),
                    "closed part",
                    Standing.Kind.NO_GO,
                    zone.corners(),
                    0,
                    "",
                    "",
                    prepared(zone.corners()));
        }

        private static PreparedGeometry prepared(List<Corner> corners) {
            return PreparedGeometryFactory.prepare(Shapes.area(corners));
        }

        /** Whether a point lies in it; its edge is still outside. */
        public boolean holds(Corner point) {
            return area.containsProperly(Shapes.point(point));
        }

        /** Metres to a point outside of it, 0 inside. */
        public double apartM(Corner point) {
            return area.getGeometry().distance(Shapes.point(point));
        }

        /** Metres from a way over the floor to it, 0 where the way leads through. */
        public double apartM(List<Corner> way) {
            return area.getGeometry().distance(Shapes.line(way));
        }

        /** How far inside a point lies, metres to its edge. */
        public double insideM(Corner point) {
            return area.getGeometry().getBoundary().distance(Shapes.point(point));
        }
    }

    private record All(Map<UUID, FloorPlan> bySpot) {}

    private FloorPlan(Givens plan, Spot spot) {
        List<FloorCorner> corners = plan.list(RecordKind.CORNER).stream()
                .filter(corner -> corner.spotId().equals(spot.id()))
                .toList();
        boolean typed = corners.size() >= FEWEST;
        this.outline = typed
                ? corners.stream()
                        .map(one -> new Corner(one.acrossM(), one.deepM()))
                        .toList()
                : Floor.of(spot);
        double usual = spot.outdoors() ? 0 : spot.ceilingM().orElse(USUAL_WALL_M);
        this.walls = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            int next = (i + 1) % outline.size();
            walls.add(new Wall(
                    outline.get(i),
                    outline.get(next),
                    typed ? corners.get(i).wallM() : usual,
                    typed && (corners.get(i).paced() || corners.get(next).paced())));
        }
        this.things = new ArrayList<>();
        plan.list(RecordKind.STANDING).stream()
                .filter(one -> one.spotId().equals(spot.id()))
                .map(Thing::of)
                .forEach(things::add);
        spot.noGo().outlines().stream().map(Thing::closed).forEach(things::add);
        this.stretches = plan.list(RecordKind.STRETCH).stream()
                .filter(one -> one.spotId().equals(spot.id()))
                .toList();
        this.drawn = typed || !spot.outline().corners().isEmpty() || !things.isEmpty() || !stretches.isEmpty();
        this.floor = Shapes.area(outline);
    }

    /** The plan of a spot, worked out once for all that is given. */
    public static FloorPlan of(Givens plan, Spot spot) {
        Givens givens = plan.givens();
        return givens.remember(All.class, () -> new All(all(givens))).bySpot().get(spot.id());
    }

    private static Map<UUID, FloorPlan> all(Givens plan) {
        Map<UUID, FloorPlan> all = new HashMap<>();
        plan.spots().forEach(spot -> all.put(spot.id(), new FloorPlan(plan, spot)));
        return all;
    }

    /** The corners of the floor, in their order. */
    public List<Corner> outline() {
        return outline;
    }

    /** How far the floor reaches from left to right, in metres. */
    public double wideM() {
        return floor.getEnvelopeInternal().getWidth();
    }

    /** How far it reaches from front to back, in metres. */
    public double deepM() {
        return floor.getEnvelopeInternal().getHeight();
    }

    /** From the corner to the corner that lie furthest apart, in metres. */
    public double longestM() {
        return outline.stream()
                .flatMap(one -> outline.stream().map(other -> Place.apartM(one, other)))
                .max(Double::compare)
                .orElse(0.0);
    }

    /** Whether somebody has drawn more than a width and a depth. */
    public boolean drawn() {
        return drawn;
    }

    /** From each corner to the next. */
    public List<Wall> walls() {
        return List.copyOf(walls);
    }

    public List<Thing> things() {
        return List.copyOf(things);
    }

    public List<Stretch> stretches() {
        return stretches;
    }

    /** Whether a point lies on the floor; its edge belongs to it. */
    public boolean holds(Corner point) {
        return floor.covers(Shapes.point(point));
    }

    /** Metres from a point to the nearest wall. */
    public double toNearestWallM(Corner point) {
        Geometry where = Shapes.point(point);
        return walls.stream()
                .filter(wall -> wall.heightM() > 0)
                .mapToDouble(
                        wall -> Shapes.line(List.of(wall.from(), wall.to())).distance(where))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** What a point lies in that is closed to cameras: furniture, water, no-go zones. */
    public Optional<Thing> closedAt(Corner point) {
        return things.stream()
                .filter(thing -> !thing.what().walkedOn() && thing.holds(point))
                .findFirst();
    }

    /** How high the floor is at a point above what is floor elsewhere, in metres: that of a stage, a landing, a ramp's end. */
    public double levelM(Corner point) {
        return things.stream()
                .filter(thing -> thing.what() == Standing.Kind.RAISED && thing.holds(point))
                .mapToDouble(Thing::heightM)
                .max()
                .orElse(0);
    }

    /** Ways out. */
    public List<Thing> waysOut() {
        return things.stream()
                .filter(thing -> thing.what() == Standing.Kind.WAY_OUT)
                .toList();
    }
}
