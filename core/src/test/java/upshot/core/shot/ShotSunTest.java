package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.light.LightHour;
import upshot.core.light.SunOnView;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Standing;
import upshot.core.plan.WantedLight;
import upshot.core.size.Size;

/** On 9 October at 52.63 N 1.30 E the sun stands due south at 11:42 UTC, 30.7° up; the yard faces south. */
class ShotSunTest extends ShotOnSample {

    private static final LocalTime SOUTH = LocalTime.of(11, 42);

    private Plan outdoors(UnaryOperator<Action> action, UnaryOperator<Shot> change) {
        shot(one -> action.apply(one.with("spotId", sample.nextSpot())), change);
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)))
                .brief("callTime", LocalTime.of(8, 0))
                .brief("wrapTime", LocalTime.of(20, 0));
        Plan plan = sample.build();
        return spot(plan, plan.shots().get(0), "facingDeg", Optional.of(180.0));
    }

    private static Plan at(Plan plan, LocalTime time) {
        Action action = plan.actions().get(0);
        return plan.apply(Change.set(action, "fixedTime", Optional.of(time)));
    }

    private static Shot only(Plan plan) {
        return plan.shots().get(0);
    }

    @ParameterizedTest
    @CsvSource({"0, 180, FRONT", "180, 0, BEHIND", "90, 90, SIDE", "270, -90, SIDE", "40, 140, FRONT", "140, 40, BEHIND"
    })
    void the_sun_stands_behind_beside_or_in_front_as_the_bearing_turns(
            double bearing, double off, SunOnView.From from) {
        Plan plan = at(outdoors(one -> one, one -> one.with("bearingDeg", bearing)), SOUTH);
        SunOnView sun = SunOnView.of(plan, only(plan)).orElseThrow();

        double apart = Degrees.wrap(sun.offViewDeg() - off);
        assertThat(Math.min(apart, 360 - apart)).isLessThan(1);
        assertThat(sun.altitudeDeg()).isCloseTo(30.7, within(0.5));
        assertThat(sun.from()).isEqualTo(from);
    }

    @ParameterizedTest
    @CsvSource({
        "-0.1, 0, NOWHERE", "0, 0, BEHIND", "50, 0, BEHIND", "50.1, 0, ABOVE",
        "30, 45, BEHIND", "30, 45.1, SIDE", "30, -135, SIDE", "30, -135.1, FRONT"
    })
    void each_bound_belongs_to_the_side_that_the_rules_say(double altitude, double off, SunOnView.From from) {
        assertThat(new SunOnView(null, altitude, off).from()).isEqualTo(from);
    }

    @Test
    void indoors_without_a_date_or_a_facing_there_is_no_sun_to_speak_of() {
        Plan plan = outdoors(one -> one, one -> one);

        assertThat(SunOnView.of(plan, only(plan))).isPresent();
        assertThat(SunOnView.of(spot(plan, only(plan), "outdoors", false), only(plan)))
                .isEmpty();
        assertThat(SunOnView.of(spot(plan, only(plan), "facingDeg", Optional.empty()), only(plan)))
                .isEmpty();
        assertThat(SunOnView.of(brief(plan, "shootDate", Optional.empty()), only(plan)))
                .isEmpty();
    }

    private static Plan brief(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.brief(), field, value));
    }

    @Test
    void an_action_is_lit_at_its_fixed_time_in_its_light_or_in_the_middle_of_its_hours() {
        Plan plan = outdoors(one -> one, one -> one);

        assertThat(hour(plan)).isEqualTo(LocalTime.of(14, 0));
        assertThat(hour(action(plan, "untilTime", Optional.of(LocalTime.of(10, 0)))))
                .isEqualTo(LocalTime.of(9, 0));
        Plan golden = action(plan, "wantedLight", WantedLight.GOLDEN);
        LightHour evening = LightHour.of(golden, golden.actions().get(0)).orElseThrow();
        assertThat(evening.windows()).singleElement();
        assertThat(evening.at()).isEqualTo(evening.windows().get(0).middle());
        assertThat(hour(at(golden, SOUTH))).isEqualTo(SOUTH);
    }

    private static LocalTime hour(Plan plan) {
        LightHour hour = LightHour.of(plan, plan.actions().get(0)).orElseThrow();
        return hour.clock(hour.at());
    }

    private static Plan action(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.actions().get(0), field, value));
    }

    @Test
    void a_camera_with_the_sun_behind_it_watches_for_its_shadow() {
        Plan plan = at(outdoors(one -> one, one -> one.with("bearingDeg", 20.0)), SOUTH);
        Shot shot = only(plan);
        double reach = Stand.of(plan, shot).groundDistanceM();
        double altitude = SunOnView.of(plan, shot).orElseThrow().altitudeDeg();
        // z/tan 30.7° is about 1.68 z; the medium's stand is 3.39 m off.
        assertThat(new OwnShadow().judge(plan, shot)).isEmpty();
        Shot high = shot.with("cameraHeightM", reach * Math.tan(Math.toRadians(altitude)) + 0.1);
        Finding finding = new OwnShadow().judge(plan, high).orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.WATCH);
        assertThat(finding.measured().value())
                .isGreaterThanOrEqualTo(finding.measured().limit());
        assertThat(finding.measured().limit()).isCloseTo(Stand.of(plan, high).groundDistanceM(), within(1e-9));
        assertThat(new OwnShadow().judge(plan, high.with("bearingDeg", 90.0))).isEmpty();
        Plan mended = plan.apply(Change.set(shot, "cameraHeightM", high.cameraHeightM()));
        Plan turned = mended(mended, new OwnShadow().judge(mended, only(mended)).orElseThrow(), 0);
        assertThat(new OwnShadow().judge(turned, only(turned))).isEmpty();
    }

    /** It sets at 17:13 UTC, at 260°: at 16:45 it stands 3° up behind a camera at 258°, at 17:02 not even one. */
    @Test
    void a_sun_that_is_nearly_down_or_behind_a_wall_throws_no_shadow_of_the_camera() {
        Plan plan = outdoors(
                one -> one.with("acrossM", Optional.of(0.0)).with("deepM", Optional.of(0.0)),
                one -> one.with("bearingDeg", 78.0));
        Plan late = at(plan, LocalTime.of(16, 45));
        assertThat(new OwnShadow().judge(late, only(late))).isPresent();
        Plan later = at(plan, LocalTime.of(17, 2));
        assertThat(new OwnShadow().judge(later, only(later))).isEmpty();
        Plan walled = late.apply(new Change.Add(new Standing(
                sample.id(),
                late.actions().get(0).spotId(),
                1,
                "barn",
                Standing.Kind.FURNITURE,
                Outline.parse("10 -20, 11 -20, 11 40, 10 40"),
                6,
                "",
                "")));
        assertThat(new OwnShadow().judge(walled, only(walled))).isEmpty();
    }

    @Test
    void a_high_sun_is_watched_on_faces_only_and_the_hour_at_which_it_is_lower_is_named() {
        // On 21 June it is 60.8° up at 11:57 UTC; cos H = (sin 50 − sin φ sin δ)/(cos φ cos δ) = 0.808: 50° at 14:21.
        Plan june = brief(outdoors(one -> one, one -> one), "shootDate", Optional.of(LocalDate.of(2026, 6, 21)));
        Plan noon = at(june, LocalTime.of(12, 0));
        Finding finding = new TopLight().judge(noon, only(noon)).orElseThrow();

        assertThat(finding.measured().value()).isCloseTo(60.8, within(0.5));
        assertThat(finding.sentence()).endsWith("At 14:25 it stands lower.");
        Shot insert = only(noon).with("insertHeightM", Optional.of(0.1)).with("size", Size.INSERT);
        assertThat(new TopLight().judge(noon, insert)).isEmpty();
        Plan evening = at(june, LocalTime.of(17, 0));
        assertThat(new TopLight().judge(evening, only(evening))).isEmpty();
        Plan thing = noon.apply(Change.set(noon.actions().get(0), "subjectId", sample.object()));
        assertThat(new TopLight().judge(thing, only(thing))).isEmpty();
    }

    @Test
    void a_light_that_is_not_there_between_the_hours_is_a_break_with_the_hours_that_have_it() {
        Plan golden = action(outdoors(one -> one, one -> one), "wantedLight", WantedLight.GOLDEN);
        assertThat(new NoSuchLight().judge(golden, only(golden))).isEmpty();

        Plan morning = action(
                action(golden, "fromTime", Optional.of(LocalTime.of(9, 0))),
                "untilTime",
                Optional.of(LocalTime.of(12, 0)));
        Finding finding = new NoSuchLight().judge(morning, only(morning)).orElseThrow();
        assertThat(finding.status()).isEqualTo(Status.BREAK);
        Plan moved = mended(morning, finding, 0);
        assertThat(new NoSuchLight().judge(moved, only(moved))).isEmpty();
        Plan any = mended(morning, finding, 1);
        assertThat(any.actions().get(0).wantedLight()).isEqualTo(WantedLight.ANY);
        Plan fixed = at(golden, SOUTH);
        assertThat(new NoSuchLight().judge(fixed, only(fixed)).orElseThrow().mends())
                .extracting(mend -> mend.label())
                .containsExactly("Take any light");
    }

    @Test
    void in_the_polar_summer_no_dark_is_to_be_had_at_all() {
        Plan dark = action(outdoors(one -> one, one -> one), "wantedLight", WantedLight.DARK);
        Plan north = brief(
                brief(dark, "coordinates", Optional.of(new Coordinates(69.65, 18.96))),
                "shootDate",
                Optional.of(LocalDate.of(2026, 6, 10)));

        assertThat(new NoSuchLight().judge(north, only(north)).orElseThrow().sentence())
                .isEqualTo("There is no dark at this place on that day.");
    }

    @Test
    void a_sun_within_the_frame_raises_its_caution() {
        // Half of 28° to either side of due south.
        Plan plan = at(outdoors(one -> one, one -> one.with("bearingDeg", 180.0)), SOUTH);

        assertThat(RaisedCautions.of(plan, only(plan)).tags()).containsExactly(Caution.SUN);
        assertThat(RaisedCautions.of(plan, only(plan).with("bearingDeg", 193.0)).tags())
                .containsExactly(Caution.SUN);
        assertThat(RaisedCautions.of(plan, only(plan).with("bearingDeg", 195.0)).tags())
                .isEmpty();
    }
}
