package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;
import upshot.core.verdict.Verdict;

/** What the schools ask of an action, what the edit wishes, and how much of what is shot counts. */
class CoverageTest {

    private final SamplePlan sample = new SamplePlan();

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
    void the_edit_wishes_for_ways_in_foregrounds_and_sounds() {
        Action action = sample.action(one -> one.with("beatId", sample.nextBeat()));
        Shot still = sample.shot(action, 30);
        Plan plan = sample.build();
        StoryBeat ending = plan.beats().get(1);

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

    @Test
    void shots_that_are_too_alike_count_once() {
        Action action = sample.action();
        Shot first = sample.shot(action, 30);
        sample.use(first, 48);
        Plan one = sample.build();
        sample.shot(action, 59);
        Plan alike = sample.build();
        sample.shot(action, 90);
        Plan distinct = sample.build();

        // Ten seconds each; a turn of 29° is a little too small.
        assertThat(footage(one)).isEqualTo(new Footage(10, 2));
        assertThat(footage(alike)).isEqualTo(new Footage(10, 2));
        assertThat(footage(distinct)).isEqualTo(new Footage(20, 2));
        assertThat(Verdict.of(distinct).gauges().footageRatio())
                .isEqualTo(20 / distinct.brief().lengthS());
    }

    private static Footage footage(Plan plan) {
        return Footage.of(plan, plan.actions().get(0));
    }
}
