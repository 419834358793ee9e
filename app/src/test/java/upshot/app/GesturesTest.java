package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import upshot.app.job.Proposal;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** Every gesture a page can post, on a plan in memory: what it proposes and what it says when something is wrong. */
class GesturesTest extends GestureOnSample {

    @Test
    void a_shot_is_added_beside_others_and_shown() {
        Action action = sample.action(one -> one.with("thing", "rope"));
        sample.shot(action, 30);
        Plan plan = sample.build();
        for (String sizeClass : List.of("WIDE", "MID", "DETAIL")) {
            Proposal proposal =
                    propose(plan, "add-shot", Map.of("actionId", action.id().toString(), "sizeClass", sizeClass));
            Shot added = plan.apply(proposal.change()).shotsOf(action).get(1);

            assertThat(added.size().sizeClass().name()).isEqualTo(sizeClass);
            assertThat(proposal.show()).containsEntry("shot", added.id().toString());
        }
    }

    @Test
    void one_hole_or_all_are_filled() {
        Action action = sample.action();
        sample.action();
        Plan plan = sample.build();

        // A telling picture, a detail and two ways in of the first, a telling picture and two ways out of the other.
        assertThat(after(plan, "fill", Map.of()).shots()).hasSize(7);
        assertThat(after(plan, "fill", Map.of("actionId", action.id().toString(), "sizeClass", "DETAIL"))
                        .shots())
                .singleElement()
                .satisfies(shot -> assertThat(shot.actionId()).isEqualTo(action.id()));
    }

    @Test
    void uses_are_put_behind_the_chosen_one_moved_and_taken_out() {
        Shot shot = sample.shot(sample.action(), 30);
        Use first = sample.use(shot);
        Use second = sample.use(shot);
        Plan plan = sample.build();
        Plan put = after(
                plan,
                "add-use",
                Map.of("shotId", shot.id().toString(), "after", first.id().toString()));

        assertThat(put.uses())
                .extracting(Use::id)
                .startsWith(first.id())
                .endsWith(second.id())
                .hasSize(3);
        assertThat(put.uses().get(1).frames()).isEqualTo(36);
        assertThat(after(plan, "add-use", Map.of("shotId", shot.id().toString()))
                        .uses()
                        .get(1))
                .isEqualTo(second);
        assertThat(after(plan, "move-use", Map.of("id", first.id().toString(), "way", "later"))
                        .uses())
                .extracting(Use::id)
                .containsExactly(second.id(), first.id());
        assertThat(after(plan, "remove", Map.of("kind", "use", "id", first.id().toString()))
                        .uses())
                .containsExactly(second);
    }
}
