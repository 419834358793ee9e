package upshot.exchange.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Spot;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PlanShapes.Box;
import upshot.exchange.ground.PlanShapes.Drawing;
import upshot.exchange.ground.PlanShapes.StandShape;

/** Somebody at (3, 1) of a hall of 6 by 5 m; the yard lies 20 m south of it. */
class PlanDrawingTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action(one -> one.with("acrossM", Optional.of(3.0))
            .with("deepM", Optional.of(1.0))
            .with("line", Line.TRAVEL)
            .with("side", Side.LEFT_TO_RIGHT));

    private static Drawing drawing(Plan plan, int spot, Look look) {
        return new PlanDrawing(Verdict.of(plan), plan.spots().get(spot)).drawing(look);
    }

    private static Look chosen(Shot shot) {
        return new Look(Optional.of(shot), Optional.empty(), Optional.empty());
    }

    @Test
    void a_camera_in_another_spot_is_shown_in_both() {
        Spot yard = sample.build().spots().get(1);
        Shot shot =
                sample.shot(action, one -> one.with("bearingDeg", 180.0).with("cameraSpotId", Optional.of(yard.id())));
        Plan plan = sample.build()
                .apply(Change.batch(List.of(
                        Change.set(sample.build().spots().get(0), "siteEastM", Optional.of(0.0)),
                        Change.set(sample.build().spots().get(0), "siteNorthM", Optional.of(0.0)),
                        Change.set(yard, "siteEastM", Optional.of(0.0)),
                        Change.set(yard, "siteNorthM", Optional.of(-20.0)))));
        double awayCm = 100 * Stand.of(plan, shot).groundDistanceM();

        StandShape inHall = drawing(plan, 0, Look.PLAIN).stands().get(0);
        assertThat(inHall.elsewhere()).isEqualTo("Yard");
        assertThat(inHall.y()).isCloseTo(-100 + awayCm, within(0.1));

        StandShape inYard = drawing(plan, 1, Look.PLAIN).stands().get(0);
        assertThat(inYard.elsewhere()).isEqualTo("Hall");
        assertThat(inYard.x()).isCloseTo(300, within(0.1));
        assertThat(inYard.y()).isCloseTo(-2100 + awayCm, within(0.1));
        assertThat(Math.cos(Math.toRadians(inYard.turnDeg())))
                .as("it looks north, into the hall")
                .isCloseTo(1, within(1e-9));
        assertThat(inYard.spoken()).endsWith("looks out to Hall");
    }

    @Test
    void cameras_of_one_place_share_a_number_and_what_moves_has_a_track() {
        sample.shot(action, 0);
        sample.shot(
                action,
                one -> one.with("bearingDeg", 90.0).with("move", Move.PUSH).with("moveM", 0.5));
        sample.shot(action, 0);
        List<StandShape> stands = drawing(sample.build(), 0, Look.PLAIN).stands();
        assertThat(stands).extracting(StandShape::number).containsExactly(1, 2, 1);
        assertThat(stands).extracting(one -> one.track().isEmpty()).containsExactly(true, false, true);
    }

    @Test
    void what_is_not_set_up_then_is_faint() {
        Shot up = sample.shot(action, 0);
        sample.shot(action, 90);
        Look then = new Look(Optional.empty(), Optional.empty(), Optional.of(Set.of(up.id())));
        assertThat(drawing(sample.build(), 0, then).stands())
                .extracting(StandShape::faint)
                .containsExactly(false, true);
    }

    /** It goes deep; seen from the right of its way it goes from left to right. */
    @Test
    void the_side_that_is_kept_lies_to_the_right_of_the_way_and_the_lamps_stand_where_they_are_noted() {
        Shot shot =
                sample.shot(action, one -> one.with("keyDeg", Optional.of(90.0)).with("backDeg", Optional.of(180.0)));
        Drawing drawing = drawing(sample.build(), 0, chosen(shot));
        assertThat(drawing.kept().split(" "))
                .allSatisfy(point ->
                        assertThat(Double.parseDouble(point.split(",")[0])).isGreaterThanOrEqualTo(300));
        assertThat(drawing.lamps())
                .extracting(lamp -> "%s %.0f %.0f".formatted(lamp.name(), lamp.x(), lamp.y()))
                .containsExactly("key 500 -100", "back 300 100");
        assertThat(drawing(sample.build(), 0, Look.PLAIN).kept()).isEmpty();
    }

    @Test
    void a_sheet_shows_the_cameras_that_stand_there_or_film_it() {
        sample.shot(action, 0);
        Drawing drawing = drawing(sample.build(), 0, Look.PLAIN);
        Box left = new Box(
                drawing.box().left(), drawing.box().top(), 50, drawing.box().high());
        assertThat(drawing.within(left).stands()).isEmpty();
        assertThat(drawing.within(new Box(250, -150, 100, 100)).stands()).hasSize(1);
    }

    @Test
    void names_are_no_markup() {
        Plan plan = sample.build();
        Plan named = plan.apply(Change.set(action, "name", "<script>\"&"));
        String page = PlanSvg.page(drawing(named, 0, Look.PLAIN), "Plan of \"x\"", "/jobs/" + UUID.randomUUID() + "/");
        assertThat(page).contains("&lt;script").doesNotContain("<script>").contains("Plan of &quot;x&quot;");
    }

    @Test
    void sheets_overlap_by_a_centimetre_and_never_become_very_many() {
        Box wide = new Box(0, 0, 1200, 300);
        Tiles tiles = Tiles.of(wide, PaperSize.A4, OptionalInt.of(20));
        assertThat(tiles.parts()).extracting(Tiles.Part::name).containsExactly("A1", "A2", "A3");
        Box first = tiles.parts().get(0).box();
        Box second = tiles.parts().get(1).box();
        assertThat(first.left() + first.wide() - second.left())
                .as("10 mm at 1:20 are 20 cm")
                .isCloseTo(20, within(1e-6));
        Box huge = new Box(0, 0, 200_000, 200_000);
        assertThat(Tiles.of(huge, PaperSize.A4, OptionalInt.of(20)).parts()).hasSizeLessThanOrEqualTo(24);
    }
}
