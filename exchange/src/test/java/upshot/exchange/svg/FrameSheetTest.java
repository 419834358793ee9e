package upshot.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.frame.DrawnFrame;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Shape;
import upshot.core.ground.ScreenTravel;
import upshot.core.ground.Stand;
import upshot.core.light.SunOnView;
import upshot.core.measure.Aspect;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Viewpoint;
import upshot.core.size.Form;
import upshot.core.size.Posture;
import upshot.core.size.Size;

/** A sheet of frames of many kinds, docs/frames.html, to be looked at: each caption says what its drawing must show. */
class FrameSheetTest {

    private static final Path PUBLISHED = Path.of("../docs/frames.html");

    /** A frame with the plan that it belongs to. */
    record Cell(Plan plan, Shot shot) {

        String caption() {
            Action action = plan.actionOf(shot);
            ScreenTravel travel = Stand.travel(plan, shot, false);
            String who = plan.subjectOf(action).kind().name().equals("PERSON")
                    ? action.posture().label()
                            + (action.hasThing() ? " with " + action.thingForm().label() : "")
                    : plan.subjectOf(action).form().label();
            return "%s, %s, %s, %s%s"
                    .formatted(
                            who,
                            shot.size().label(),
                            Stand.of(plan, shot).height(shot).label(),
                            plan.brief().aspect(),
                            action.line() == Line.TRAVEL ? ", " + travel.label() : "");
        }

        String drawing() {
            return FrameSvg.render(DrawnFrame.of(plan, shot), caption());
        }
    }

    static Cell person(String aspect, UnaryOperator<Action> action, UnaryOperator<Shot> shot) {
        SamplePlan sample = new SamplePlan().brief("aspect", Aspect.parse(aspect));
        Shot drawn = sample.shot(sample.action(action), shot);
        return new Cell(sample.build(), drawn);
    }

    static Cell object(String aspect, Form form, double heightM, double broadM, UnaryOperator<Shot> shot) {
        SamplePlan sample = new SamplePlan().brief("aspect", Aspect.parse(aspect));
        Shot drawn = sample.shot(
                sample.action(one -> one.with("subjectId", sample.object()).with("line", Line.NONE)), shot);
        Plan plan = sample.build();
        var subject = plan.subjectOf(plan.actionOf(drawn));
        List<Change> changes = new ArrayList<>(List.of(
                Change.set(subject, "heightM", heightM),
                Change.set(subject, "widthM", broadM),
                Change.set(subject, "lengthM", broadM)));
        if (form != subject.form()) {
            changes.add(Change.set(subject, "form", form));
        }
        return new Cell(plan.apply(Change.batch(changes)), drawn);
    }

    static UnaryOperator<Shot> seen(Size size, double bearing, double cameraM, double focal) {
        return shot -> (size == Size.INSERT ? shot.with("insertHeightM", Optional.of(0.3)) : shot)
                .with("size", size)
                .with("bearingDeg", bearing)
                .with("cameraHeightM", cameraM)
                .with("focalLengthMm", focal);
    }

    private static UnaryOperator<Action> posed(Posture posture) {
        return action -> action.with("posture", posture);
    }

