package upshot.app.ground;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.app.ground.PlanShapes.ActionShape;
import upshot.app.ground.PlanShapes.Drawing;
import upshot.app.ground.PlanShapes.HandleShape;
import upshot.app.ground.PlanShapes.LineShape;
import upshot.app.ground.PlanShapes.StandShape;
import upshot.app.ground.PlanShapes.ThingShape;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan;
import upshot.core.ground.Place;
import upshot.core.ground.Shadows;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Line;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.shot.OnTheGround;
import upshot.core.verdict.Verdict;

/** The plan of a spot as shapes on a page, in centimetres: across to the right, deep upwards. */
final class PlanDrawing {

    static final double CM = 100;

    private static final double PAST_SUBJECT = 1.15;
    private static final double ARROW_M = 1.2;
    private static final double LETTERS_PX = 13;
    private static final double LABEL_M = 0.3;
    private static final int MOST_LINES = 60;

    private final Verdict verdict;
    private final Plan plan;
    private final Spot spot;
    private final FloorPlan floor;
    private final Optional<Shot> chosen;
    private final List<Action> here;

    PlanDrawing(Verdict verdict, Spot spot, Optional<Shot> chosen) {
        this.verdict = verdict;
        this.plan = verdict.plan();
        this.spot = spot;
        this.floor = FloorPlan.of(plan, spot);
        this.chosen = chosen;
        this.here = plan.actions().stream()
                .filter(action -> action.spotId().equals(spot.id()))
                .toList();
    }

    Drawing drawing(Optional<SunAt> sun) {
        Bounds bounds = bounds();
        PlanEdge edge = new PlanEdge(bounds);
        double letters = LETTERS_PX * bounds.perPixelM() * CM;
        Optional<Shadows> shadows =
                sun.filter(SunAt::up).map(one -> new Shadows(floor, one.altitudeDeg(), one.towardsDeg()));
        return new Drawing(
                "%s %s %s %s"
                        .formatted(
                                n(bounds.left() * CM),
                                n(-bounds.far() * CM),
                                n(bounds.wide() * CM),
                                n(bounds.high() * CM)),
                letters,
                grid(),
                points(floor.outline()),
                floor.walls().stream()
                        .map(wall -> line(
                                wall.from(),
                                wall.to(),
                                wall.heightM() > 0 ? "wall" : "edge",
                                wall.paced() ? "is-paced" : ""))
                        .toList(),
                shadows.map(Shadows::outlines).orElse(List.of()).stream()
                        .map(PlanDrawing::points)
                        .toList(),
                floor.things().stream()
                        .sorted(Comparator.comparing((FloorPlan.Thing one) -> one.what() == Standing.Kind.FURNITURE))
                        .map(PlanDrawing::thing)
                        .toList(),
                floor.stretches().stream().map(PlanDrawing::stretch).toList(),
                here.stream()
                        .flatMap(action -> action(action, shadows).stream())
                        .toList(),
                stands().toList(),
                plan.list(RecordKind.CORNER).stream()
                        .filter(corner -> corner.spotId().equals(spot.id()))
                        .map(corner -> new HandleShape(
                                corner.id().toString(), "corner", x(corner.acrossM()), y(corner.deepM()), "Corner"))
                        .toList(),
                sun.filter(SunAt::up).map(edge::sun).orElse(null),
                spot.facingDeg().map(edge::north).orElse(null),
                edge.bar(squareM(bounds)));
    }

    private Bounds bounds() {
        Bounds bounds = Bounds.NOTHING;
        for (Corner corner : floor.outline()) {
            bounds = bounds.and(corner);
        }
        for (FloorPlan.Thing thing : floor.things()) {
            for (Corner corner : thing.corners()) {
                bounds = bounds.and(corner);
            }
        }
        for (Action action : here) {
            for (Shot shot : plan.shotsOf(action)) {
                Optional<Standpoint> camera = Standpoint.of(plan, shot);
                if (camera.isPresent()) {
                    bounds = bounds.and(camera.get().at())
                            .and(camera.get().subject().at());
                }
            }
        }
        return bounds.withMargin();
    }

