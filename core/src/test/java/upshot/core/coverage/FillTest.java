package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.ground.ScreenTravel;
import upshot.core.house.CoverageSchool;
import upshot.core.joint.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Beat;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Move;
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

        assertThat(Coverage.holes(plan, action))
                .extracting(Hole::sizeClass)
                .containsExactly(SizeClass.WIDE, SizeClass.DETAIL);
        assertThat(Coverage.holes(plan, place)).extracting(Hole::sizeClass).containsExactly(SizeClass.WIDE);
        Plan covered = plan.apply(new Change.Add(
                Shot.draft(sample.id(), place.id(), "Z9", plan.brief().rate())));
        assertThat(Coverage.holes(covered, place)).isEmpty();
    }

    @Test
    void filled_shots_keep_the_side_cut_together_and_fit_the_room() {
        Action right = sample.action();
        Action left =
                sample.action(action -> action.with("side", Side.RIGHT_TO_LEFT).with("thing", "jar"));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        assertThat(Coverage.holes(filled)).isEmpty();
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

    private static Plan school(Plan plan, CoverageSchool school) {
        return plan.house().coverage() == school ? plan : plan.apply(Change.set(plan.house(), "coverage", school));
    }

    @RepeatedTest(60)
    void every_size_is_filled_and_no_code_is_given_twice(RepetitionInfo run) {
        Plan plan = school(new RandomPlans(run.getCurrentRepetition()).plan(), CoverageSchool.TRIAD);
        Plan filled = plan.apply(new Fill(UUID::randomUUID, Codes.of(plan)).propose(plan, hole -> true));

        assertThat(Coverage.holes(filled))
                .as("seed %d", run.getCurrentRepetition())
                .isEmpty();
        assertThat(filled.shots()).extracting(Shot::code).doesNotHaveDuplicates();
        assertThat(filled.shots()).containsAll(plan.shots());
    }

    @ParameterizedTest
    @EnumSource(CoverageSchool.class)
    void each_school_is_filled_in_a_room_that_allows_it(CoverageSchool school) {
        sample.action(one -> one.with("thing", "bowl").with("durationS", 25.0));
        Plan plan = school(sample.build(), school);
        Plan filled = plan.apply(fill(plan, sample));

        int asked = switch (school) {
            case TRIAD, PERFORMANCE -> 3;
            case TRIPLE -> 9;
            case PRODUCT -> 5;
        };
        assertThat(Coverage.holes(plan)).hasSize(asked);
        assertThat(Coverage.holes(filled)).as(school.label()).isEmpty();
        List<Shot> shots = filled.shots();
        shots.forEach(one -> shots.stream()
                .filter(other -> other != one)
                .forEach(
                        other -> assertThat(Likeness.between(filled, one, other).clear())
                                .as("%s %s %s", school, one, other)
                                .isTrue()));
    }

    @Test
    void a_view_has_its_bounds() {
        Shot shot = sample.shot(sample.action(), one -> one.with("size", Size.WIDE));
        Plan plan = sample.build();

        // 1.70 m tall: low below 0.595 m, eye from 1.275 to 1.785 m, high above.
        assertThat(View.LOW.shows(plan, shot.with("cameraHeightM", 0.59))).isTrue();
        assertThat(View.LOW.shows(plan, shot.with("cameraHeightM", 0.60))).isFalse();
        assertThat(View.EYE.shows(plan, shot.with("cameraHeightM", 1.27))).isFalse();
        assertThat(View.EYE.shows(plan, shot.with("cameraHeightM", 1.78))).isTrue();
        assertThat(View.HIGH.shows(plan, shot.with("cameraHeightM", 1.79))).isTrue();
        assertThat(View.MASTER.shows(plan, shot)).isTrue();
        assertThat(View.MASTER.shows(plan, shot.with("holdS", 9.0))).isFalse();
        assertThat(View.TURNING.shows(plan, shot)).isFalse();
    }

    @Test
    void somebody_too_quick_for_a_still_frame_is_followed() {
        Action action = sample.action(one -> one.with("speedMps", 8.0));
        Plan plan = sample.build();
        Plan filled = plan.apply(fill(plan, sample));

        assertThat(filled.shotsOf(action)).extracting(Shot::move).contains(Move.FOLLOW);
        assertThat(filled.shotsOf(action))
                .allSatisfy(shot -> assertThat(ShotRule.judgeAll(filled, shot))
                        .noneMatch(finding -> finding.ruleId().equals(ShotRule.QUICK_CROSSING)));
    }

    @Test
    void the_edit_wishes_for_ways_in_foregrounds_and_sounds() {
        Action action = sample.action(one -> one.with("beatId", sample.nextBeat()));
        Shot still = sample.shot(action, 30);
        Plan plan = sample.build();
        Beat ending = plan.beats().get(1);

        assertThat(Wishes.of(plan, plan.beats().get(0))).isEmpty();
        assertThat(Wishes.of(plan, ending))
                .extracting(Wishes.Wish::sentence)
                .containsExactly("1 way out, 2 asked", "no foreground yet", "1 action without a sound");
        Plan met = plan.apply(Change.batch(List.of(
                Change.set(still, "foreground", true),
                Change.set(action, "sound", "steps"),
                new Change.Add(Shot.draft(sample.id(), action.id(), "Z1", still.captureRate())
                        .with("move", Move.PULL)))));
        assertThat(met.shots()).hasSize(2);
        assertThat(Wishes.of(met, ending)).singleElement().satisfies(wish -> {
            assertThat(wish.open()).isFalse();
            assertThat(wish.sentence()).isEqualTo("2 ways out, 2 asked");
        });
        assertThat(Wishes.cutaways(plan)).extracting(Wishes.Wish::sentence).containsExactly("Hall");
    }
}
