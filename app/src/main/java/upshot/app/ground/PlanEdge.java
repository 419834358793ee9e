package upshot.app.ground;

import java.util.List;
import upshot.app.ground.PlanShapes.LineShape;
import upshot.app.ground.PlanShapes.NorthShape;
import upshot.app.ground.PlanShapes.SunShape;
import upshot.core.ground.Place;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;

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
                            PlanDrawing.points(List.of(place.camera(RAYS_DEG * ray, RAY_FROM * bounds.marginM()))),
                            PlanDrawing.points(List.of(place.camera(RAYS_END_DEG * ray, RAY_TO * bounds.marginM())))));
        }
        return new SunShape(
                PlanDrawing.x(at.acrossM()),
                PlanDrawing.y(at.deepM()),
                rays.toString().strip(),
                sun.words());
    }

    /** @param facingDeg the compass bearing of the way the spot goes deep */
    NorthShape north(double facingDeg) {
        return new NorthShape(
                PlanDrawing.x(bounds.right() - bounds.marginM() / 2),
                PlanDrawing.y(bounds.near() + NORTH_UP * bounds.marginM()),
                -facingDeg);
    }

    /** As long as a square. */
    LineShape bar(int squareM) {
        double across = bounds.left() + bounds.marginM() / 4;
        double deep = bounds.near() + bounds.marginM() / 4;
        return new LineShape(
                PlanDrawing.x(across),
                PlanDrawing.y(deep),
                PlanDrawing.x(across + squareM),
                PlanDrawing.y(deep),
                "bar",
                "%d m".formatted(squareM));
    }
}
