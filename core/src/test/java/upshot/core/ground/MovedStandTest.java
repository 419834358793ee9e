package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

/** A kit of 24, 35, 50 and 85 mm; distances follow from lens and size in proportion. */
class MovedStandTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action =
            sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(2.0)));
    private final Shot shot = sample.shot(
            action, one -> one.with("bearingDeg", 0.0).with("size", Size.MEDIUM).with("focalLengthMm", 50.0));
    private final Plan plan = sample.build();
    private final Place place = Place.of(plan, action).orElseThrow();

    private double distance(Shot one) {
        return Stand.of(plan, one).groundDistanceM();
    }

    @Test
    void keeping_the_size_it_takes_the_lens_that_stands_nearest_there() {
        double with85 = distance(shot.withFocalLengthMm(85));

        // A metre to the right of straight ahead, about where the 85 would stand.
        Shot moved = MovedStand.KEEPS_SIZE.to(plan, shot, place, new Corner(5 + with85 / 2, 2 + with85 * 0.866));

        assertThat(moved.focalLengthMm()).isEqualTo(85);
        assertThat(moved.size()).isEqualTo(Size.MEDIUM);
        assertThat(moved.bearingDeg()).isCloseTo(30, within(0.5));
    }

    @Test
    void keeping_the_lens_it_takes_the_size_that_it_shows_from_there() {
        double wide = distance(shot.withSize(Size.FULL));

        Shot moved = MovedStand.KEEPS_LENS.to(plan, shot, place, new Corner(5, 2 + wide * 1.02));

        assertThat(moved.size()).isEqualTo(Size.FULL);
        assertThat(moved.focalLengthMm()).isEqualTo(50);
        assertThat(moved.bearingDeg()).isZero();
    }

    @Test
    void a_step_is_the_next_lens_or_size_and_ends_where_there_is_none() {
        assertThat(MovedStand.KEEPS_SIZE.step(plan, shot, true).focalLengthMm()).isEqualTo(85);
        assertThat(MovedStand.KEEPS_SIZE.step(plan, shot, false).focalLengthMm())
                .isEqualTo(35);
        Shot longest = shot.withFocalLengthMm(85);
        assertThat(MovedStand.KEEPS_SIZE.step(plan, longest, true)).isEqualTo(longest);
        assertThat(MovedStand.KEEPS_LENS.step(plan, shot, true).size()).isEqualTo(Size.MEDIUM_FULL);
        assertThat(MovedStand.KEEPS_LENS.step(plan, shot, false).size()).isEqualTo(Size.MEDIUM_CLOSE);
    }
}
