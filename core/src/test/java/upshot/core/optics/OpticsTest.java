package upshot.core.optics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The check values of the rules, and what must hold for any lens. */
class OpticsTest {

    /** The rules print two decimals, some of them cut off instead of rounded. */
    private static final Offset<Double> AS_PRINTED = within(0.006);

    private static final Sensor SUPER_35 = Sensor.cropped(24.9, 14.0, 1, 24.9 / 14.0);

    @Test
    void a_50_mm_medium_of_a_person() {
        double distance = SUPER_35.distanceM(50, 0.935);
        DepthOfField depth = DepthOfField.of(SUPER_35, 50, 2.8, distance);

        assertThat(SUPER_35.fieldOfViewDeg(50)).isCloseTo(28.0, within(0.05));
        assertThat(SUPER_35.fullFrameEquivalentMm(50)).isCloseTo(72.3, within(0.05));
        assertThat(distance).isCloseTo(3.39, AS_PRINTED);
        assertThat(depth.nearM()).isCloseTo(3.16, AS_PRINTED);
        assertThat(depth.farM()).isCloseTo(3.65, AS_PRINTED);
        assertThat(SUPER_35.backgroundBlurPercent(50, 2.8, distance, Double.POSITIVE_INFINITY))
                .isCloseTo(1.07, AS_PRINTED);
    }

    @Test
    void a_24_mm_wide_is_sharp_to_the_horizon() {
        double distance = SUPER_35.distanceM(24, 4.25);
        DepthOfField depth = DepthOfField.of(SUPER_35, 24, 5.6, distance);

        assertThat(distance).isCloseTo(7.31, AS_PRINTED);
        assertThat(depth.hyperfocalM()).isCloseTo(5.42, AS_PRINTED);
        assertThat(depth.nearM()).isCloseTo(3.11, AS_PRINTED);
        assertThat(depth.farM()).isInfinite();
    }

    @Test
    void the_far_limit_becomes_infinite_exactly_at_the_hyperfocal_distance() {
        double hyperfocal = DepthOfField.of(SUPER_35, 24, 5.6, 1).hyperfocalM();

        assertThat(DepthOfField.of(SUPER_35, 24, 5.6, Math.nextUp(hyperfocal)).farM())
                .isInfinite();
        assertThat(DepthOfField.of(SUPER_35, 24, 5.6, hyperfocal - 0.01).farM()).isFinite();
        assertThat(DepthOfField.of(SUPER_35, 24, 5.6, hyperfocal).nearM()).isCloseTo(hyperfocal / 2, within(0.02));
    }

    @Test
    void a_crop_moves_the_camera_back() {
        Sensor cropped = Sensor.cropped(24.9 / 1.5, 14.0 / 1.5, 1, 24.9 / 14.0);

        assertThat(cropped.distanceM(50, 0.935)).isCloseTo(5.06, AS_PRINTED);
    }

    @Test
    void the_sensor_is_cropped_to_the_delivered_shape() {
        Sensor upright = Sensor.cropped(24.9, 14.0, 1, 9.0 / 16);
        Sensor cinema = Sensor.cropped(24.9, 14.0, 1, 2.39);

        assertThat(upright.heightMm()).isEqualTo(14.0);
        assertThat(upright.widthMm()).isCloseTo(7.875, within(1e-9));
        assertThat(cinema.widthMm()).isEqualTo(24.9);
        assertThat(cinema.heightMm()).isCloseTo(10.418, within(1e-3));
        assertThat(cinema.cocMm()).isCloseTo(Math.hypot(24.9, 10.418) / 1500, within(1e-6));
    }

