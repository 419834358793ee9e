package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** By hand: three minutes for the tripod, then 20 minutes each of one person who can do 30 and then rests for 25. */
class RestingTest {

    private static DayOrder day(int untilMin) {
        List<DaySetup> setups = IntStream.range(0, 3)
                .mapToObj(i -> Setups.of(0, Setups.at(0), 20, 0, new Windows.Span(0, untilMin), 0))
                .toList();
        DayProblem problem = new DayProblem(
                List.of(new DayCrew(0, untilMin, false, 1, Optional.empty())),
                setups,
                new Changes(List.of(List.of(0.0)), List.of(3.0), 1.5, 2, 4, 0.5, 10, 2, 1, 0),
                List.of(new Performer(Optional.of(30.0), 25, false)),
                new Rests(0, 600, 10, 600, 30, 120, List.of()),
                0,
                1,
                10);
        return DayOrder.of(new DayClock(problem), List.of(List.of(0, 1, 2)));
    }

    /** Ends at 23; not again before 48, and after 68 not before 93. */
    @Test
    void a_rest_is_put_in_where_somebody_has_done_enough() {
        DayOrder order = day(300);
        assertThat(order.all())
                .extracting(state -> state.times().roll().afterCall())
                .containsExactly(3, 48, 93);
        assertThat(order.minutes(Cost.EFFORT)).isZero();
        assertThat(order.minutes(Cost.WAITING)).isEqualTo(50);
        Resting.Rest rest = new Resting(order.problem()).before(order.all().get(0), 1);
        assertThat(rest).isEqualTo(new Resting.Rest(0, 48));
    }

    /** Until 70 there is time for one rest and two setups, or for all three without: nobody is left out for a rest. */
    @Test
    void without_time_for_it_they_go_on_and_the_effort_counts() {
        DayOrder order = day(70);
        assertThat(order.all())
                .extracting(state -> state.times().end().afterCall())
                .containsExactly(23, 68, 88);
        DayOrder shorter = day(64);
        assertThat(shorter.all())
                .extracting(state -> state.times().end().afterCall())
                .containsExactly(23, 43, 63);
        assertThat(shorter.minutes(Cost.EFFORT)).isPositive();
        assertThat(shorter.merit().brokenMin()).isZero();
    }
}
