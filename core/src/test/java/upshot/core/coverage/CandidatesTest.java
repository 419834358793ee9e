package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Focus;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.plan.Viewpoint;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** Which pictures are tried for a hole, in which order. The kit has 24, 35, 50 and 85 mm; nothing is planned yet. */
class CandidatesTest {

    private final SamplePlan sample = new SamplePlan();

    private List<Shot> of(Plan plan, Hole hole) {
        return new Candidates(plan, hole, new UUID(0x4000L, 0x8000_0000_0000_0001L))
                .all()
                .toList();
    }

    private List<Shot> of(UnaryOperator<Action> action, SizeClass size, View view) {
        UUID id = sample.action(action).id();
        return of(sample.build(), Hole.seen(Hole.Want.SIZE, id, size, view, ""));
    }

    private static String said(Shot shot) {
        return String.format(
                Locale.ROOT,
                "%s %.0f° %.0f mm %.2f m",
                shot.size().label(),
                shot.bearingDeg(),
                shot.focalLengthMm(),
                shot.cameraHeightM());
    }

    @Test
    void a_mid_from_the_front_at_the_eyes_first_and_then_what_costs_least() {
        // Bearings cost a quarter each, sizes 0.4, heights as they suit, 35 mm 1.2 · ln(50/35) = 0.43.
        assertThat(of(one -> one, SizeClass.MID, View.ANY).stream().limit(8).map(CandidatesTest::said))
                .containsExactly(
                        "medium 30° 50 mm 1.53 m",
                        "medium 30° 50 mm 1.11 m",
                        "medium 60° 50 mm 1.53 m",
                        "medium full 30° 50 mm 1.53 m",
                        "medium 30° 35 mm 1.53 m",
                        "medium 60° 50 mm 1.11 m",
                        "medium 90° 50 mm 1.53 m",
                        "medium full 30° 50 mm 1.11 m");
    }

    @Test
    void a_wide_from_the_side_through_the_widest_and_on_the_side_that_is_kept() {
        assertThat(of(one -> one, SizeClass.WIDE, View.ANY).stream().limit(3).map(CandidatesTest::said))
                .containsExactly("wide 60° 24 mm 0.85 m", "wide 90° 24 mm 0.85 m", "wide 60° 24 mm 0.34 m");
        List<Shot> left = of(one -> one.with("side", Side.RIGHT_TO_LEFT), SizeClass.WIDE, View.ANY);
        assertThat(left.get(0).bearingDeg()).isEqualTo(300);
        assertThat(left.get(0).placement()).isEqualTo(Placement.RIGHT_THIRD);
    }

    @Test
    void somebody_quick_is_seen_from_afar_and_a_face_through_the_longest() {
        assertThat(of(one -> one.with("speedMps", 2.1), SizeClass.WIDE, View.ANY)
                        .get(0)
                        .focalLengthMm())
                .isEqualTo(85);
        assertThat(of(one -> one.with("speedMps", 2.0), SizeClass.WIDE, View.ANY)
                        .get(0)
                        .focalLengthMm())
                .isEqualTo(24);
        assertThat(of(one -> one.with("focus", Focus.FACE), SizeClass.DETAIL, View.ANY)
                        .get(0)
                        .focalLengthMm())
                .isEqualTo(85);
        assertThat(of(one -> one.with("focus", Focus.HANDS), SizeClass.DETAIL, View.ANY)
                        .get(0)
                        .focalLengthMm())
                .isEqualTo(50);
    }

    @ParameterizedTest
    @CsvSource({
        "FACE, MID, false",
        "HANDS, MID, false",
        "FEET, MID, true",
        "FACE, WIDE, false",
        "UNSAID, WIDE, true",
        "UNSAID, DETAIL, false",
        "HANDS, DETAIL, true"
    })
    void who_is_told_by_a_face_is_not_shot_from_behind_while_there_is_another_side(
            Focus focus, SizeClass size, boolean early) {
        List<Shot> all = of(one -> one.with("focus", focus), size, View.ANY);
        int firstBehind = all.indexOf(all.stream()
                .filter(shot -> shot.bearingDeg() >= 135)
                .findFirst()
                .orElseThrow());
        int lastAside = all.lastIndexOf(all.stream()
                .filter(shot -> shot.bearingDeg() < 135)
                .reduce((one, other) -> other)
                .orElseThrow());

        // Three more than anything costs that differs in height alone.
        assertThat(firstBehind < lastAside * 0.6).isEqualTo(early);
    }

