package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.LargeJob;
import upshot.core.RandomPlans;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class VerdictAfterTest {

    @RepeatedTest(150)
    void judging_again_in_part_is_judging_the_whole(RepetitionInfo run) {
        RandomPlans random = new RandomPlans(run.getCurrentRepetition());
        Plan plan = random.plan();
        Verdict verdict = Verdict.of(plan);
        for (int i = 0; i < 8; i++) {
            plan = plan.apply(random.change(plan));
            verdict = verdict.after(plan);
            assertThat(verdict)
                    .as("seed %d, change %d", run.getCurrentRepetition(), i)
                    .isEqualTo(Verdict.of(plan));
        }
    }

    @Test
    void what_a_turned_shot_does_not_touch_is_kept() {
        Plan plan = LargeJob.of(10, 40, 60);
        Verdict before = Verdict.of(plan);
        Shot turned = plan.shots().get(20);
        Plan changed = plan.apply(Change.set(turned, "bearingDeg", turned.bearingDeg() == 45 ? 50.0 : 45.0));
        Verdict after = before.after(changed);

        assertThat(after).isEqualTo(Verdict.of(changed));
        assertThat(after.numbers().get(plan.shots().get(3).id()))
                .isSameAs(before.numbers().get(plan.shots().get(3).id()));
        assertThat(after.numbers().get(turned.id()))
                .isNotSameAs(before.numbers().get(turned.id()));
    }
}
