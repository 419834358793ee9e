package upshot.exchange.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Shadows;
import upshot.core.light.SunAt;
import upshot.core.plan.Action;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Underlay;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.HandleShape;
import upshot.exchange.ground.PlanShapes.LineShape;
import upshot.exchange.ground.PlanShapes.ThingShape;
import upshot.exchange.ground.PlanShapes.UnderlayShape;

/** The plan of a spot as shapes. */
public final class PlanDrawing {

    static final double LETTERS_PX = 13;
    private static final double LABEL_M = 0.3;
    private static final int MOST_LINES = 60;

    private final Plan plan;
    private final Spot spot;
    private final FloorPlan floor;
    private final Cameras cameras;
    private final Happenings happenings;
    private final Bounds bounds;

    public PlanDrawing(Verdict verdict, Spot spot) {
        this.plan = verdict.plan();
        this.spot = spot;
        this.floor = FloorPlan.of(plan, spot);
        this.cameras = new Cameras(verdict, spot);
        List<Action> here = plan.actions().stream()
                .filter(action -> action.spotId().equals(spot.id()))
                .toList();
        this.happenings = new Happenings(plan, floor, here);
        this.bounds = bounds();
    }

    /** As it is drawn on a page. */
    public Drawing drawing(Look look) {
        return drawing(look, Cm.of(LETTERS_PX * bounds.perPixelM()));
    }

    /** @param letters how high they are, in centimetres of the floor */
    Drawing drawing(Look look, double letters) {
        PlanEdge edge = new PlanEdge(bounds);
        return new Drawing(
                bounds.box(),
                letters,
                plan.<Underlay>list(RecordKind.UNDERLAY).stream()
                        .filter(one -> one.spotId().equals(spot.id()))
                        .map(PlanDrawing::underlay)
                        .toList(),
                grid(),
                Cm.points(floor.outline()),
                floor.walls().stream()
                        .map(wall -> Cm.line(
                                wall.from(),
                                wall.to(),
                                wall.heightM() > 0 ? "wall" : "edge",
                                wall.paced() ? "is-paced" : ""))
                        .toList(),
                look.sun().filter(sun -> sun.up() && spot.outdoors()).stream()
                        .flatMap(sun -> new Shadows(floor, sun.altitudeDeg(), sun.towardsDeg()).outlines().stream())
                        .map(Cm::points)
                        .toList(),
                floor.things().stream()
                        .sorted(Comparator.comparing((FloorPlan.Thing one) -> one.what() == Standing.Kind.FURNITURE))
                        .map(PlanDrawing::thing)
                        .toList(),
                floor.stretches().stream().map(PlanDrawing::stretch).toList(),
                happenings.kept(look),
                happenings.shapes(look),
                happenings.people(),
                List.of(),
                happenings.lamps(look),
                cameras.shapes(look),
                handles(),
                look.sun().filter(SunAt::up).map(edge::sun).orElse(null),
                spot.facingDeg().map(edge::north).orElse(null),
                edge.bar(squareM()));
    }

    private List<HandleShape> handles() {
        List<FloorCorner> corners = plan.<FloorCorner>list(RecordKind.CORNER).stream()
                .filter(corner -> corner.spotId().equals(spot.id()))
                .toList();
        List<HandleShape> handles = new ArrayList<>();
        for (FloorCorner one : corners) {
            FloorCorner next = corners.get((handles.size() + 1) % corners.size());
            handles.add(new HandleShape(
                    one.id().toString(),
                    Cm.of(one.acrossM()),
                    Cm.of(-one.deepM()) + 0.0,
                    Cm.of((one.acrossM() + next.acrossM()) / 2),
                    Cm.of(-(one.deepM() + next.deepM()) / 2) + 0.0));
        }
        return handles;
    }

    private Bounds bounds() {
        Bounds all = Bounds.NOTHING;
        for (Corner corner : floor.outline()) {
            all = all.and(corner);
        }
        for (FloorPlan.Thing thing : floor.things()) {
            for (Corner corner : thing.corners()) {
                all = all.and(corner);
            }
        }
        for (Cameras.Standing camera : cameras.standing()) {
            all = all.and(camera.at()).and(camera.subject());
        }
        return all.withMargin();
    }

    /** What the drawing reaches over. */
    Bounds reach() {
        return bounds;
    }

    /** A square a metre; on a large floor five or fifty. */
    public int squareM() {
        return squareM(bounds);
    }

    static int squareM(Bounds bounds) {
        double large = Math.max(bounds.wide(), bounds.high());
        return large <= MOST_LINES ? 1 : large <= 5 * MOST_LINES ? 5 : 50;
    }

    private List<LineShape> grid() {
        return grid(bounds, squareM());
    }

    static List<LineShape> grid(Bounds bounds, int square) {
        List<LineShape> lines = new ArrayList<>();
        for (double at = Math.ceil(bounds.left() / square) * square;
                at <= bounds.right() && lines.size() < 2 * MOST_LINES;
                at += square) {
            lines.add(Cm.line(new Corner(at, bounds.near()), new Corner(at, bounds.far()), "grid", ""));
        }
        for (double at = Math.ceil(bounds.near() / square) * square;
                at <= bounds.far() && lines.size() < 4 * MOST_LINES;
                at += square) {
            lines.add(Cm.line(new Corner(bounds.left(), at), new Corner(bounds.right(), at), "grid", ""));
        }
        return lines;
    }

    private static UnderlayShape underlay(Underlay one) {
        return new UnderlayShape(
                one.still(),
                Cm.of(one.acrossM()),
                Cm.of(-one.deepM() - one.highM()),
                Cm.of(one.wideM()),
                Cm.of(one.highM()));
    }

    private static ThingShape thing(FloorPlan.Thing thing) {
        Corner first = thing.corners().get(0);
        double across =
                thing.corners().stream().mapToDouble(Corner::acrossM).average().orElse(0);
        double deep =
                thing.corners().stream().mapToDouble(Corner::deepM).average().orElse(0);
        double farthest =
                thing.corners().stream().mapToDouble(Corner::deepM).max().orElse(0);
        boolean within = thing.what() == Standing.Kind.FURNITURE || thing.what() == Standing.Kind.RAISED;
        return new ThingShape(
                "standing",
                thing.id().map(UUID::toString).orElse(""),
                Cm.points(thing.corners()),
                cssName(thing.what()),
                thing.name(),
                Cm.of(across),
                Cm.of(-(within ? deep : farthest - LABEL_M)) + 0.0,
                first.acrossM(),
                first.deepM());
    }

    private static String cssName(Enum<?> what) {
        return what.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static LineShape stretch(Stretch one) {
        return Cm.line(
                new Corner(one.fromAcrossM(), one.fromDeepM()),
                new Corner(one.toAcrossM(), one.toDeepM()),
                cssName(one.what()),
                "");
    }
}
