package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

/** An evening that somebody typed into a day that ends at five. */
class LaterWrapTest {

    private final SamplePlan sample =
            new SamplePlan().brief("callTime", LocalTime.of(9, 0)).brief("wrapTime", LocalTime.of(17, 0));

    private static Optional<LaterWrap> later(Plan plan) {
        return LaterWrap.of(plan, ShootingOrder.of(plan));
    }

    private void at(int hour, int minute) {
        sample.shot(sample.action(one -> one.with("fixedTime", Optional.of(LocalTime.of(hour, minute)))), 30);
    }

    /** What happens at 20:15 for a minute ends at 20:16; a quarter of an hour on, and the next quarter, is 20:45. */
    @Test
    void what_happens_after_the_wrap_asks_for_a_later_one() {
        sample.shot(sample.action(), 30);
        at(20, 15);
        at(19, 30);
        Plan plan = sample.build();
        LaterWrap found = later(plan).orElseThrow();

        assertThat(found.wrap()).isEqualTo(LocalTime.of(20, 45));
        assertThat(found.sentence())
                .isEqualTo("2 setups lie after the wrap at 17:00. With the wrap at 20:45 nothing of that is left out.");
        Plan longer = plan.apply(Change.edit(plan.brief(), one -> one.withWrapTime(found.wrap())));
        assertThat(ShootingOrder.of(longer).dropped()).isEmpty();
        assertThat(later(longer)).isEmpty();
    }

    @Test
    void a_day_that_holds_everything_and_one_that_is_only_full_are_left_alone() {
        at(16, 0);
        assertThat(later(sample.build())).isEmpty();
    }

    /** Four in the morning is nineteen hours after the call: nobody wraps then. */
    @Test
    void what_lies_before_the_call_is_no_reason_to_work_through_the_night() {
        at(4, 0);
        assertThat(later(sample.build())).isEmpty();
    }

    @Test
    void one_of_two_that_come_back_is_counted() {
        LocalTime late = LocalTime.of(20, 45);

        assertThat(new LaterWrap(late, LocalTime.of(17, 0), 1, 1).sentence())
                .isEqualTo("1 setup lies after the wrap at 17:00. With the wrap at 20:45 nothing of that is left out.");
        assertThat(new LaterWrap(late, LocalTime.of(17, 0), 3, 2).sentence())
                .isEqualTo("3 setups lie after the wrap at 17:00. With the wrap at 20:45 2 of them can be shot.");
    }

    /** Fourteen hours after nine it is eleven; what ends a minute later was rather meant before the call. */
    @Test
    void a_day_is_no_longer_than_fourteen_hours() {
        sample.shot(
                sample.action(one ->
                        one.with("fixedTime", Optional.of(LocalTime.of(22, 59))).with("durationS", 60.0)),
                30);
        assertThat(later(sample.build())).isPresent();
        SamplePlan other =
                new SamplePlan().brief("callTime", LocalTime.of(9, 0)).brief("wrapTime", LocalTime.of(17, 0));
        other.shot(
                other.action(one ->
                        one.with("fixedTime", Optional.of(LocalTime.of(23, 0))).with("durationS", 60.0)),
                30);
        assertThat(later(other.build())).isEmpty();
    }
}