    private static List<Cell> cells() {
        UnaryOperator<Action> bowl = action -> action.with("posture", Posture.SEATED)
                .with("line", Line.LOOK)
                .with("thing", "bowl")
                .with("thingBaseM", 0.75);
        UnaryOperator<Action> crate =
                action -> action.with("line", Line.NONE).with("thing", "crate").with("thingForm", Form.BOX);
        UnaryOperator<Action> glaze =
                action -> action.with("line", Line.NONE).with("thing", "glaze").with("thingForm", Form.LIQUID);
        return List.of(
                person("16:9", posed(Posture.STANDING), seen(Size.EXTREME_WIDE, 90, 1.6, 24)),
                person("16:9", posed(Posture.WALKING), seen(Size.WIDE, 60, 1.1, 24)),
                person("16:9", posed(Posture.WALKING), seen(Size.FULL, 300, 0.4, 35)),
                person("16:9", posed(Posture.STANDING), seen(Size.MEDIUM_FULL, 30, 1.5, 50)),
                person("16:9", posed(Posture.STANDING), seen(Size.MEDIUM, 330, 2.2, 50)),
                person("16:9", posed(Posture.STANDING), seen(Size.CLOSE_UP, 75, 1.55, 85)),
                person("16:9", posed(Posture.KNEELING), seen(Size.FULL, 40, 0.9, 35)),
                person("16:9", bowl, seen(Size.MEDIUM, 35, 1.2, 50)),
                person("16:9", crate, seen(Size.MEDIUM_FULL, 20, 1.4, 50)),
                person("16:9", posed(Posture.RIDING), seen(Size.WIDE, 90, 1.2, 35)),
                person("16:9", posed(Posture.RIDING), seen(Size.FULL, 300, 1.0, 35)),
                person("16:9", posed(Posture.RIDING), seen(Size.FULL, 20, 0.5, 50)),
                person("9:16", posed(Posture.STANDING), seen(Size.FULL, 30, 0.9, 35)),
                person(
                        "9:16",
                        posed(Posture.RIDING),
                        shot -> seen(Size.WIDE, 60, 1.1, 24).apply(shot).with("placement", Placement.LEFT_THIRD)),
                person("9:16", posed(Posture.STANDING), seen(Size.CLOSE_UP, 330, 1.55, 85)),
                person(
                        "2.39:1",
                        posed(Posture.WALKING),
                        shot -> seen(Size.WIDE, 270, 1.2, 35)
                                .apply(shot)
                                .with("placement", Placement.RIGHT_THIRD)
                                .with("move", Move.FOLLOW)),
                person("2.39:1", glaze, seen(Size.INSERT, 60, 1.5, 85)),
                person("1:1", bowl, seen(Size.MEDIUM_CLOSE, 330, 1.1, 85)),
                object("16:9", Form.ROUND, 0.4, 0.35, seen(Size.FULL, 30, 0.7, 50)),
                object("16:9", Form.BOX, 0.3, 0.4, seen(Size.FULL, 40, 0.9, 50)),
                object("16:9", Form.FLAT, 0.06, 0.5, seen(Size.FULL, 30, 0.9, 50)),
                object("4:5", Form.TALL, 0.6, 0.18, seen(Size.FULL, 30, 0.5, 50)),
                object("1:1", Form.WHEEL, 0.66, 0.1, seen(Size.FULL, 70, 0.4, 50)),
                object("16:9", Form.LIQUID, 0.2, 0.25, seen(Size.WIDE, 30, 0.6, 50)));
    }

    /** What is written beside the picture, and what stands before it or beside the subject. */
    private static Map<String, Cell> signs() {
        Map<String, Cell> signs = new LinkedHashMap<>();
        UnaryOperator<Shot> full = seen(Size.FULL, 40, 1.2, 35);
        UnaryOperator<Shot> close = seen(Size.MEDIUM_CLOSE, 30, 1.55, 85);
        UnaryOperator<Action> looks = action -> action.with("line", Line.LOOK);
        signs.put("pushes in", person("16:9", looks, shot -> full.apply(shot).with("move", Move.PUSH)));
        signs.put("lifts", person("16:9", looks, shot -> full.apply(shot).with("move", Move.LIFT)));
        signs.put(
                "tilted 12° clockwise",
                person("16:9", looks, shot -> full.apply(shot).with("rollDeg", 12.0)));
        signs.put(
                "over the shoulder",
                person("16:9", looks, shot -> close.apply(shot).with("viewpoint", Viewpoint.OVER_SHOULDER)));
        signs.put(
                "from inside looking out",
                person("16:9", looks, shot -> close.apply(shot).with("viewpoint", Viewpoint.INSIDE_OUT)));
        signs.put(
                "key from the left front, back light from the right",
                person(
                        "16:9",
                        looks,
                        shot -> full.apply(shot)
                                .with("keyDeg", Optional.of(85.0))
                                .with("backDeg", Optional.of(250.0))));
        SamplePlan three = new SamplePlan();
        Action trio = three.action(looks);
        three.performer(trio, three.otherPerson());
        three.performer(trio, three.otherPerson());
        Shot wide = three.shot(trio, seen(Size.WIDE, 20, 1.3, 24));
        signs.put("three people", new Cell(three.build(), wide));
        for (double[] sun : new double[][] {{0, 180}, {90, 90}, {180, 0}}) {
            Cell cell = sunny(sun[0]);
            signs.put(
                    "sun: %s"
                            .formatted(SunOnView.of(cell.plan(), cell.shot())
                                    .orElseThrow()
                                    .from()
                                    .label()),
                    cell);
        }
        signs.putAll(WorkFrames.of());
        return signs;
    }

