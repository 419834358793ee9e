package upshot.core.ground;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.GeometryFixer;
import upshot.core.plan.Outline.Corner;

/** Between corners of a floor and the shapes of the library that reckons with them; metres across are x, metres deep are y. */
final class Shapes {

    static final GeometryFactory FACTORY = new GeometryFactory();

    private Shapes() {}

    static Coordinate coordinate(Corner corner) {
        return new Coordinate(corner.acrossM(), corner.deepM());
    }

    static Corner corner(Coordinate coordinate) {
        return new Corner(coordinate.x, coordinate.y);
    }

    static Geometry point(Corner corner) {
        return FACTORY.createPoint(coordinate(corner));
    }

    static LineString line(List<Corner> corners) {
        return FACTORY.createLineString(corners.stream().map(Shapes::coordinate).toArray(Coordinate[]::new));
    }

    /** What a ring of corners encloses; one that crosses itself is made two. */
    static Geometry area(List<Corner> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = coordinate(corners.get(i % corners.size()));
        }
        Geometry area = FACTORY.createPolygon(ring);
        return area.isValid() ? area : GeometryFixer.fix(area);
    }
}
