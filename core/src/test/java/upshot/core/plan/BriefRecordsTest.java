package upshot.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.SamplePlan;
import upshot.core.brief.Drafts;
import upshot.core.brief.GenericKit;
import upshot.core.brief.HousePreset;
import upshot.core.ground.Likeness;
import upshot.core.ground.Stand;
import upshot.core.house.Threshold;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.order.Shoot;
import upshot.core.shot.ShotNumbers;

/** The records of the Brief, and that what is set there is what the computations use. */
class BriefRecordsTest {

    private final SamplePlan sample = new SamplePlan();

    @ParameterizedTest
    @CsvSource({
        "'52.63, 1.30', 52.63, 1.3",
        "52.63 N 1.30 E, 52.63, 1.3",
        "'33.92° S, 18.42° E', -33.92, 18.42",
        "40.71 -74.01, 40.71, -74.01",
        "'90, -180', 90, -180"
    })
    void places_are_read_as_they_are_typed(String typed, double latitude, double longitude) {
        Coordinates place = Coordinates.parse(typed);

        assertThat(place).isEqualTo(new Coordinates(latitude, longitude));
        assertThat(Coordinates.parse(place.toString())).isEqualTo(place);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "here", "90.01, 0", "0, 180.5", "52.63", "1,2,3", "NaN, 0"})
    void what_is_no_place_is_refused(String typed) {
        assertThatThrownBy(() -> Coordinates.parse(typed)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void an_outline_has_three_corners_or_none_and_an_area() {
        assertThat(Outline.parse("0 0, 5 0, 5 4, 0 4").areaM2()).isEqualTo(20);
        assertThat(Outline.parse("0 0, 6 0, 0 4").areaM2()).isEqualTo(12);
        assertThat(Outline.parse(" ")).isEqualTo(Outline.NONE);
        assertThatThrownBy(() -> Outline.parse("0 0, 5 0")).hasMessageContaining("3 to 60");
        assertThatThrownBy(() -> Outline.parse("0 0, 5 0, 10 0")).hasMessageContaining("no floor");
        assertThatThrownBy(() -> Outline.parse("0 0, 5, 5 5")).hasMessageContaining("5");
    }

    @Test
    void the_delivered_picture_keeps_its_long_side_in_every_shape() {
        Brief brief = sample.build().brief();

        assertThat(brief.pixels(Aspect.WIDE)).isEqualTo("1920 × 1080");
        assertThat(brief.pixels(Aspect.parse("9:16"))).isEqualTo("1080 × 1920");
        assertThat(brief.pixels(Aspect.parse("2.39:1"))).isEqualTo("1920 × 804");
    }

    @Test
    void an_odd_long_side_and_an_unknown_zone_are_refused() {
        Plan plan = sample.build();

        assertThatThrownBy(() -> plan.apply(Change.set(plan.brief(), "longSidePx", 1921)))
                .hasMessageContaining("even");
        assertThatThrownBy(() -> plan.apply(Change.set(plan.brief(), "zone", "Mars/Olympus")))
                .hasMessageContaining("no time zone");
    }

    @Test
    void a_quick_rate_uses_the_mode_that_records_it_and_its_smaller_sensor() {
        Shot shot = sample.shot(sample.action(), one -> one.with("captureRate", FrameRate.of(120)));
        Plan plan = sample.build();
        Mode all = plan.modesOf(plan.bodies().get(0)).get(0);
        Plan cropped = plan.apply(Change.batch(List.of(
                Change.set(all, "rates", FrameRates.parse("24, 60")),
                new Change.Add(new Mode(
                        sample.id(),
                        all.bodyId(),
                        "HD",
                        2,
                        1920,
                        1080,
                        FrameRates.parse("120"),
                        16.6,
                        9.3333,
                        60,
                        true)))));

        // 50 mm medium on a 1.5 times smaller sensor: 5.06 m instead of 3.39 m.
        assertThat(Stand.of(plan, shot).distanceM()).isCloseTo(3.39, within(0.005));
        assertThat(Stand.of(cropped, shot).distanceM()).isCloseTo(5.06, within(0.005));
    }

    @Test
    void a_lens_that_squeezes_widens_the_sensor_first() {
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.brief("aspect", Aspect.parse("2.39:1")).build();
        Mode mode = plan.modesOf(plan.bodies().get(0)).get(0);
        Lens fifty = plan.lenses().stream()
                .filter(lens -> lens.reaches(50))
                .findFirst()
                .orElseThrow();
        Plan squeezed = plan.apply(Change.batch(List.of(
                Change.set(mode, "sensorWidthMm", 22.0),
                Change.set(mode, "sensorHeightMm", 18.6),
                Change.set(fifty, "squeeze", 2.0))));

        assertThat(Stand.of(squeezed, shot).sensor().widthMm()).isEqualTo(44);
        assertThat(Stand.of(squeezed, shot).sensor().heightMm()).isCloseTo(18.4, within(0.02));
        assertThat(Stand.of(squeezed, shot).sensor().cocMm()).isCloseTo(Math.hypot(22, 18.41) / 1500, within(1e-5));
    }

    @Test
    void a_moved_threshold_moves_the_rule_and_a_walk_its_minutes() {
        Shot one = sample.shot(sample.action(), 30);
        Shot other = sample.shot(sample.action(), 55);
        Plan plan = sample.build();
        Plan moved = plan.apply(Change.batch(List.of(
                new Change.Add(new Adjustment(sample.id(), Threshold.ALIKE_ANGLE, 20)),
                new Change.Add(new Adjustment(sample.id(), Threshold.MARGIN, 25)),
                new Change.Add(new Walk(
                        sample.id(),
                        plan.spots().get(0).id(),
                        plan.spots().get(1).id(),
                        7)))));

        assertThat(Likeness.between(plan, one, other).clear()).isFalse();
        assertThat(Likeness.between(moved, one, other).clear()).isTrue();
        assertThat(Shoot.of(moved).problem().margin()).isEqualTo(1.25);
        assertThat(Shoot.of(plan).problem().margin()).isEqualTo(1.1);
    }

    @Test
    void a_threshold_is_moved_once_and_within_its_bounds() {
        Plan plan = sample.build().apply(new Change.Add(new Adjustment(sample.id(), Threshold.TAIL, 30)));

        assertThatThrownBy(() -> plan.apply(new Change.Add(new Adjustment(sample.id(), Threshold.TAIL, 3))))
                .hasMessageContaining("roll after the last clean second");
        assertThatThrownBy(() -> new Adjustment(sample.id(), Threshold.TAIL, 30.1))
                .isInstanceOf(InvalidField.class);
    }

    @Test
    void the_school_of_holds_decides_how_long_a_shot_is_kept() {
        Shot shot = sample.shot(sample.action(one -> one.with("durationS", 40.0)), one -> one.with("holdS", 6.0));
        Plan plan = sample.build();

        assertThat(clean(plan, HousePreset.PRODUCT, shot)).isEqualTo(6);
        assertThat(clean(plan, HousePreset.EVENT, shot)).isEqualTo(10);
        assertThat(clean(plan, HousePreset.PERFORMER, shot)).isEqualTo(44);
        Plan opening = plan.apply(new Change.Add(Use.cut(sample.id(), shot.id(), 1, 24)));
        assertThat(clean(opening, HousePreset.EVENT, shot)).isEqualTo(30);
    }

    private static double clean(Plan plan, HousePreset preset, Shot shot) {
        return ShotNumbers.of(plan.apply(preset.choose(plan.house())), shot)
                .hold()
                .cleanS();
    }

    @ParameterizedTest
    @EnumSource(HousePreset.class)
    void a_preset_chosen_holds_and_can_be_taken_back(HousePreset preset) {
        Plan plan = sample.build();
        Change.Batch choose = preset.choose(plan.house());
        Plan chosen = plan.apply(choose);

        assertThat(preset.holds(chosen.house())).isTrue();
        assertThat(preset.choose(chosen.house()).changes()).isEmpty();
        assertThat(chosen.apply(choose.inverse())).isEqualTo(plan);
    }

    @ParameterizedTest
    @EnumSource(GenericKit.class)
    void a_generic_kit_is_a_valid_kit_and_its_first_body_records_the_usual_rates(GenericKit kit) {
        Plan plan = sample.build();
        List<Change> changes = new java.util.ArrayList<>();
        plan.bodies().forEach(body -> changes.addAll(Removal.of(plan, body).changes()));
        plan.lenses().forEach(lens -> changes.add(new Change.Remove(lens)));
        kit.records(UUID::randomUUID).forEach(one -> changes.add(new Change.Add(one)));
        Plan taken = plan.apply(Change.batch(changes));

        for (String rate : List.of("24", "25", "29.97", "60", "120")) {
            assertThat(taken.modeFor(taken.bodies().get(0), FrameRate.parse(rate)))
                    .as(rate)
                    .isPresent();
        }
        assertThat(taken.lenses()).isNotEmpty();
    }

    @Test
    void every_kind_that_is_added_one_by_one_has_a_draft_and_the_others_say_no() {
        Plan plan = sample.build();
        for (RecordKind<?> kind : List.of(
                RecordKind.SUBJECT,
                RecordKind.SPOT,
                RecordKind.BEAT,
                RecordKind.MOMENT,
                RecordKind.VOICE,
                RecordKind.BODY,
                RecordKind.LENS,
                RecordKind.DIOPTRE,
                RecordKind.ND,
                RecordKind.CARRIER,
                RecordKind.CARD,
                RecordKind.LIGHT)) {
            Plan grown = plan.apply(Drafts.add(plan, kind, "New", null, UUID::randomUUID));
            assertThat(grown.all(kind)).hasSize(plan.all(kind).size() + 1);
        }
        UUID body = plan.bodies().get(0).id();
        assertThat(plan.apply(Drafts.add(plan, RecordKind.MODE, "", body, UUID::randomUUID))
                        .modesOf(plan.bodies().get(0)))
                .hasSize(2);
        assertThatThrownBy(() -> Drafts.add(plan, RecordKind.BRIEF, "", null, UUID::randomUUID))
                .isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> Drafts.add(plan, RecordKind.SPOT, " ", null, UUID::randomUUID))
                .hasMessageContaining("name");
    }

    @Test
    void the_last_mode_of_a_body_and_the_last_body_stay() {
        Plan plan = sample.build();
        Mode only = plan.modesOf(plan.bodies().get(0)).get(0);

        assertThatThrownBy(() -> plan.apply(new Change.Remove(only))).hasMessageContaining("at least one mode");
        assertThatThrownBy(() -> plan.apply(Removal.of(plan, plan.bodies().get(0))))
                .hasMessageContaining("at least one camera body");
    }

    @Test
    void a_walk_goes_with_either_of_its_spots_and_once() {
        Plan plan = sample.build();
        Walk walk = new Walk(
                sample.id(), plan.spots().get(0).id(), plan.spots().get(1).id(), 4);
        Plan joined = plan.apply(new Change.Add(walk));

        assertThat(Removal.of(joined, joined.spots().get(1)).changes())
                .contains(new Change.Remove(walk))
                .hasSize(2);
    }

    @Test
    void a_zoom_has_the_usual_marks_between_its_ends() {
        Lens zoom = Lens.zoom(sample.id(), "24–70", 24, 70, 2.8, 0.38);

        assertThat(zoom.marksMm()).containsExactly(24.0, 28.0, 35.0, 50.0, 70.0);
        assertThat(zoom.reaches(70)).isTrue();
        assertThat(zoom.reaches(70.1)).isFalse();
        assertThatThrownBy(() -> Lens.zoom(sample.id(), "x", 70, 24, 2.8, 0.38)).hasMessageContaining("shorter");
    }

    @Test
    void a_voice_ends_after_it_begins() {
        assertThatThrownBy(() -> new VoiceOver(sample.id(), 5, 5, "")).hasMessageContaining("before it has begun");
    }

    @Test
    void moments_of_the_day_come_by_the_clock() {
        Plan plan = sample.build();
        for (int hour : new int[] {19, 9, 14}) {
            plan = plan.apply(new Change.Add(
                    new Moment(sample.id(), "At " + hour, Optional.empty(), java.time.LocalTime.of(hour, 0), 5, "")));
        }
        assertThat(plan.list(RecordKind.MOMENT)).extracting(Moment::name).containsExactly("At 9", "At 14", "At 19");
    }

    @ParameterizedTest
    @EnumSource
    void every_caution_says_who_decides_and_never_that_something_is_safe(Caution caution) {
        assertThat(caution.care()).matches("(?s).*(decide|set the limits).*").doesNotContainIgnoringCase("is safe");
        assertThat(caution.care().split("[.;] ")).hasSizeLessThanOrEqualTo(3);
    }
}
