package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Brief;
import upshot.day.Windows;

/** When meals are had, as minutes after the call. */
class MealSpansTest {

    @Test
    void meal_times_are_counted_from_the_call_on_every_day() {
        SamplePlan sample = new SamplePlan();
        Brief nine = sample.brief("callTime", LocalTime.of(9, 0)).build().brief();
        assertThat(MealTimes.of(nine, List.of()))
                .startsWith(new Windows.Span(150, 330), new Windows.Span(540, 690), new Windows.Span(1590, 1770));
        // At half past one an hour of noon is left; six o'clock is four and a half hours on.
        Brief afternoon = sample.brief("callTime", LocalTime.of(13, 30)).build().brief();
        assertThat(MealTimes.of(afternoon, List.of())).startsWith(new Windows.Span(0, 60), new Windows.Span(270, 420));
    }
}
