package upshot.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.ground.FloorPlan;
import upshot.core.plan.Change;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Spot;
import upshot.core.plan.Stretch;

/** A window 2 m wide from 0.9 to 2.1 m above the floor, in the wall that is nought metres across. */
class WindowLightTest {

    private static final double MIDDLE_M = 1.5;

    private final SamplePlan sample = new SamplePlan();
    private final Spot hall = sample.build().spots().get(0);
    private final FloorPlan plan = FloorPlan.of(
            sample.build()
                    .apply(new Change.Add(
                            new Stretch(sample.id(), hall.id(), 1, "", Stretch.Kind.WINDOW, 0, 1, 0, 3, 0.9, 2.1))),
            hall);

    private WindowLight at(double acrossM, double deepM) {
        return WindowLight.at(plan, new Corner(acrossM, deepM), MIDDLE_M).orElseThrow();
    }

    /** Before its middle a rectangle of 2a by 2b at d takes up 4·asin(ab / √((a² + d²)(b² + d²))). */
    @Test
    void it_is_as_bright_as_the_window_is_large_from_there() {
        assertThat(at(2, 2).steradians())
                .isCloseTo(4 * Math.asin(1 * 0.6 / Math.sqrt((1 + 4) * (0.36 + 4))), within(1e-9));
        assertThat(at(2, 2).steradians()).isCloseTo(0.5155, within(5e-4));
        assertThat(at(4, 2).steradians()).isCloseTo(0.1439, within(5e-4));
    }

    /** 0.5155 to 0.1439 is 3.58 times as much: a little less than the four times of a small lamp. */
    @Test
    void twice_as_far_is_a_little_less_than_two_stops() {
        assertThat(at(2, 2).stopsOver(at(4, 2))).isCloseTo(1.84, within(0.01));
        assertThat(at(4, 2).stopsOver(at(2, 2))).isCloseTo(-1.84, within(0.01));
    }

    @Test
    void very_near_it_is_half_of_everything() {
        assertThat(at(1e-4, 2).steradians()).isCloseTo(2 * Math.PI, within(1e-2));
    }

    /** From (2, 2) the window is to the left: at 270° of the way the spot goes deep. */
    @Test
    void it_comes_from_a_side_of_the_view() {
        assertThat(at(2, 2).towardsDeg()).isEqualTo(270);
        assertThat(at(2, 2).from(90)).isEqualTo(SunOnView.From.BEHIND);
        assertThat(at(2, 2).from(90 + 45)).isEqualTo(SunOnView.From.BEHIND);
        assertThat(at(2, 2).from(90 + 46)).isEqualTo(SunOnView.From.SIDE);
        assertThat(at(2, 2).from(0)).isEqualTo(SunOnView.From.SIDE);
        assertThat(at(2, 2).from(270)).isEqualTo(SunOnView.From.FRONT);
    }

    @Test
    void without_windows_there_is_nothing_to_say() {
        assertThat(WindowLight.at(FloorPlan.of(sample.build(), hall), new Corner(2, 2), MIDDLE_M))
                .isEmpty();
    }
}
