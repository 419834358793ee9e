package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Stretch;

/** Somebody at (5, 2); the camera stands deeper in, at (5, 2 + d), and looks back at a wall one metre behind them. */
class MirrorImageTest {

    private static final double HALF_M = 0.3;

    private final SamplePlan sample = new SamplePlan();
    private final Action action =
            sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(2.0)));
    private final Shot shot = sample.shot(action, 0);

    private Optional<MirrorImage> image(double heightM, Stretch... stretches) {
        Plan plan = sample.build()
                .apply(Change.batch(List.of(stretches).stream()
                        .map(one -> (Change) new Change.Add(one))
                        .toList()));
        return MirrorImage.of(Standpoint.of(plan, shot).orElseThrow(), heightM, HALF_M);
    }

    private Stretch stretch(Stretch.Kind what, double from, double to, double deep) {
        return new Stretch(sample.id(), action.spotId(), 1, "", what, from, deep, to, deep, 1, 2);
    }

    private Stretch mirror(double from, double to) {
        return stretch(Stretch.Kind.MIRROR, from, to, 1);
    }

    @Test
    void the_image_stands_as_far_behind_the_mirror_as_the_camera_in_front() {
        double distance = Stand.of(sample.build(), shot).groundDistanceM();
        MirrorImage image = image(1.5, mirror(3, 7)).orElseThrow();

        assertThat(image.offViewDeg()).isCloseTo(0, within(1e-9));
        assertThat(image.apartM()).isCloseTo(2 * (distance + 1), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "5.2, 7, true",
        "5.29, 7, true",
        "5.31, 7, false",
        "3, 4.8, true",
        "3, 4.71, true",
        "3, 4.69, false",
        "7, 5.2, true",
        "7, 5.31, false"
    })
    void whoever_stands_behind_the_camera_reaches_beyond_its_ends(double from, double to, boolean seen) {
        assertThat(image(1.5, mirror(from, to)).isPresent()).isEqualTo(seen);
    }

    @ParameterizedTest
    @CsvSource({"0.71, true", "0.69, false", "2.29, true", "2.31, false", "1.5, true"})
    void it_hangs_from_a_metre_to_two_and_they_reach_above_and_below(double height, boolean seen) {
        assertThat(image(height, mirror(3, 7)).isPresent()).isEqualTo(seen);
    }

    @Test
    void a_window_is_no_mirror_and_a_camera_at_the_glass_sees_no_image() {
        double deep = 2 + Stand.of(sample.build(), shot).groundDistanceM();

        assertThat(image(1.5, stretch(Stretch.Kind.WINDOW, 3, 7, 1))).isEmpty();
        assertThat(image(1.5, stretch(Stretch.Kind.MIRROR, 3, 7, deep))).isEmpty();
        assertThat(image(1.5, stretch(Stretch.Kind.MIRROR, 3, 7, deep + 1))
                        .orElseThrow()
                        .offViewDeg())
                .as("behind the camera")
                .isCloseTo(180, within(1e-6));
    }

    @Test
    void of_two_mirrors_the_one_nearer_to_the_middle_of_the_view_is_meant() {
        double deep = 2 + Stand.of(sample.build(), shot).groundDistanceM();
        Stretch beside = new Stretch(
                sample.id(), action.spotId(), 1, "beside", Stretch.Kind.MIRROR, 6, deep - 1, 6, deep + 1, 1, 2);

        assertThat(image(1.5, beside).orElseThrow().offViewDeg()).isCloseTo(90, within(1e-6));
        assertThat(image(1.5, beside, mirror(3, 7)).orElseThrow().offViewDeg()).isCloseTo(0, within(1e-6));
    }
}
