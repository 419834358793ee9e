package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Turn;
import upshot.day.DayOrder;

/** What ends a search, and what it does not touch. */
class SearchEndsTest {

    private static DayOrder search(Shoot shoot, Search.Effort effort) {
        return new Search(ShootingOrder.of(shoot).order(), effort).run(better -> {});
    }

    @Test
    void with_a_time_limit_it_anneals_and_ends() {
        DayOrder begin = ShootingOrder.of(new RandomDays(3).workday(14)).order();
        DayOrder found = new Search(begin, Search.Effort.time(1, Duration.ofMillis(400))).run(better -> {});

        assertThat(found.merit()).isLessThan(begin.merit());
    }

    @Test
    void a_search_that_is_stopped_at_once_keeps_what_there_was() {
        DayOrder begin = ShootingOrder.of(new RandomDays(3).workday(14)).order();
        Search search = new Search(begin, Search.Effort.changes(5, 1_000_000_000));
        search.stop();

        assertThat(search.run(better -> {})).isSameAs(begin);
    }

    @Test
    void a_search_ends_once_it_is_good_enough() {
        Shoot shoot = Shoot.of(new RandomDays(3).workday(14));
        DayOrder begin = ShootingOrder.of(shoot).order();
        DayOrder first = search(shoot, Search.Effort.changes(5, 3000));

        // What there was is enough: nothing better is looked for.
        assertThat(search(shoot, Search.Effort.changes(5, 1_000_000_000).until(begin.merit()))
                        .merit())
                .isLessThanOrEqualTo(begin.merit());
        assertThat(search(shoot, Search.Effort.changes(5, 1_000_000_000).until(first.merit()))
                        .merit())
                .isLessThanOrEqualTo(first.merit());
    }

    @Test
    void pinned_setups_and_what_begins_before_a_minute_stay() {
        Plan free = new RandomDays(11).workday(14);
        DayOrder begin = ShootingOrder.of(free).order();
        DayPlan.Slot late = ShootingOrder.of(free).slots().get(9);
        Turn pin = new Turn(
                UUID.randomUUID(),
                late.setup().first().id(),
                Optional.empty(),
                1,
                Optional.of(LocalTime.of(8, 0)
                        .plusMinutes(late.times().gettingReady().afterCall() + 40)),
                false);
        Shoot shoot = Shoot.of(free.apply(new Change.Add(pin)));
        assertThat(search(shoot, Search.Effort.changes(2, 3000)).all().stream()
                        .filter(state -> shoot.setups().get(state.setup()).equals(late.setup()))
                        .map(state -> state.times().gettingReady().afterCall()))
                .containsExactly(late.times().gettingReady().afterCall() + 40);

        int noon = begin.states().get(0).get(5).times().gettingReady().afterCall();
        List<Integer> kept = search(
                        Shoot.of(free), Search.Effort.changes(2, 3000).keeping(noon))
                .crews()
                .get(0)
                .subList(0, 5);
        assertThat(kept).isEqualTo(begin.crews().get(0).subList(0, 5));
    }
}
