package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import upshot.core.LargeJob;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

class NotFittingTest {

    @Test
    void a_dozen_say_why_and_the_others_are_named() {
        Plan plan = LargeJob.of(40, 200, 0);
        Verdict verdict = Verdict.of(plan);
        NotFitting left = NotFitting.of(plan, verdict.day());
        int all = verdict.day().dropped().size();

        assertThat(all).isGreaterThan(13);
        assertThat(left.said())
                .hasSize(12)
                .allSatisfy(
                        said -> assertThat(said.words()).isEqualTo(new Whys(verdict.day()).dropped(said.dropped())));
        assertThat(left.others()).hasSize(all - 12);
        assertThat(left.inWords()).hasSize(13).last().asString().startsWith((all - 12) + " more do not fit: ");
        assertThat(NotFitting.of(plan, verdict.day())).isSameAs(left);
    }

    @Test
    void a_day_with_room_for_all_says_nothing() {
        Plan plan = LargeJob.of(2, 4, 0);

        assertThat(NotFitting.of(plan, Verdict.of(plan).day()).inWords()).isEmpty();
    }
}
