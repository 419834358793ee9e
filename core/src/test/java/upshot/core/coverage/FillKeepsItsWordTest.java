package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import upshot.core.RandomPlans;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** What every proposal keeps to, in sixty random plans. */
class FillKeepsItsWordTest extends FillOnSample {

    @RepeatedTest(60)
    void whatever_the_plan_fill_keeps_its_word(RepetitionInfo run) {
        RandomPlans random = new RandomPlans(run.getCurrentRepetition());
        Plan plan = random.plan();
        Fill.Outcome outcome = new Fill(UUID::randomUUID, Codes.of(plan)).outcome(plan, hole -> true);
        Plan filled = plan.apply(Change.batch(outcome.proposed().stream()
                .map(one -> (Change) new Change.Add(one.shot()))
                .toList()));

        // A shot can fill the hole of another view on its way, so no more stay open than were refused.
        assertThat(outcome.refused())
                .extracting(Fill.Refused::hole)
                .as("seed %d", run.getCurrentRepetition())
                .containsAll(Coverage.holes(filled));
        assertThat(outcome.refused()).allSatisfy(one -> assertThat(one.why()).isNotBlank());
        assertThat(filled.shots()).extracting(Shot::code).doesNotHaveDuplicates();
        assertThat(filled.shots()).containsAll(plan.shots());
        outcome.proposed().forEach(one -> keepsItsWord(filled, one.shot()));
    }
}
