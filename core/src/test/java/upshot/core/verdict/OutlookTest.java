package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.house.MovementSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class OutlookTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    @Test
    void a_mend_says_what_it_clears_and_what_it_raises_at_other_joints_of_the_same_shot() {
        Shot left = sample.shot(action, 60);
        Shot right = sample.shot(action, 300);
        Shot alsoRight = sample.shot(action, 240);
        sample.use(left);
        sample.use(right);
        sample.use(alsoRight);
        Verdict verdict = Verdict.of(sample.build());
        Outlook outlook = Outlook.of(verdict, Change.set(right, "bearingDeg", 120.0));

        assertThat(outlook.clears()).contains("Travel flips at joint 1");
        assertThat(outlook.raises()).contains("Travel flips at joint 2");
    }

    @Test
    void another_school_finds_something_else_with_the_same_rule() {
        sample.use(sample.shot(action, one -> one.with("move", Move.SLIDE).with("moveM", 0.5)), 24);
        sample.use(sample.shot(action, 120), 72);
        Plan plan = sample.build();
        Outlook outlook =
                Outlook.of(Verdict.of(plan), Change.set(plan.house(), "movement", MovementSchool.KEEP_MOVING));

        assertThat(outlook.clears()).containsExactly("Moves without a reason in the whole cut");
        assertThat(outlook.raises()).containsExactly("It rests too much in the whole cut");
    }

    @Test
    void nothing_changes_where_nothing_is_changed_or_the_change_is_refused() {
        Shot shot = sample.shot(action, 60);
        sample.use(shot);
        Verdict verdict = Verdict.of(sample.build());

        assertThat(Outlook.of(verdict, Change.batch(List.of()))).isEqualTo(new Outlook(List.of(), List.of()));
        assertThat(Outlook.of(verdict, Change.set(shot, "iso", 1))).isEqualTo(new Outlook(List.of(), List.of()));
    }

    @Test
    void a_split_use_that_goes_on_is_no_joint_until_something_comes_between() {
        Shot shot = sample.shot(action, 60);
        sample.use(shot, 24);
        sample.use(shot, 24);
        Plan plan = sample.build();
        Plan split = plan.apply(Change.batch(List.of(
                Change.set(plan.uses().get(0), "inS", Optional.of(0.0)),
                Change.set(plan.uses().get(1), "inS", Optional.of(1.0)))));

        assertThat(Verdict.of(plan).gauges().brokenJoints()).isEqualTo(1);
        assertThat(Verdict.of(split).gauges().brokenJoints()).isZero();
        Plan late = split.apply(Change.set(split.uses().get(1), "inS", Optional.of(1.03)));
        assertThat(Verdict.of(late).gauges().brokenJoints())
                .as("more than half a frame is left out")
                .isEqualTo(1);
    }
}
