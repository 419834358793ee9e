package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.ground.ScreenTravel;
import upshot.core.joint.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.shot.ShotRule;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

class FillTest {

    private final SamplePlan sample = new SamplePlan();

    private static Change.Batch fill(Plan plan, SamplePlan ids) {
        return new Fill(ids::id, Codes.of(plan)).propose(plan, hole -> true);
    }

    @Test
    void an_action_asks_wide_mid_and_detail_a_feature_one_picture() {
        Action action = sample.action();
        Action place = sample.action(one -> one.with("feature", true).with("subjectId", sample.object()));
        sample.shot(action, shot -> shot.with("size", Size.MEDIUM_CLOSE));
        Plan plan = sample.build();

        assertThat(Triad.holes(plan, action))
                .extracting(Hole::sizeClass)
                .containsExactly(SizeClass.WIDE, SizeClass.DETAIL);
        assertThat(Triad.holes(plan, place)).extracting(Hole::sizeClass).containsExactly(SizeClass.WIDE);
        Plan covered = plan.apply(new Change.Add(
                Shot.draft(sample.id(), place.id(), "Z9", plan.brief().rate())));
        assertThat(Triad.holes(covered, place)).isEmpty();
    }

    @Test
    void filled_shots_keep_the_side_cut_together_and_fit_the_room() {
        Action right = sample.action();
        Action left =
                sample.action(action -> action.with("side", Side.RIGHT_TO_LEFT).with("thing", "jar"));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        assertThat(Triad.holes(filled)).isEmpty();
        for (Action action : List.of(right, left)) {
            List<Shot> shots = filled.shotsOf(action);
            ScreenTravel kept = action == right ? ScreenTravel.LEFT_TO_RIGHT : ScreenTravel.RIGHT_TO_LEFT;
            assertThat(shots).allSatisfy(shot -> {
                assertThat(ScreenTravel.of(shot.bearingDeg(), false, 20)).isEqualTo(kept);
                assertThat(ShotRule.judgeAll(filled, shot)).isEmpty();
            });
            shots.forEach(one -> shots.stream()
                    .filter(other -> other != one)
                    .forEach(other -> assertThat(
                                    Likeness.between(filled, one, other).clear())
                            .isTrue()));
        }
        assertThat(filled.shotsOf(left)).extracting(Shot::size).contains(Size.INSERT);
    }

    @Test
    void the_same_plan_gets_the_same_proposal_and_nothing_is_overwritten() {
        Shot mine = sample.shot(sample.action(), 30);
        Plan plan = sample.build();
        UUID fixed = sample.id();

        Change first = new Fill(() -> fixed, Codes.of(plan)).propose(plan, hole -> hole.sizeClass() == SizeClass.WIDE);
        Change second = new Fill(() -> fixed, Codes.of(plan)).propose(plan, hole -> hole.sizeClass() == SizeClass.WIDE);

        assertThat(first).isEqualTo(second);
        assertThat(plan.apply(first).shots()).contains(mine).hasSize(2);
        assertThat(first.steps()).allMatch(step -> step instanceof Change.Add);
    }

    @Test
    void in_a_narrow_room_a_shorter_lens_is_taken() {
        Action action = sample.action();
        Plan plan = sample.build();
        Plan narrow = plan.apply(Change.set(plan.spotOf(action), "roomM", 2.6));
        Plan filled = narrow.apply(fill(narrow, sample));
        Shot mid = filled.shotsOf(action).stream()
                .filter(shot -> shot.size() == Size.MEDIUM)
                .findFirst()
                .orElseThrow();

        assertThat(mid.focalLengthMm()).isEqualTo(35);
        assertThat(ShotRule.judgeAll(filled, mid)).isEmpty();
    }

    @RepeatedTest(60)
    void no_plan_keeps_a_hole_and_no_code_is_given_twice(RepetitionInfo run) {
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        Plan filled = plan.apply(new Fill(UUID::randomUUID, Codes.of(plan)).propose(plan, hole -> true));

        assertThat(Triad.holes(filled))
                .as("seed %d", run.getCurrentRepetition())
                .isEmpty();
        assertThat(filled.shots()).extracting(Shot::code).doesNotHaveDuplicates();
        assertThat(filled.shots()).containsAll(plan.shots());
    }
}
