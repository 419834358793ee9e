package upshot.exchange.ground;

import java.util.List;
import upshot.core.ground.Place;
import upshot.core.light.SunAt;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;
import upshot.exchange.ground.PlanShapes.LineShape;
import upshot.exchange.ground.PlanShapes.NorthShape;
import upshot.exchange.ground.PlanShapes.SunShape;

/** What stands on the margin of a plan: the sun where it comes from, north, and a bar to measure by. */
final class PlanEdge {

    private static final double NORTH_UP = 0.65;
    private static final double NEVER = 1e-9;
    private static final double RAY_FROM = 0.4;
    private static final double RAY_TO = 1.4;
    private static final double RAYS_DEG = 25;
    private static final double RAYS_END_DEG = 15;

    private final Bounds bounds;

    PlanEdge(Bounds bounds) {
        this.bounds = bounds;
    }

    /** Beyond the floor, where it comes from. */
    SunShape sun(SunAt sun) {
        double toX = Degrees.sin(sun.towardsDeg());
        double toY = Degrees.cos(sun.towardsDeg());
        double reach = Math.min(
                (bounds.wide() - bounds.marginM()) / 2 / Math.max(NEVER, Math.abs(toX)),
                (bounds.high() - bounds.marginM()) / 2 / Math.max(NEVER, Math.abs(toY)));
        Corner at = new Corner(
                (bounds.left() + bounds.right()) / 2 + toX * reach, (bounds.near() + bounds.far()) / 2 + toY * reach);
        Place place = new Place(at, sun.towardsDeg() + 180);
        StringBuilder rays = new StringBuilder();
        for (int ray = -1; ray <= 1; ray++) {
            rays.append("M %s L %s "
                    .formatted(
                            Cm.points(List.of(place.camera(RAYS_DEG * ray, RAY_FROM * bounds.marginM()))),
                            Cm.points(List.of(place.camera(RAYS_END_DEG * ray, RAY_TO * bounds.marginM())))));
        }
        return new SunShape(Cm.x(at), Cm.y(at), rays.toString().strip());
    }

    /** @param facingDeg the compass bearing of the way the spot goes deep */
    NorthShape north(double facingDeg) {
        Corner at = new Corner(bounds.right() - bounds.marginM() / 2, bounds.near() + NORTH_UP * bounds.marginM());
        return new NorthShape(Cm.x(at), Cm.y(at), -facingDeg);
    }

    /** As long as a square. */
    LineShape bar(int squareM) {
        double across = bounds.left() + bounds.marginM() / 4;
        double deep = bounds.near() + bounds.marginM() / 4;
        return Cm.line(new Corner(across, deep), new Corner(across + squareM, deep), "bar", "%d m".formatted(squareM));
    }
}
