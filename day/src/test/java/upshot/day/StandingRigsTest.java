package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** By hand: a tripod takes three minutes, a slider six, one that stands there one; four minutes lie between two spots. */
class StandingRigsTest {

    private static final int TRIPOD = 0;
    private static final int SLIDER = 1;

    private final List<DaySetup> setups = new ArrayList<>();

    private void setup(int spot, int support) {
        setups.add(Setups.of(
                0, new Gear(setups.size(), spot, support, false, 0, 0, 0, false), 10, 0, new Windows.Span(0, 600)));
    }

    /** Minutes of getting ready, one setup after another. */
    private List<Integer> ready() {
        DayProblem problem = new DayProblem(
                List.of(new DayCrew(0, 600, false, 1, Optional.empty())),
                setups,
                new Changes(
                        List.of(List.of(0.0, 4.0), List.of(4.0, 0.0)), List.of(3.0, 6.0), 1.5, 2, 4, 0.5, 10, 2, 1, 0),
                List.of(),
                new Rests(0, 600, 10, 600, 30, 120, List.of()),
                0,
                1,
                10);
        DayClock clock = new DayClock(problem);
        DayState state = clock.atCall(0);
        List<Integer> minutes = new ArrayList<>();
        for (int setup = 0; setup < setups.size(); setup++) {
            assertThat(clock.leastChangeMin(state.setup(), setup))
                    .isLessThanOrEqualTo(clock.changeMin(state.setup(), setup));
            state = clock.then(state, setup);
            minutes.add(state.hundredths(Cost.GETTING_READY) / 100);
        }
        return minutes;
    }

    @Test
    void a_support_that_stands_there_is_only_taken_up_again() {
        setup(0, TRIPOD);
        setup(0, SLIDER);
        setup(0, TRIPOD);
        setup(0, SLIDER);
        assertThat(ready()).containsExactly(3, 6, 1, 1);
    }

    /** The tripod went to the other spot, so that it is rigged anew; the slider stayed. */
    @Test
    void one_that_was_carried_elsewhere_is_rigged_anew() {
        setup(0, TRIPOD);
        setup(0, SLIDER);
        setup(1, TRIPOD);
        setup(0, SLIDER);
        setup(0, TRIPOD);
        assertThat(ready()).containsExactly(3, 6, 7, 5, 3);
    }
}
