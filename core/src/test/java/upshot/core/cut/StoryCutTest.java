package upshot.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;
import upshot.core.size.Size;

class StoryCutTest {

    private final SamplePlan sample = new SamplePlan();

    private Plan cut(Plan plan) {
        return plan.apply(new StoryCut(sample::id).propose(plan));
    }

    @Test
    void sizes_go_from_wide_to_detail_and_in_the_ending_back() {
        Action body = sample.action();
        Action ending = sample.action(action -> action.with("beatId", sample.nextBeat()));
        for (Action action : new Action[] {body, ending}) {
            sample.shot(action, shot -> shot.with("size", Size.CLOSE_UP));
            sample.shot(action, shot -> shot.with("size", Size.WIDE));
        }
        Plan plan = cut(sample.build());

        assertThat(PaperCut.of(plan).uses())
                .extracting(placed -> placed.shot().size())
                .containsExactly(Size.WIDE, Size.CLOSE_UP, Size.CLOSE_UP, Size.WIDE);
    }

    @Test
    void joints_fall_on_half_beats() {
        Action action = sample.action();
        for (int i = 0; i < 5; i++) {
            sample.shot(action, 30 + i * 20);
        }
        sample.brief("tempoBpm", Optional.of(120.0)).brief("lengthS", 8.0);
        Plan plan = cut(sample.build());

        // Half a beat at 120 bpm is a quarter of a second: six frames at 24.
        assertThat(PaperCut.of(plan).uses()).allMatch(placed -> placed.startFrame() % 6 == 0);
    }

    @Test
    void a_short_promo_takes_one_shot_of_each_action_before_a_second() {
        Action one = sample.action();
        Action other = sample.action();
        for (int i = 0; i < 4; i++) {
            sample.shot(one, 30 + i * 30);
            sample.shot(other, 30 + i * 30);
        }
        sample.brief("lengthS", 2.0);
        Plan plan = cut(sample.build());

        assertThat(PaperCut.of(plan).uses()).extracting(PaperCut.Placed::action).containsExactly(one, other);
    }

    @Test
    void without_shots_nothing_is_proposed_and_an_old_cut_is_replaced() {
        assertThat(new StoryCut(sample::id).propose(sample.build()).changes()).isEmpty();
        Use old = sample.use(sample.shot(sample.action(), 30));

        assertThat(cut(sample.build()).uses()).hasSize(1).doesNotContain(old);
    }

    @RepeatedTest(80)
    void any_plan_with_shots_is_filled_to_the_frame(RepetitionInfo run) {
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        Plan cut = plan.apply(new StoryCut(UUID::randomUUID).propose(plan));

        assertThat(PaperCut.of(cut).missingFrames())
                .as("seed %d", run.getCurrentRepetition())
                .isEqualTo(plan.shots().isEmpty() ? PaperCut.of(plan).missingFrames() : 0);
    }
}
