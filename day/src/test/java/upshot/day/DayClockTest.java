package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** By hand: fifteen minutes of talk, three for the tripod, one and a half for a stand, no margin. */
class DayClockTest {

    private static final int SHOOT_MIN = 10;

    private static DaySetup setup(int stand, int action, double resetMin) {
        return Setups.of(action, Setups.at(stand), SHOOT_MIN, resetMin, new Windows.Span(0, 600));
    }

    private static DayProblem day(double anotherActionMin, Optional<DayCrew.Standing> standing, DaySetup... setups) {
        return new DayProblem(
                List.of(new DayCrew(0, 600, false, 1, standing)),
                List.of(setups),
                new Changes(List.of(List.of(0.0)), List.of(3.0), 1.5, 2, 4, 0.5, 10, 2, 1, anotherActionMin),
                List.of(),
                new Rests(15, 180, 10, 360, 30, 120, List.of()),
                0,
                1,
                10);
    }

    private static List<Integer> ends(DayProblem problem, Integer... setups) {
        return DayOrder.of(new DayClock(problem), List.of(List.of(setups))).all().stream()
                .map(state -> state.times().end().afterCall())
                .toList();
    }

    @Test
    void turning_to_another_action_costs_its_minutes_and_taking_one_up_again_its_reset() {
        DayProblem free = day(0, Optional.empty(), setup(0, 0, 0), setup(1, 1, 0), setup(2, 0, 0));
        DayProblem dear = day(3, Optional.empty(), setup(0, 0, 0), setup(1, 1, 0), setup(2, 0, 4));

        // 15 + 3 + 10 = 28; each further one 1.5 + 10, rounded up from where the last ends.
        assertThat(ends(free, 0, 2, 1)).containsExactly(28, 40, 52);
        // The turn to the other action: 3 more; back to the first with its reset: 3 + 4.
        assertThat(ends(dear, 0, 2, 1)).containsExactly(28, 40, 55);
        assertThat(ends(dear, 0, 1, 2)).containsExactly(28, 43, 62);
    }

    @Test
    void a_day_that_has_begun_goes_on_from_where_the_crew_stands() {
        DayProblem begun = day(
                0,
                Optional.of(new DayCrew.Standing(100, 1, List.of(0, 1), 0, 0)),
                setup(0, 0, 0),
                setup(1, 0, 0),
                setup(1, 0, 0),
                setup(3, 0, 0));
        DayOrder order = DayOrder.constructed(begun);

        // The third is shot from the stand that is there, the fourth from a new one.
        assertThat(order.crews()).containsExactly(List.of(2, 3));
        assertThat(order.left()).isEmpty();
        assertThat(order.merit().musts()).isZero();
        assertThat(order.all())
                .extracting(state -> state.times().end().afterCall())
                .containsExactly(110, 122);
        assertThat(LocalSearch.run(order, 0, 1, LocalSearch.Spent.of(500), better -> {})
                        .crews()
                        .get(0))
                .containsExactlyInAnyOrder(2, 3);
    }

    @Test
    void why_not_earlier_names_the_moment_the_first_place_and_what_another_costs() {
        DaySetup first = setup(0, 0, 0);
        DaySetup alike = setup(0, 0, 0);
        DaySetup far = setup(1, 1, 0);
        DayOrder order =
                DayOrder.of(new DayClock(day(0, Optional.empty(), first, alike, far)), List.of(List.of(0, 1, 2)));

        assertThat(NotEarlier.of(order, 0, 0).kind()).isEqualTo(NotEarlier.Kind.FIRST);
        NotEarlier last = NotEarlier.of(order, 0, 2);
        // Between the two that share a stand it would cost one more change of stand; before both nothing.
        assertThat(last.kind()).isEqualTo(NotEarlier.Kind.COSTS);
        assertThat(last.before()).isZero();
        assertThat(last.hundredths()).isZero();
    }
}