    @RepeatedTest(200)
    void distance_and_lens_invert_each_other_and_sharpness_contains_the_subject(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double focal = 8 + random.nextDouble() * 300;
        double frame = 0.02 + random.nextDouble() * 20;
        double stop = 1 + random.nextDouble() * 20;
        double distance = SUPER_35.distanceM(focal, frame);
        DepthOfField depth = DepthOfField.of(SUPER_35, focal, stop, distance);

        assertThat(SUPER_35.focalLengthMm(distance, frame))
                .as("seed %d", run.getCurrentRepetition())
                .isCloseTo(focal, within(1e-9 * focal));
        assertThat(depth.nearM()).isLessThan(distance);
        assertThat(depth.farM()).isGreaterThan(distance);
        assertThat(SUPER_35.focusMarkM(focal, frame)).isGreaterThan(distance);
    }

    @ParameterizedTest
    @CsvSource({"0.299, READABLE", "0.3, SOFT", "0.999, SOFT", "1, APART"})
    void a_background_is_readable_soft_or_stands_apart(double percent, Separation.Look expected) {
        assertThat(Separation.Look.of(percent)).isEqualTo(expected);
    }

    /** 50 mm, 0.935 m high: d = 0.05·(935/14 + 1) = 3.38929 m; at d = 3 m it is 0.014·(60 − 1) = 0.826 m high. */
    @Test
    void the_frame_at_a_distance_and_the_mark_on_the_focus_ring() {
        assertThat(SUPER_35.frameHeightM(50, 3)).isCloseTo(0.826, within(1e-9));
        // d + f(1 + 14/935)
        assertThat(SUPER_35.focusMarkM(50, 0.935)).isCloseTo(3.389286 + 0.0507487, within(1e-5));
    }

    @Test
    void a_punch_in_leaves_a_smaller_sensor_in_all_its_measures() {
        Sensor half = new Sensor(24, 16, 0.02, 1.5).punchedIn(2);
        assertThat(half).isEqualTo(new Sensor(12, 8, 0.01, 1.5));
    }

    /** Squeezed twice, 24.9 mm are as wide as 49.8; 2.39:1 leaves 33.46 of them, 16.73 on the sensor itself. */
    @Test
    void a_lens_that_squeezes_widens_the_area_and_blurs_less_across() {
        Sensor wide = Sensor.cropped(24.9, 14.0, 2, 2.39);
        assertThat(wide.widthMm()).isCloseTo(33.46, within(1e-9));
        assertThat(wide.heightMm()).isCloseTo(14, within(1e-9));
        assertThat(wide.cocMm()).isCloseTo(Math.hypot(16.73, 14) / 1500, within(1e-9));
        // f·m/N = 50·0.02/2.8 = 0.35714 mm of 66.92 mm; of an upright one's 14 mm.
        assertThat(wide.blurPercent(50, 2.8, 0.02, 3, Double.POSITIVE_INFINITY)).isCloseTo(0.53369, within(1e-5));
        assertThat(new Sensor(14, 14, 0.01, 2).blurPercent(50, 2.8, 0.02, 3, Double.POSITIVE_INFINITY))
                .as("as wide as high: across")
                .isCloseTo(1.27551, within(1e-5));
        assertThat(new Sensor(7, 14, 0.01, 2).blurPercent(50, 2.8, 0.02, 3, Double.POSITIVE_INFINITY))
                .as("upright: along")
                .isCloseTo(2.55102, within(1e-5));
    }

    /** At infinity it is blurred by 2.148 %; one percent is reached at d/(1 − 1/2.148). */
    @Test
    void a_background_stands_apart_where_it_is_blurred_by_one_percent() {
        Separation apart = Separation.of(SUPER_35, 50, 1.4, 3.389);
        assertThat(apart.kappa()).isCloseTo(2.14782, within(1e-4));
        assertThat(apart.backgroundM()).isCloseTo(6.3416, within(1e-3));
        assertThat(SUPER_35.backgroundBlurPercent(50, 1.4, 3.389, apart.backgroundM()))
                .isCloseTo(1, within(1e-9));
        assertThat(Separation.of(SUPER_35, 24, 5.6, 3).backgroundM()).isInfinite();
        assertThat(Separation.Look.of(0.3).label()).isEqualTo("soft");
        assertThat(Separation.Look.of(1).label()).isEqualTo("stands apart");
    }
}