    /** In a yard that faces south, with the sun due south. */
    private static Cell sunny(double bearing) {
        SamplePlan sample = new SamplePlan()
                .brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)));
        Action action = sample.action(one -> one.with("spotId", sample.nextSpot())
                .with("line", Line.NONE)
                .with("fixedTime", Optional.of(LocalTime.of(11, 42))));
        Shot shot = sample.shot(action, seen(Size.FULL, bearing, 1.2, 35));
        Plan plan = sample.build();
        return new Cell(plan.apply(Change.set(plan.spotOf(action), "facingDeg", Optional.of(180.0))), shot);
    }

    @Test
    void each_sign_is_drawn_where_its_word_says() {
        Map<String, Cell> signs = signs();
        assertThat(signs.keySet()).contains("sun: front light", "sun: side light", "sun: back light");
        signs.forEach((word, cell) -> {
            List<Shape> shapes = DrawnFrame.of(cell.plan(), cell.shot()).shapes();
            assertThat(shapes.stream().anyMatch(shape -> shape.role() == Shape.Role.MOVE))
                    .as(word)
                    .isEqualTo(cell.shot().move().moving());
            shapes.stream()
                    .filter(shape -> shape instanceof Shape.Disc && shape.role() == Shape.Role.LIGHT)
                    .map(Shape.Disc.class::cast)
                    .findFirst()
                    .ifPresent(sun -> assertThat(word)
                            .isEqualTo(
                                    sun.centre().v() < 0.2
                                            ? "sun: back light"
                                            : sun.centre().v() > 0.8 ? "sun: front light" : "sun: side light"));
            assertThat(shapes.stream().anyMatch(shape -> shape.role() == Shape.Role.FOREGROUND_EDGE))
                    .as(word)
                    .isEqualTo(Set.of(Viewpoint.OVER_SHOULDER, Viewpoint.INSIDE_OUT)
                            .contains(cell.shot().viewpoint()));
        });
        Cell lit = signs.get("key from the left front, back light from the right");
        List<FramePoint> lamps = DrawnFrame.of(lit.plan(), lit.shot()).shapes().stream()
                .filter(shape -> shape instanceof Shape.Arrow && shape.role() == Shape.Role.LIGHT)
                .map(shape -> ((Shape.Arrow) shape).from())
                .toList();
        assertThat(lamps).hasSize(2);
        assertThat(lamps.get(0)).satisfies(key -> {
            assertThat(key.u()).isLessThan(16.0 / 18);
            assertThat(key.v()).isGreaterThan(0.5);
        });
        assertThat(lamps.get(1)).satisfies(back -> {
            assertThat(back.u()).isGreaterThan(16.0 / 18);
            assertThat(back.v()).isLessThan(0.5);
        });
        assertThat(heads(signs.get("three people"))).isEqualTo(3 * heads(signs.get("lifts")));
    }

    private static long heads(Cell cell) {
        return DrawnFrame.of(cell.plan(), cell.shot()).shapes().stream()
                .filter(shape -> shape instanceof Shape.Disc && shape.role() != Shape.Role.LIGHT)
                .count();
    }

    @Test
    void caption_and_drawing_agree_in_every_cell() {
        assertThat(cells()).hasSize(24).allSatisfy(cell -> {
            List<Shape> shapes = DrawnFrame.of(cell.plan(), cell.shot()).shapes();
            assertThat(shapes).as(cell.caption()).hasSizeGreaterThan(4);
            Optional<Shape.Arrow> arrow = shapes.stream()
                    .filter(shape -> shape instanceof Shape.Arrow && shape.role() == Shape.Role.TRAVEL)
                    .map(Shape.Arrow.class::cast)
                    .findFirst();
            if (cell.caption().endsWith("left to right") || cell.caption().endsWith("right to left")) {
                boolean rightwards =
                        arrow.orElseThrow().to().u() > arrow.get().from().u();
                assertThat(rightwards)
                        .as(cell.caption())
                        .isEqualTo(cell.caption().endsWith("left to right"));
            } else {
                assertThat(arrow).as(cell.caption()).isEmpty();
            }
        });
    }

    /** Run with -Dupshot.write-frames=true after a drawing has changed, and look at the page. */
    @Test
    void the_published_sheet_is_the_present_one() throws IOException {
        StringBuilder page = new StringBuilder("""
                <!DOCTYPE html>
                <html lang="en"><head><meta charset="utf-8"><title>Drawn frames</title>
                <style>body{font:13px sans-serif;margin:12px;background:#f5f7f7}ul{list-style:none;padding:0;margin:0;display:grid;grid-template-columns:repeat(6,1fr);gap:10px}svg{display:block;height:120px;max-width:100%;background:#fff}</style>
                </head><body><ul>
                """);
        cells().forEach(cell -> page.append("<li>")
                .append(cell.drawing())
                .append("<p>")
                .append(cell.caption())
                .append("</p></li>\n"));
        page.append("</ul><p>And what is written beside the picture or stands before it:</p><ul>\n");
        signs().forEach((word, cell) -> page.append("<li>")
                .append(cell.drawing())
                .append("<p>")
                .append(word)
                .append("</p></li>\n"));
        String sheet = page.append("</ul></body></html>\n").toString();
        if (Boolean.getBoolean("upshot.write-frames")) {
            Files.writeString(PUBLISHED, sheet);
        }
        assertThat(Files.readString(PUBLISHED)).isEqualTo(sheet);
    }
}
