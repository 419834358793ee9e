package upshot.core.ground;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;

/**
 * Where the sun does not reach the floor: behind everything that stands, as far as its height over the tangent of the sun's
 * altitude, away from the sun.
 */
public final class Shadows {

    /** Below that shadows are longer than any floor, and light comes from the sky. */
    private static final double LOWEST_DEG = 0.5;

    private final List<Geometry> shadows = new ArrayList<>();

    /**
     * The shadows of a plan.
     *
     * @param altitudeDeg of the sun
     * @param towardsDeg where the sun stands, clockwise from the direction in which the spot goes deep
     */
    public Shadows(FloorPlan plan, double altitudeDeg, double towardsDeg) {
        if (altitudeDeg < LOWEST_DEG) {
            return;
        }
        double perMetre = 1 / Math.tan(Math.toRadians(altitudeDeg));
        double across = -Degrees.sin(towardsDeg) * perMetre;
        double deep = -Degrees.cos(towardsDeg) * perMetre;
        for (FloorPlan.Thing thing : plan.things()) {
            cast(thing.area().getGeometry(), across * thing.heightM(), deep * thing.heightM());
        }
        for (FloorPlan.Wall wall : plan.walls()) {
            cast(Shapes.line(List.of(wall.from(), wall.to())), across * wall.heightM(), deep * wall.heightM());
        }
    }

    /** What a shape sweeps over as it moves: its edges do, and what they enclose. */
    private void cast(Geometry shape, double across, double deep) {
        if (across == 0 && deep == 0) {
            return;
        }
        AffineTransformation away = AffineTransformation.translationInstance(across, deep);
        Geometry swept = shape.union(away.transform(shape));
        Coordinate[] corners = shape.getCoordinates();
        for (int i = 1; i < corners.length; i++) {
            Geometry edge = Shapes.FACTORY.createLineString(new Coordinate[] {corners[i - 1], corners[i]});
            swept = swept.union(edge.union(away.transform(edge)).convexHull());
        }
        shadows.add(swept);
    }

    /** Outlines to be drawn; holes are filled. */
    public List<List<Corner>> outlines() {
        List<List<Corner>> outlines = new ArrayList<>();
        for (Geometry shadow : shadows) {
            for (int part = 0; part < shadow.getNumGeometries(); part++) {
                Geometry one = shadow.getGeometryN(part);
                if (one instanceof Polygon area) {
                    outlines.add(Arrays.stream(area.getExteriorRing().getCoordinates())
                            .map(Shapes::corner)
                            .toList());
                }
            }
        }
        return outlines;
    }

    /** Whether a point of the floor lies in one. */
    public boolean cover(Corner point) {
        Geometry at = Shapes.point(point);
        return shadows.stream().anyMatch(shadow -> shadow.intersects(at));
    }
}
