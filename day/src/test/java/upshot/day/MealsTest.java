package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** By hand: called at minute 0, fifteen of talk, three for the tripod, then 45 minutes each at one stand. */
class MealsTest {

    private static final int SHOOT_MIN = 45;
    private static final int NEVER = 10_000;
    private static final Windows.Span NOON = new Windows.Span(150, 330);

    private static DaySetup setup(int fromMin) {
        return Setups.of(0, Setups.at(0), SHOOT_MIN, 0, new Windows.Span(fromMin, 900));
    }

    private static List<Pause> pauses(int breakAfterMin, List<Windows.Span> mealTimes, DaySetup... setups) {
        DayProblem problem = new DayProblem(
                List.of(new DayCrew(0, 900, false, 1, Optional.empty())),
                List.of(setups),
                new Changes(List.of(List.of(0.0)), List.of(3.0), 1.5, 2, 4, 0.5, 10, 2, 1, 0),
                List.of(),
                new Rests(15, breakAfterMin, 10, 360, 30, 120, mealTimes),
                0,
                1,
                10);
        List<Integer> order = IntStream.range(0, setups.length).boxed().toList();
        return DayOrder.of(new DayClock(problem), List.of(order)).all().stream()
                .flatMap(state -> state.pauses().stream())
                .toList();
    }

    private static DaySetup[] setups(int count) {
        return IntStream.range(0, count).mapToObj(i -> setup(0)).toArray(DaySetup[]::new);
    }

    /** Ends at 63, 108, 153, 198, 243: 3 from 240, what comes after it 48. */
    @Test
    void the_meal_lies_near_the_middle_of_a_meal_time() {
        assertThat(pauses(NEVER, List.of(NOON), setups(9))).startsWith(new Pause(Pause.Kind.MEAL, 243, 273));
    }

    /** 198 would be more than three hours of work: where there is to be a pause at a meal time, it is the meal. */
    @Test
    void it_takes_the_place_of_a_break_at_a_meal_time() {
        assertThat(pauses(180, List.of(NOON), setups(9))).startsWith(new Pause(Pause.Kind.MEAL, 153, 183));
        Windows.Span later = new Windows.Span(200, 330);
        assertThat(pauses(180, List.of(later), setups(9)))
                .startsWith(new Pause(Pause.Kind.BREAK, 153, 163), new Pause(Pause.Kind.MEAL, 253, 283));
    }

    /** Seven end at 333: work does not go on beyond the six hours. Eight would end at 378. */
    @Test
    void there_is_none_where_work_ends_in_time() {
        assertThat(pauses(NEVER, List.of(NOON), setups(7))).isEmpty();
        assertThat(pauses(NEVER, List.of(NOON), setups(8))).hasSize(1);
    }

    /** 153 is 27 before the middle of six hours, what comes after it 18 behind; 198 is past it. */
    @Test
    void without_a_meal_time_it_lies_near_the_middle_of_the_six_hours() {
        assertThat(pauses(NEVER, List.of(new Windows.Span(500, 600)), setups(9)))
                .contains(new Pause(Pause.Kind.MEAL, 198, 228));
    }

    /** Free at 198 and waiting until 400: the meal lies at 240, in the middle. */
    @Test
    void a_wait_holds_the_meal_where_it_lies_best() {
        DaySetup[] setups = setups(9);
        setups[4] = setup(400);
        assertThat(pauses(NEVER, List.of(NOON), setups)).startsWith(new Pause(Pause.Kind.MEAL, 240, 270));
    }

    /** The meal ends at 273; the next begins between 393 and 633, near 453: 453 itself. */
    @Test
    void a_long_day_has_a_second_meal() {
        assertThat(pauses(NEVER, List.of(NOON), setups(16)))
                .containsExactly(new Pause(Pause.Kind.MEAL, 243, 273), new Pause(Pause.Kind.MEAL, 453, 483));
    }
}
