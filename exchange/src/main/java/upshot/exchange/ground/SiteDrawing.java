package upshot.exchange.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.ground.Site;
import upshot.core.order.Walks;
import upshot.core.order.Walks.FromSite;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Stretch;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.LineShape;
import upshot.exchange.ground.PlanShapes.ThingShape;
import upshot.exchange.ground.PlanShapes.WayShape;

/** The spots of a job as they lie to each other, north upwards, with the ways between them. */
public final class SiteDrawing {

    /** Ways begin in the middle of a spot; its name stands above that. */
    private static final double NAME_CM = 120;

    private SiteDrawing() {}

    public static Drawing of(Plan plan) {
        Site site = Site.of(plan);
        Bounds reach = Bounds.NOTHING.and(new Corner(0, 0));
        for (Site.Placed spot : site.spots()) {
            for (Corner corner : spot.outline()) {
                reach = reach.and(corner);
            }
        }
        Bounds bounds = reach.withMargin();
        PlanEdge edge = new PlanEdge(bounds);
        int square = PlanDrawing.squareM(bounds);
        return new Drawing(
                bounds.box(),
                Cm.of(PlanDrawing.LETTERS_PX * bounds.perPixelM()),
                List.of(),
                PlanDrawing.grid(bounds, square),
                "",
                site.spots().stream().flatMap(spot -> walls(spot).stream()).toList(),
                List.of(),
                site.spots().stream().map(SiteDrawing::floor).toList(),
                site.spots().stream().flatMap(spot -> doors(spot).stream()).toList(),
                "",
                List.of(),
                List.of(),
                Walks.fromSite(plan).stream().map(SiteDrawing::way).toList(),
                List.of(),
                List.of(),
                List.of(),
                null,
                edge.north(0),
                edge.bar(square));
    }

    private static List<LineShape> walls(Site.Placed spot) {
        List<LineShape> walls = new ArrayList<>();
        for (FloorPlan.Wall wall : spot.plan().walls()) {
            walls.add(Cm.line(
                    spot.onSite(wall.from()), spot.onSite(wall.to()), wall.heightM() > 0 ? "wall" : "edge", ""));
        }
        return walls;
    }

    private static ThingShape floor(Site.Placed spot) {
        return new ThingShape(
                "spot",
                spot.spot().id().toString(),
                Cm.points(spot.outline()),
                "spot",
                spot.spot().name(),
                Cm.x(spot.middle()),
                Cm.y(spot.middle()) - NAME_CM,
                spot.at().acrossM(),
                spot.at().deepM());
    }

    private static List<LineShape> doors(Site.Placed spot) {
        return spot.plan().stretches().stream()
                .filter(one -> one.what() == Stretch.Kind.DOOR)
                .map(one -> Cm.line(
                        spot.onSite(new Corner(one.fromAcrossM(), one.fromDeepM())),
                        spot.onSite(new Corner(one.toAcrossM(), one.toDeepM())),
                        "door",
                        ""))
                .toList();
    }

    /** Its words stand at the middle of its longest leg, where fewest ways come together. */
    private static WayShape way(FromSite walk) {
        List<Corner> points = walk.way().points();
        int longest = IntStream.range(1, points.size())
                .boxed()
                .max(Comparator.comparingDouble(leg -> Place.apartM(points.get(leg - 1), points.get(leg))))
                .orElse(0);
        Corner one = points.get(Math.max(0, longest - 1));
        Corner next = points.get(longest);
        return new WayShape(
                Cm.points(points),
                Cm.of((one.acrossM() + next.acrossM()) / 2),
                Cm.of(-(one.deepM() + next.deepM()) / 2),
                "%s, %s min"
                        .formatted(Wording.metres(walk.way().lengthM()), Wording.number(Walks.minutes(walk.way()), 1)));
    }
}
