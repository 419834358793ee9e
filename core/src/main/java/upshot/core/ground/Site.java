package upshot.core.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import upshot.core.ground.FloorPlan.Wall;
import upshot.core.ground.Ways.Way;
import upshot.core.measure.Degrees;
import upshot.core.plan.Givens;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Spot;
import upshot.core.plan.Stretch;

/**
 * Where the spots of a job lie to each other, north upwards, metres east and north of a point of the site. A spot that
 * nobody has placed is not on it; one whose direction is unknown lies as if it went deep to the north.
 */
public final class Site {

    /** How much ground round all spots can be walked on. */
    private static final double ROUND_ABOUT_M = 30;

    private static final double NEAR_WALL_M = 0.6;

    /** With more spots than that ways are straight lines, and nobody lists them. */
    public static final int MOST_WALKED_ROUND = 16;

    private final Map<UUID, Placed> placed = new LinkedHashMap<>();
    private final Map<Pair, Optional<Way>> known = new LinkedHashMap<>();

    /**
     * A spot on its site.
     *
     * @param at its own corner: metres east, metres north
     * @param facingDeg the compass bearing in which it goes deep
     */
    public record Placed(Spot spot, FloorPlan plan, Corner at, double facingDeg) {

        /** A point of the spot's own plan, on the site. */
        public Corner onSite(Corner own) {
            double sin = Degrees.sin(facingDeg);
            double cos = Degrees.cos(facingDeg);
            return new Corner(
                    at.acrossM() + own.acrossM() * cos + own.deepM() * sin,
                    at.deepM() - own.acrossM() * sin + own.deepM() * cos);
        }

        /** A point of the site, on the spot's own plan. */
        public Corner own(Corner onSite) {
            double sin = Degrees.sin(facingDeg);
            double cos = Degrees.cos(facingDeg);
            double east = onSite.acrossM() - at.acrossM();
            double north = onSite.deepM() - at.deepM();
            return new Corner(east * cos - north * sin, east * sin + north * cos);
        }

        private List<Corner> onSite(List<Corner> own) {
            return own.stream().map(this::onSite).toList();
        }

        /** The corners of its floor, on the site. */
        public List<Corner> outline() {
            return onSite(plan.outline());
        }

        /** Where ways to it end: the middle of its floor; of corners in a line, that of the line. */
        public Corner middle() {
            Geometry floor = Shapes.area(outline());
            Geometry there = floor.isEmpty() ? Shapes.line(outline()) : floor;
            return Shapes.corner(there.getInteriorPoint().getCoordinate());
        }

        /** Its doors, as lines on the site. */
        private List<Geometry> doors() {
            return plan.stretches().stream()
                    .filter(one -> one.what() == Stretch.Kind.DOOR)
                    .map(one -> (Geometry) Shapes.line(onSite(List.of(
                            new Corner(one.fromAcrossM(), one.fromDeepM()),
                            new Corner(one.toAcrossM(), one.toDeepM())))))
                    .toList();
        }

        /** What of it is in the way: all that stands there, and its walls where a door through them is drawn. */
        private List<Geometry> blocked() {
            List<Geometry> blocked = new ArrayList<>();
            plan.things().stream()
                    .filter(thing -> !thing.what().walkedOn())
                    .forEach(thing -> blocked.add(Shapes.area(onSite(thing.corners()))));
            List<Geometry> doors = doors();
            if (!doors.isEmpty()) {
                for (Wall wall : plan.walls()) {
                    if (wall.heightM() > 0) {
                        Geometry left = Shapes.line(onSite(List.of(wall.from(), wall.to())));
                        for (Geometry door : doors) {
                            left = OverlayNGRobust.overlay(left, door.buffer(NEAR_WALL_M), OverlayNG.DIFFERENCE);
                        }
                        blocked.add(left);
                    }
                }
            }
            return blocked;
        }
    }

    private record Pair(UUID from, UUID to) {}

    private Site(Givens plan) {
        for (Spot spot : plan.spots()) {
            spot.siteEastM()
                    .flatMap(east -> spot.siteNorthM().map(north -> new Corner(east, north)))
                    .ifPresent(at -> placed.put(
                            spot.id(),
                            new Placed(
                                    spot,
                                    FloorPlan.of(plan, spot),
                                    at,
                                    spot.facingDeg().orElse(0.0))));
        }
        if (placed.size() > 1) {
            ways();
        }
    }

    /** The site of a job, worked out once for all that is given. */
    public static Site of(Givens plan) {
        Givens givens = plan.givens();
        return givens.remember(Site.class, () -> new Site(givens));
    }

    private void ways() {
        List<Geometry> blocked =
                placed.values().stream().flatMap(one -> one.blocked().stream()).toList();
        Geometry all = Shapes.FACTORY.buildGeometry(
                placed.values().stream().map(one -> Shapes.area(one.outline())).toList());
        boolean few = placed.size() <= MOST_WALKED_ROUND;
        Ways ways = new Ways(all.getEnvelope().buffer(ROUND_ABOUT_M), blocked);
        List<Placed> spots = spots();
        for (int i = 0; i < spots.size(); i++) {
            for (int j = i + 1; j < spots.size(); j++) {
                known.put(
                        new Pair(spots.get(i).spot.id(), spots.get(j).spot.id()),
                        few
                                ? ways.between(
                                        spots.get(i).middle(), spots.get(j).middle())
                                : Optional.of(new Way(
                                        List.of(
                                                spots.get(i).middle(),
                                                spots.get(j).middle()),
                                        true)));
            }
        }
    }

    /** The spots that have a place on it. */
    public List<Placed> spots() {
        return List.copyOf(placed.values());
    }

    /** Where a spot lies on it; empty where nobody has said. */
    public Optional<Placed> of(UUID spotId) {
        return Optional.ofNullable(placed.get(spotId));
    }

    /** The way on foot between two spots, from either; empty where one has no place, or none leads there. */
    public Optional<Way> way(UUID one, UUID other) {
        return known.getOrDefault(new Pair(one, other), known.getOrDefault(new Pair(other, one), Optional.empty()));
    }
}
