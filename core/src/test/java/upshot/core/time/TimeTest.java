package upshot.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.measure.FrameRate;

class TimeTest {

    private static final FrameRate TIMELINE = FrameRate.of(24);
    private static final Playback REAL_TIME = Playback.of(1, TIMELINE, TIMELINE);
    private static final Playback FIVE_TIMES_SLOW = Playback.of(1, TIMELINE, FrameRate.of(120));

    @Test
    void two_seconds_of_screen_from_120_are_less_than_half_a_second_of_action() {
        assertThat(FIVE_TIMES_SLOW.speed()).isEqualTo(0.2);
        assertThat(FIVE_TIMES_SLOW.realS(2)).isCloseTo(0.4, within(1e-12));
        assertThat(FIVE_TIMES_SLOW.screenS(0.4)).isCloseTo(2, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "1,24,real time",
        "1,120,5× slow",
        "5,120,real time",
        "2,24,2× fast",
        "-1,24,reversed",
        "-1,60,'2.5× slow, reversed'"
    })
    void playback_is_said_in_words(double frameStep, int capture, String label) {
        assertThat(Playback.of(frameStep, TIMELINE, FrameRate.of(capture)).label())
                .isEqualTo(label);
    }

    @Test
    void slow_motion_shortens_the_hold_down_to_two_fifths() {
        assertThat(hold(10, REAL_TIME, 0, false).cleanS()).isEqualTo(10);
        assertThat(hold(10, FIVE_TIMES_SLOW, 0, false).cleanS()).isEqualTo(4);
        assertThat(hold(10, Playback.of(1, TIMELINE, FrameRate.of(48)), 0, false)
                        .cleanS())
                .isEqualTo(5);
        assertThat(hold(10, Playback.of(4, TIMELINE, TIMELINE), 0, false).cleanS())
                .isEqualTo(10);
    }

    @Test
    void the_longest_need_decides() {
        List<Hold.Slice> cut = List.of(new Hold.Slice(6, REAL_TIME, 1), new Hold.Slice(2, REAL_TIME, 1));

        assertThat(Hold.of(10, REAL_TIME, cut, 0, false, 0, 3, 2).cleanS()).isEqualTo(6 + 2 + 2 + 2);
        assertThat(hold(10, REAL_TIME, 180, false).cleanS()).isEqualTo(180);
        assertThat(hold(10, REAL_TIME, 10, false).cleanS()).isEqualTo(10);
    }

    @Test
    void a_roll_settles_holds_and_lets_go() {
        Hold still = hold(10, REAL_TIME, 0, false);
        Hold moving = hold(10, REAL_TIME, 0, true);

        assertThat(still.rollS()).isEqualTo(3 + 10 + 2);
        assertThat(moving.cleanS()).isEqualTo(12);
        assertThat(still.shotTimeS(3, 120)).isEqualTo(3 * 15 + 2 * 120);
        assertThat(still.shotTimeS(1, 120)).isEqualTo(15);
    }

    private static Hold hold(double askedS, Playback nominal, double onceS, boolean moving) {
        return Hold.of(askedS, nominal, List.of(), onceS, moving, 0, 3, 2);
    }

    @ParameterizedTest
    @CsvSource({"24,1/50", "25,1/50", "30,1/60", "50,1/100", "60,1/125", "120,1/250", "240,1/500"})
    void half_open_shutter_falls_on_the_nearest_mark(int capture, String mark) {
        assertThat(Shutter.nearestMark(FrameRate.of(capture), 180)).hasToString(mark);
    }

    @Test
    void a_shutter_is_never_longer_than_the_frame() {
        // At 350° half of a mark longer would be nearer, but a frame lasts 1/31 s only.
        assertThat(Shutter.nearestMark(FrameRate.of(30), 360)).hasToString("1/30");
        assertThat(Shutter.nearestMark(FrameRate.of(31), 350)).hasToString("1/40");
    }

    @ParameterizedTest
    @CsvSource({"0.8, true", "0.81, false", "-0.5, true", "1, false", "0, false"})
    void four_fifths_and_less_is_slow_and_a_still_is_not(double speed, boolean slow) {
        assertThat(new Playback(speed).slow()).isEqualTo(slow);
    }

    @Test
    void a_still_says_so() {
        assertThat(new Playback(0).label()).isEqualTo("a still");
        assertThat(new Playback(1.004).label()).isEqualTo("real time");
        assertThat(new Playback(1.006).label()).isEqualTo("1× fast");
    }

    /** Three seconds with one on either side, five times slow, are one second of the world. */
    @Test
    void a_slice_needs_its_handles_too() {
        assertThat(new Hold.Slice(3, FIVE_TIMES_SLOW, 1).realS()).isCloseTo(1, within(1e-12));
    }

    /** At 60° and from 60° above half of a half is left: 2 m/s over 4 s come 2 m nearer. */
    @Test
    void coming_nearer_counts_by_both_angles() {
        assertThat(Motion.depthChangeM(2, 60, 60, 4, REAL_TIME)).isCloseTo(2, within(1e-9));
    }
}
