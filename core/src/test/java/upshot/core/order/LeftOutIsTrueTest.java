package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import upshot.core.RandomDays;
import upshot.day.DayOrder;
import upshot.day.LeftOut;

/** What is said of a setup that nobody shoots is so: put in anywhere, the limit breaks that is named; or none does. */
class LeftOutIsTrueTest {

    @RepeatedTest(40)
    void what_keeps_it_out_is_what_breaks(RepetitionInfo run) {
        Shoot shoot = Shoot.of(new RandomDays(run.getCurrentRepetition()).plan(8, 0.7));
        DayOrder order = ShootingOrder.of(shoot).order();
        for (int setup : order.left()) {
            LeftOut said = LeftOut.of(order, setup);
            boolean fits = false;
            boolean named = false;
            for (int place = 0; place <= order.crews().get(0).size(); place++) {
                List<Integer> with = new ArrayList<>(order.crews().get(0));
                with.add(place, setup);
                DayOrder tried = DayOrder.of(order.clock(), List.of(with));
                fits |= tried.merit().brokenMin() == 0;
                named |= said.breach().isPresent()
                        && tried.all().stream()
                                .anyMatch(state -> state.setup() == said.setup()
                                        && state.breaches()
                                                .contains(said.breach().get()));
            }
            assertThat(said.breach().isEmpty())
                    .as("day %d, setup %d", run.getCurrentRepetition(), setup)
                    .isEqualTo(fits);
            assertThat(named || fits)
                    .as("day %d, setup %d", run.getCurrentRepetition(), setup)
                    .isTrue();
        }
    }
}
