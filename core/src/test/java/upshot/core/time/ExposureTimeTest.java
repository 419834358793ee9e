package upshot.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.measure.FrameRate;

/** Shutter, flicker and movement, with values worked by hand. */
class ExposureTimeTest {

    private static Playback frameForFrame(double timeline, double capture) {
        return new Playback(timeline / capture);
    }

    @ParameterizedTest
    @CsvSource({
        "24, 24, 48, 50, 4, BEATS",
        "24, 24, 50, 50, 4, CLEAR",
        "24, 24, 48, 60, 0, CLEAR",
        "30, 30, 60, 50, 10, BEATS",
        "24, 240, 480, 60, 12, BEATS",
        "24, 120, 250, 50, 4, BEATS",
        "25, 25, 50, 50, 0, CLEAR",
        "25, 25, 60, 50, 0, CLEAR",
        "25, 25, 125, 50, 0, CLEAR",
        "25, 25, 200, 50, 0, BANDS",
        "30, 30, 60, 60, 0, CLEAR"
    })
    void lamps_on_the_mains(
            double timeline, double capture, double perSecond, int mains, double beat, Flicker.Look look) {
        Flicker flicker = Flicker.of(mains, 1 / perSecond, capture, 1, frameForFrame(timeline, capture));

        assertThat(flicker.beatHz()).isCloseTo(beat, within(1e-9));
        assertThat(flicker.look()).isEqualTo(look);
    }

    @Test
    void the_depth_of_the_pulse_is_a_sinc() {
        // πtL with 1/48 s and 100 Hz is 6.545; |sin 6.545|/6.545 is 0.0395.
        assertThat(Flicker.of(50, 1.0 / 48, 24, 1, new Playback(1)).depth()).isCloseTo(0.0395, within(0.0001));
        assertThat(Flicker.of(50, 1.0 / 100, 24, 1, new Playback(1)).depth()).isCloseTo(0, within(1e-12));
    }

    @Test
    void every_look_has_its_bound() {
        assertThat(new Flicker(0.0299, 4).look()).isEqualTo(Flicker.Look.CLEAR);
        assertThat(new Flicker(0.03, 4).look()).isEqualTo(Flicker.Look.BEATS);
        assertThat(new Flicker(0.03, 0.2).look()).isEqualTo(Flicker.Look.BEATS);
        assertThat(new Flicker(0.2499, 0.199).look()).isEqualTo(Flicker.Look.CLEAR);
        assertThat(new Flicker(0.25, 0.199).look()).isEqualTo(Flicker.Look.BANDS);
    }

    @Test
    void a_sped_up_use_samples_fewer_frames() {
        // Every second frame of 50: 25 a second are shown, four pulses of 100 Hz each.
        assertThat(Flicker.of(50, 1.0 / 80, 50, 2, new Playback(1)).beatHz()).isCloseTo(0, within(1e-9));
        assertThat(Flicker.of(50, 1.0 / 80, 60, 2, new Playback(0.8)).beatHz()).isCloseTo(10 * 0.8, within(1e-9));
    }

    @Test
    void a_shutter_has_an_angle_of_its_frame_and_of_the_frame_shown() {
        assertThat(Shutter.angle(FrameRate.of(24), 180)).hasToString("1/48");
        assertThat(Shutter.per(50).angleDeg(FrameRate.of(24))).isCloseTo(172.8, within(1e-9));
        // 1/240 s of 120 frames, shown frame for frame on 24: still half of each shown frame's movement.
        assertThat(Shutter.per(240).shownDeg(FrameRate.of(24), new Playback(0.2)))
                .isCloseTo(180, within(1e-9));
        assertThat(Shutter.per(240).shownDeg(FrameRate.of(24), new Playback(1))).isCloseTo(36, within(1e-9));
        assertThat(Shutter.per(87.5)).hasToString("1/87.5");
    }

    @Test
    void five_times_slow_is_five_times_as_quick_for_the_camera() {
        Playback slow = new Playback(0.2);

        // 0.10 m over two seconds of screen take 0.4 s.
        assertThat(Motion.realSpeed(0.10, 2, slow)).isCloseTo(0.25, within(1e-9));
        assertThat(Motion.mostCovered(0.5, 2, slow)).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void a_pan_across_one_field_takes_seven_seconds_at_24() {
        assertThat(Motion.smoothPanS(28, 28, FrameRate.of(24))).isEqualTo(7);
        assertThat(Motion.smoothPanS(14, 28, FrameRate.of(48))).isEqualTo(1.75);
    }

    @Test
    void a_cyclist_is_through_an_upright_wide_in_a_fifth_of_a_second() {
        assertThat(Motion.crossingS(4.25, 9.0 / 16, 6, 90, new Playback(1))).isCloseTo(0.20, within(0.005));
        assertThat(Motion.crossingS(4.25, 9.0 / 16, 6, 30, new Playback(1))).isCloseTo(0.40, within(0.005));
        assertThat(Motion.crossingS(4.25, 9.0 / 16, 6, 0, new Playback(1))).isInfinite();
        assertThat(Motion.crossingS(4.25, 9.0 / 16, 0, 90, new Playback(1))).isInfinite();
    }

    @Test
    void somebody_who_comes_nearer_changes_the_distance() {
        assertThat(Motion.depthChangeM(1.2, 0, 0, 2, new Playback(1))).isCloseTo(2.4, within(1e-9));
        assertThat(Motion.depthChangeM(1.2, 60, 0, 2, new Playback(0.5))).isCloseTo(0.6, within(1e-9));
        assertThat(Motion.depthChangeM(1.2, 90, 0, 2, new Playback(1))).isCloseTo(0, within(1e-9));
    }
}
