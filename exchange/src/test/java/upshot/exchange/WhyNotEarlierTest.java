package upshot.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.RandomDays;
import upshot.core.order.DayPlan;
import upshot.core.order.Search;
import upshot.core.order.Shoot;
import upshot.core.order.ShootingOrder;
import upshot.core.order.Whys;
import upshot.core.plan.Plan;
import upshot.day.DayOrder;
import upshot.day.DayState;
import upshot.day.NotEarlier;
import upshot.exchange.json.PlanJson;

/** Why a setup does not stand earlier is answered for every one, and what is said happens when it is moved there. */
class WhyNotEarlierTest {

    @ParameterizedTest
    @ValueSource(strings = {"kiln-night", "tallow-street"})
    void in_both_demos(String demo) throws IOException {
        Plan plan = PlanJson.read(Files.readAllBytes(GoldenTest.FILES.resolve(demo + ".json")));
        check(ShootingOrder.of(plan));
    }

    @RepeatedTest(50)
    void in_generated_days_as_constructed_and_as_found(RepetitionInfo run) {
        Shoot shoot = Shoot.of(new RandomDays(run.getCurrentRepetition()).plan(14, 5));
        DayPlan constructed = ShootingOrder.of(shoot);
        check(constructed);
        check(DayPlan.of(shoot, new Search(constructed.order(), Search.Effort.changes(1, 300)).run(better -> {})));
    }

    private static void check(DayPlan day) {
        Whys words = new Whys(day);
        for (DayPlan.Slot slot : day.slots()) {
            int crew = slot.crew().index();
            int place = day.order().crews().get(crew).indexOf(slot.state().setup());
            NotEarlier answer = NotEarlier.of(day.order(), crew, place);
            assertThat(words.notEarlier(slot)).endsWith(".").doesNotContain("null");
            switch (answer.kind()) {
                case FIRST -> assertThat(place).isZero();
                case TIMED -> assertThat(slot.fixed() || slot.pinned()).isTrue();
                case BREAKS -> breaks(day.order(), slot.state().setup(), crew, answer);
                case COSTS -> {
                    DayOrder moved = moved(day.order(), slot.state().setup(), crew, answer);
                    assertThat(moved.merit().brokenMin()).isZero();
                    assertThat(moved.merit().hundredths() - day.order().merit().hundredths())
                            .isEqualTo(answer.hundredths());
                }
            }
        }
    }

    private static DayOrder moved(DayOrder order, int setup, int crew, NotEarlier answer) {
        int to = order.crews().get(crew).indexOf(answer.before());
        return DayOrder.of(order.clock(), order.moved(setup, crew, to));
    }

    /** At every earlier place something breaks, at the nearest what is named. */
    private static void breaks(DayOrder order, int setup, int crew, NotEarlier answer) {
        List<Integer> own = order.crews().get(crew);
        assertThat(own.get(own.indexOf(setup) - 1)).isEqualTo(answer.before());
        List<DayState> states = moved(order, setup, crew, answer).states().get(crew);
        assertThat(states)
                .filteredOn(state -> state.setup() == answer.hit())
                .singleElement()
                .satisfies(state ->
                        assertThat(state.breaches()).contains(answer.breach().orElseThrow()));
        for (int to = 0; to < own.indexOf(setup); to++) {
            assertThat(DayOrder.of(order.clock(), order.moved(setup, crew, to))
                            .merit()
                            .brokenMin())
                    .isPositive();
        }
    }
}