    private static String n(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    static double x(double acrossM) {
        return Math.rint(acrossM * CM * 10) / 10;
    }

    static double y(double deepM) {
        return Math.rint(-deepM * CM * 10) / 10 + 0.0;
    }

    static String points(List<Corner> corners) {
        return corners.stream()
                .map(one -> n(x(one.acrossM())) + "," + n(y(one.deepM())))
                .collect(Collectors.joining(" "));
    }

    private static LineShape line(Corner from, Corner to, String kind, String label) {
        return new LineShape(x(from.acrossM()), y(from.deepM()), x(to.acrossM()), y(to.deepM()), kind, label);
    }

    /** A square a metre; on a large floor five or fifty. */
    int squareM() {
        return squareM(bounds());
    }

    private static int squareM(Bounds bounds) {
        double large = Math.max(bounds.wide(), bounds.high());
        return large <= MOST_LINES ? 1 : large <= 5 * MOST_LINES ? 5 : 50;
    }

    private List<LineShape> grid() {
        Bounds bounds = bounds();
        int square = squareM(bounds);
        List<LineShape> lines = new ArrayList<>();
        for (double at = Math.ceil(bounds.left() / square) * square; at <= bounds.right(); at += square) {
            lines.add(line(new Corner(at, bounds.near()), new Corner(at, bounds.far()), "grid", ""));
        }
        for (double at = Math.ceil(bounds.near() / square) * square; at <= bounds.far(); at += square) {
            lines.add(line(new Corner(bounds.left(), at), new Corner(bounds.right(), at), "grid", ""));
        }
        return lines;
    }

    private static ThingShape thing(FloorPlan.Thing thing) {
        Corner first = thing.corners().get(0);
        double across =
                thing.corners().stream().mapToDouble(Corner::acrossM).average().orElse(0);
        double deep =
                thing.corners().stream().mapToDouble(Corner::deepM).average().orElse(0);
        double farthest =
                thing.corners().stream().mapToDouble(Corner::deepM).max().orElse(0);
        return new ThingShape(
                thing.id().map(UUID::toString).orElse(""),
                points(thing.corners()),
                thing.what().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                thing.name(),
                x(across),
                y(thing.what() == Standing.Kind.FURNITURE ? deep : farthest - LABEL_M),
                first.acrossM(),
                first.deepM());
    }

    private static LineShape stretch(Stretch one) {
        return line(
                new Corner(one.fromAcrossM(), one.fromDeepM()),
                new Corner(one.toAcrossM(), one.toDeepM()),
                one.what().name().toLowerCase(Locale.ROOT),
                one.label());
    }

    private Optional<ActionShape> action(Action action, Optional<Shadows> shadows) {
        return Place.of(plan, action).map(place -> {
            Corner at = place.at();
            Corner tip = place.camera(0, ARROW_M);
            boolean directed = action.line() != Line.NONE;
            return new ActionShape(
                    action.id().toString(),
                    action.name(),
                    x(at.acrossM()),
                    y(at.deepM()),
                    points(Place.path(plan, action)),
                    directed ? points(List.of(place.camera(180, 2 * ARROW_M), place.camera(0, 3 * ARROW_M))) : "",
                    directed
                            ? points(List.of(
                                    at, tip, place.camera(8, ARROW_M * 0.8), tip, place.camera(-8, ARROW_M * 0.8)))
                            : "",
                    chosen.filter(shot -> shot.actionId().equals(action.id())).isPresent(),
                    shadows.filter(all -> all.cover(at)).isPresent());
        });
    }

    private Stream<StandShape> stands() {
        return here.stream().flatMap(action -> plan.shotsOf(action).stream()).flatMap(shot -> stand(shot).stream());
    }

    private Optional<StandShape> stand(Shot shot) {
        return Standpoint.of(plan, shot).map(camera -> {
            Stand stand = Stand.of(plan, shot);
            double half = stand.wedgeDeg(plan) / 2;
            double reach = stand.groundDistanceM() * PAST_SUBJECT / Degrees.cos(Math.min(60, half));
            double looks = camera.looksDeg();
            List<Corner> wedge = List.of(
                    camera.at(), from(camera.at(), looks - half, reach), from(camera.at(), looks + half, reach));
            List<Finding> findings = OnTheGround.of(plan, shot, verdict.findingsOf(shot));
            return new StandShape(
                    shot.id().toString(),
                    shot.actionId().toString(),
                    shot.code(),
                    x(camera.at().acrossM()),
                    y(camera.at().deepM()),
                    looks,
                    points(wedge),
                    Verdict.status(findings).label(),
                    chosen.filter(one -> one.id().equals(shot.id())).isPresent(),
                    "%s, %s of %s: %s away, %s"
                                    .formatted(
                                            shot.code(),
                                            shot.size().label(),
                                            plan.actionOf(shot).name(),
                                            Wording.metres(stand.groundDistanceM()),
                                            Wording.place(shot.bearingDeg()))
                            + (Verdict.status(findings) == Status.CLEAR
                                    ? ""
                                    : "; " + findings.get(0).title()));
        });
    }

    private static Corner from(Corner point, double bearingDeg, double metres) {
        return new Place(point, 0).camera(bearingDeg, metres);
    }
}
