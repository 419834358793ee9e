package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.Turn;
import upshot.day.DayOrder;
import upshot.day.Merit;

class SearchTest {

    /** Worth about a second on one core of a small machine. */
    private static final int CHANGES = 150_000;

    private static final int DAYS = 120;

    @Test
    void small_days_are_solved_as_well_as_by_trying_every_order() {
        Random random = new Random(7);
        for (int day = 0; day < DAYS; day++) {
            Shoot shoot = Shoot.of(new RandomDays(day).plan(3 + random.nextInt(6), 0.8 + random.nextInt(30) / 10.0));
            Merit exact = ExactOrder.of(shoot).merit();
            Merit found = search(shoot, Search.Effort.changes(day, CHANGES).until(exact))
                    .merit();

            assertThat(exact.brokenMin()).isZero();
            assertThat(found).as("day %d", day).isEqualTo(exact);
        }
    }

    private static DayOrder search(Shoot shoot, Search.Effort effort) {
        return new Search(ShootingOrder.of(shoot).order(), effort).run(better -> {});
    }

    @Test
    void the_same_seed_finds_the_same_order_and_each_report_is_better_than_the_last() {
        Shoot shoot = Shoot.of(new RandomDays(3).workday(14));
        List<Merit> reports = new ArrayList<>();
        DayOrder begin = ShootingOrder.of(shoot).order();
        DayOrder once = new Search(begin, Search.Effort.changes(5, 3000)).run(better -> reports.add(better.merit()));
        DayOrder again = search(shoot, Search.Effort.changes(5, 3000));

        assertThat(again.crews()).isEqualTo(once.crews());
        assertThat(reports)
                .isNotEmpty()
                .isSortedAccordingTo(Collections.reverseOrder())
                .doesNotHaveDuplicates();
        assertThat(once.merit()).isEqualTo(reports.get(reports.size() - 1)).isLessThan(begin.merit());
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

    @RepeatedTest(40)
    void no_order_breaks_what_is_never_broken(RepetitionInfo run) {
        Plan plan = new RandomDays(500 + run.getCurrentRepetition()).plan(12, 3);
        if (run.getCurrentRepetition() % 4 == 0) {
            plan = plan.apply(new Change.Add(new ExtraCrew(
                    UUID.randomUUID(), "Second unit", 1, 0, LocalTime.of(9, 30), LocalTime.of(12, 0), 1)));
        }
        Shoot shoot = Shoot.of(plan);
        DayOrder found = search(shoot, Search.Effort.changes(1, 1500));

        assertThat(ShootingOrder.of(shoot).order().merit().brokenMin()).isZero();
        assertThat(found.merit().brokenMin()).isZero();
        assertThat(found.merit())
                .isLessThanOrEqualTo(ShootingOrder.of(shoot).order().merit());
        LimitsKept.check(DayPlan.of(shoot, found));
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