    @Test
    void a_view_that_is_asked_for_has_more_places_to_stand() {
        assertThat(of(one -> one, SizeClass.MID, View.LOW).stream()
                        .map(Shot::bearingDeg)
                        .distinct())
                .containsExactlyInAnyOrder(30.0, 60.0, 90.0, 120.0, 150.0, 45.0, 75.0, 105.0, 135.0, 20.0, 160.0);
        assertThat(of(one -> one, SizeClass.MID, View.ANY).stream()
                        .map(Shot::bearingDeg)
                        .distinct())
                .containsExactlyInAnyOrder(30.0, 60.0, 90.0, 120.0, 150.0);
    }

    @Test
    void what_carries_it_goes_by_how_low_and_how_steep_it_is() {
        List<Shot> low = of(one -> one, SizeClass.WIDE, View.ANY);
        assertThat(low)
                .allSatisfy(shot -> assertThat(shot.support())
                        .isEqualTo(shot.cameraHeightM() < 0.35 ? Support.GROUND : Support.TRIPOD));
        List<Shot> hands = of(one -> one.with("focus", Focus.HANDS), SizeClass.DETAIL, View.ANY);
        assertThat(hands).extracting(Shot::support).contains(Support.OVERHEAD, Support.TRIPOD);
        Plan legs =
                sample.build().apply(new Change.Add(new Carrier(sample.id(), "Legs", 1, Support.TRIPOD, 0.1, 2.5, 0)));
        Hole hole = Hole.of(Hole.Want.SIZE, legs.actions().get(0).id(), SizeClass.WIDE, "");
        assertThat(of(legs, hole))
                .as("without a plate in the kit hands hold it on the floor")
                .allSatisfy(shot -> assertThat(shot.support())
                        .isEqualTo(shot.cameraHeightM() < 0.35 ? Support.HAND_HELD : Support.TRIPOD));
        assertThat(Candidates.carries(legs, Support.HAND_HELD)).isTrue();
        assertThat(Candidates.carries(legs, Support.SLIDER)).isFalse();
    }

    @Test
    void from_behind_and_above_the_eyes_onto_hands_is_over_the_shoulder() {
        List<Shot> hands = of(one -> one.with("focus", Focus.HANDS), SizeClass.DETAIL, View.ANY);

        assertThat(hands)
                .filteredOn(shot -> shot.viewpoint() == Viewpoint.OVER_SHOULDER)
                .isNotEmpty()
                .allSatisfy(shot -> {
                    assertThat(shot.bearingDeg()).isEqualTo(150);
                    assertThat(shot.cameraHeightM()).isGreaterThanOrEqualTo(1.53);
                });
        assertThat(hands)
                .filteredOn(shot -> shot.bearingDeg() < 150 || shot.cameraHeightM() < 1.5)
                .allMatch(shot -> shot.viewpoint() == Viewpoint.OBJECTIVE);
    }

    @Test
    void where_the_room_is_short_only_lenses_that_fit_are_tried() {
        UUID id = sample.action().id();
        Plan narrow = sample.build().apply(Change.set(sample.build().spots().get(0), "roomM", 2.5));
        Hole mid = Hole.of(Hole.Want.SIZE, id, SizeClass.MID, "");

        // A medium of 0.935 m: 50 mm from 3.39 m, 35 from 2.37, 24 from 1.63.
        assertThat(of(narrow, mid))
                .filteredOn(shot -> shot.size() == Size.MEDIUM)
                .extracting(Shot::focalLengthMm)
                .containsOnly(24.0, 35.0);
    }
}
