package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Shot;
import upshot.core.verdict.Gauges;

/** What is next follows the order of the work. */
class NextToDoTest {

    private static final Gauges NOTHING_OPEN = new Gauges(0, 0, 0, 3);

    private static void next(SamplePlan sample, Gauges gauges, String words, String slug) {
        assertThat(NextToDo.of(sample.build(), gauges)).isEqualTo(new NextToDo(words, slug));
    }

    @Test
    void a_job_is_taken_on_stage_by_stage() {
        SamplePlan sample = new SamplePlan().brief("shootDate", Optional.empty());
        next(sample, NOTHING_OPEN, "Write down what happens", "brief");
        var action = sample.action();
        next(sample, new Gauges(3, 0, 0, 0), "Plan the pictures", "coverage");
        Shot shot = sample.shot(action, 30);
        next(sample, new Gauges(1, 2, -5, 1), "Fill 1 open hole", "coverage");
        next(sample, new Gauges(0, 0, -5, 1), "Arrange the cut", "cut");
        sample.use(shot);
        next(sample, new Gauges(0, 2, -5, 1), "Mend 2 joints", "cut");
        next(sample, new Gauges(0, 0, -1, 1), "Make room in the day", "day");
        next(sample, NOTHING_OPEN, "Set the date", "brief");
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)));
        next(sample, NOTHING_OPEN, "Print the call sheet", "day");
    }
}
