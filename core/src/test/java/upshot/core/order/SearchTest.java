package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
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
}
