package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Waypoint;

/** What the plan of a spot says of where cameras stand. */
class OnThePlanTest {

    private final SamplePlan sample = new SamplePlan();
    private final List<Change> drawn = new ArrayList<>();
    private Action action;
    private Shot shot;
    private UUID spot;

    /** Ada at (5, 2) of a floor of 10 by 12 m, seen from in front, so that the camera stands deeper in. */
    @BeforeEach
    void aFloor() {
        action = sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(2.0)));
        shot = sample.shot(action, one -> one.with("bearingDeg", 0.0));
        spot = action.spotId();
        corners("0 0, 10 0, 10 12, 0 12", 3);
    }

    private void corners(String outline, double wallM) {
        drawn.removeIf(change -> change instanceof Change.Add add && add.added() instanceof FloorCorner);
        for (Outline.Corner corner : Outline.parse(outline).corners()) {
            drawn.add(new Change.Add(
                    new FloorCorner(sample.id(), spot, drawn.size(), corner.acrossM(), corner.deepM(), wallM, false)));
        }
    }

    private void stands(Standing.Kind what, String corners, double heightM) {
        drawn.add(new Change.Add(new Standing(
                sample.id(),
                spot,
                drawn.size(),
                "Kiln line",
                what,
                Outline.parse(corners),
                heightM,
                "hot",
                "the kiln crew")));
    }

    private Plan plan() {
        return sample.build().apply(new Change.Batch(drawn));
    }

    private Optional<Finding> said(String rule) {
        Plan plan = plan();
        return ShotRule.judgeAll(plan, plan.shots().get(0)).stream()
                .filter(finding -> finding.ruleId().equals(rule))
                .findFirst();
    }

    private Outline.Corner camera() {
        Plan plan = plan();
        return Standpoint.of(plan, plan.shots().get(0)).orElseThrow().at();
    }

    /** After a mend the rule is silent. */
    private void mended(String rule, Mend mend) {
        drawn.add(mend.change());
        assertThat(said(rule)).as(mend.label()).isEmpty();
        drawn.remove(drawn.size() - 1);
    }

    @Test
    void the_camera_stands_in_front_at_the_distance_that_its_lens_asks_for() {
        assertThat(camera().acrossM()).isCloseTo(5, within(1e-9));
        assertThat(camera().deepM()).isGreaterThan(3);
        assertThat(said("no-go")).isEmpty();
        assertThat(said("blocked-sight")).isEmpty();
    }

    @Test
    void in_a_zone_it_says_how_far_why_and_who_decides_and_where_else_the_same_is_framed() {
        double deep = camera().deepM();
        String zone = "4 %s, 6 %s, 6 %s, 4 %s".formatted(deep - 0.5, deep - 0.5, deep + 0.8, deep + 0.8);
        stands(Standing.Kind.NO_GO, zone, 0);

        Finding finding = said("no-go").orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.BREAK);
        assertThat(finding.sentence()).contains("0.5 m inside: Kiln line of Hall, hot; the kiln crew decides.");
        assertThat(finding.mends()).extracting(Mend::label).anyMatch(label -> label.matches("Step (back|in) to .* mm"));
        assertThat(finding.mends()).anyMatch(mend -> mend.label().startsWith("Shoot from"));
        finding.mends().forEach(mend -> mended("no-go", mend));
    }

    @Test
    void a_zones_edge_is_still_outside_and_a_way_out_is_kept_free_for_half_a_metre() {
        double deep = camera().deepM();
        stands(Standing.Kind.WATER, "4 %s, 6 %s, 6 %s, 4 %s".formatted(deep, deep, deep + 1, deep + 1), 0);
        assertThat(said("no-go")).isEmpty();
        stands(Standing.Kind.WAY_OUT, "4 %s, 6 %s, 6 11, 4 11".formatted(deep + 0.5, deep + 0.5), 0);
        assertThat(said("way-out")).isEmpty();
        stands(Standing.Kind.WAY_OUT, "4 %s, 6 %s, 6 11, 4 11".formatted(deep + 0.49, deep + 0.49), 0);
        Finding finding = said("way-out").orElseThrow();
        assertThat(finding.status()).isEqualTo(Status.BREAK);
        finding.mends().forEach(mend -> mended("way-out", mend));
    }

    @Test
    void legs_need_thirty_centimetres_to_a_slanted_wall_too() {
        double deep = camera().deepM();
        corners("0 0, 10 0, 10 %s, 0 %s".formatted(deep + 0.31, deep + 0.31), 3);
        assertThat(said("at-the-wall")).isEmpty();
        corners("0 0, 10 0, 10 %s, 0 %s".formatted(deep + 0.29, deep + 0.29), 3);
        assertThat(said("at-the-wall").orElseThrow().status()).isEqualTo(Status.WATCH);
        // A wall at 45° that passes 0.42 m behind the camera is 0.297 m away; at 0.43 m it is 0.304.
        corners("0 0, 10 0, 10 %s, 0 %s".formatted(deep + 0.42 - 5, deep + 0.42 + 5), 3);
        assertThat(said("at-the-wall")).isPresent();
        corners("0 0, 10 0, 10 %s, 0 %s".formatted(deep + 0.43 - 5, deep + 0.43 + 5), 3);
        assertThat(said("at-the-wall")).isEmpty();
        corners("0 0, 10 0, 10 %s, 0 %s".formatted(deep + 0.29, deep + 0.29), 0);
        assertThat(said("at-the-wall")).as("an edge without a wall").isEmpty();
    }

    @Test
    void what_hides_a_tenth_is_watched_and_what_hides_half_breaks_unless_it_is_the_foreground() {
        String between = "4 2.6, 6 2.6, 6 2.7, 4 2.7";
        stands(Standing.Kind.FURNITURE, between, 3);
        Finding finding = said("blocked-sight").orElseThrow();
        assertThat(finding.status()).isEqualTo(Status.BREAK);
        assertThat(finding.sentence()).contains("100 %");
        finding.mends().forEach(mend -> mended("blocked-sight", mend));

        drawn.add(Change.set(shot, "foreground", true));
        assertThat(said("blocked-sight")).isEmpty();
    }

    @Test
    void a_mirror_shows_the_camera_that_stands_square_before_it_and_no_other() {
        drawn.add(mirror("2 0 8 0"));
        Finding finding = said("reflection").orElseThrow();
        assertThat(finding.sentence()).contains("Its image in the mirror stands 0° off the middle");
        finding.mends().forEach(mend -> mended("reflection", mend));
        drawn.remove(drawn.size() - 1);
        // It ends half a metre before the line, and whoever works the camera reaches a quarter of one.
        drawn.add(mirror("0 0 4.5 0"));
        assertThat(said("reflection")).isEmpty();
        drawn.remove(drawn.size() - 1);
        drawn.add(mirror("0 0 4.8 0"));
        assertThat(said("reflection")).isPresent();
        drawn.remove(drawn.size() - 1);
        drawn.add(mirror("0 12 10 12"));
        assertThat(said("reflection")).as("behind the camera").isEmpty();
    }

    private Change mirror(String ends) {
        String[] numbers = ends.split(" ");
        return new Change.Add(new Stretch(
                sample.id(),
                spot,
                drawn.size(),
                "",
                Stretch.Kind.MIRROR,
                Double.parseDouble(numbers[0]),
                Double.parseDouble(numbers[1]),
                Double.parseDouble(numbers[2]),
                Double.parseDouble(numbers[3]),
                0,
                2.2));
    }

    @Test
    void a_mover_is_asked_about_where_its_way_passes_the_camera() {
        drawn.add(Change.set(action, "speedMps", 6.0));
        // Along its way to the right, seen from the side: the camera stands beside the way as far as it is back.
        passes(0, 2, 5, 2);
        Plan straight = plan();
        Shot seen = straight.shots().get(0).withBearingDeg(90);
        double back = Stand.of(straight, seen).groundDistanceM();
        assertThat(RaisedCautions.besideTraffic(straight, seen)).isEqualTo(back < 4);
        // The same where the way comes back past the camera.
        passes(5, 2, 5, 2 - back - 1, 0, 2 - back - 1);
        assertThat(RaisedCautions.besideTraffic(plan(), seen)).isTrue();
        assertThat(RaisedCautions.of(plan(), seen).tags()).contains(Caution.VEHICLE);
    }

    private void passes(double... points) {
        for (int i = 0; i < points.length; i += 2) {
            drawn.add(new Change.Add(new Waypoint(sample.id(), action.id(), i, points[i], points[i + 1], 0)));
        }
    }
}
