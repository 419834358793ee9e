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
}
