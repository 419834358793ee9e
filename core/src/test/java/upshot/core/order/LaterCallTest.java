package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** A later call where much is waited for, tried and not guessed. */
class LaterCallTest {

    private final SamplePlan sample = new SamplePlan();

    private static Optional<LaterCall> later(Plan plan) {
        return LaterCall.of(plan, ShootingOrder.of(plan));
    }

    @Test
    void what_waits_for_the_afternoon_need_not_be_called_in_the_morning() {
        sample.shot(sample.action(), 30);
        sample.shot(sample.action(one -> one.with("fixedTime", Optional.of(LocalTime.of(15, 0)))), 30);
        sample.brief("callTime", LocalTime.of(9, 0)).brief("wrapTime", LocalTime.of(18, 0));
        Plan plan = sample.build();
        LaterCall found = later(plan).orElseThrow();

        assertThat(found.call()).isBetween(LocalTime.of(13, 0), LocalTime.of(14, 30));
        assertThat(found.waitsMin()).isLessThan(60);
        assertThat(found.sentence()).startsWith("The day waits ").endsWith(" min, and nothing is lost.");
        Plan called = plan.apply(Change.set(plan.brief(), "callTime", found.call()));
        assertThat(ShootingOrder.of(called).dropped()).isEmpty();
        assertThat(later(called)).as("once it is called later").isEmpty();
    }

    @Test
    void what_has_to_be_done_in_the_morning_keeps_the_call() {
        sample.shot(sample.action(one -> one.with("untilTime", Optional.of(LocalTime.of(10, 0)))), 30);
        sample.shot(sample.action(one -> one.with("fixedTime", Optional.of(LocalTime.of(15, 0)))), 30);
        sample.brief("callTime", LocalTime.of(9, 0)).brief("wrapTime", LocalTime.of(18, 0));

        assertThat(later(sample.build())).isEmpty();
    }

    @Test
    void a_day_without_waiting_is_left_alone() {
        sample.shot(sample.action(), 30);

        assertThat(later(sample.build())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "201, 20, 'The day waits 3 h 21 min. With the call at 12:15 it waits 20 min, and nothing is lost.'",
        "120, 60, 'The day waits 2 h. With the call at 12:15 it waits 1 h, and nothing is lost.'",
        "59, 0, 'The day waits 59 min. With the call at 12:15 it waits 0 min, and nothing is lost.'"
    })
    void how_long_is_said_in_hours_and_minutes(int waited, int waits, String said) {
        assertThat(new LaterCall(LocalTime.of(12, 15), waited, waits).sentence())
                .isEqualTo(said);
    }
}
