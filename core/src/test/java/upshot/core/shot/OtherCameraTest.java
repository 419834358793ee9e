package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Taken;
import upshot.core.size.Size;

/** Ada at (5, 2) with a camera in front of her and another that goes round. */
class OtherCameraTest {

    private final SamplePlan sample = new SamplePlan();

    private Action action(Taken taken) {
        return sample.action(one -> one.with("acrossM", Optional.of(5.0))
                .with("deepM", Optional.of(2.0))
                .with("taken", taken));
    }

    private static List<Finding> said(Plan plan, Shot shot) {
        return OnTheGround.of(plan, shot, List.of()).stream()
                .filter(finding -> finding.ruleId().equals("other-camera"))
                .toList();
    }

    @Test
    void opposite_each_other_both_are_in_the_picture_and_a_mend_takes_them_out() {
        Action action = action(Taken.TWO_CAMERAS);
        Shot front = sample.shot(action, 0);
        Shot behind = sample.shot(action, 180);
        Plan plan = sample.build();
        assertThat(said(plan, front))
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence())
                        .contains("%s stands in the picture of %s".formatted(behind.code(), front.code())));
        assertThat(said(plan, behind)).hasSize(1);
        said(plan, front).get(0).mends().forEach(mend -> {
            Plan mended = plan.apply(mend.change());
            assertThat(said(mended, mended.get(RecordKind.SHOT, front.id()))).isEmpty();
        });
    }

    /** A medium shot at 50 mm sees less than 20° to either side. */
    @Test
    void beside_the_picture_there_is_nothing_to_say() {
        Action action = action(Taken.TWO_CAMERAS);
        Shot front = sample.shot(action, 0);
        sample.shot(action, 90);
        sample.shot(action, 2);
        assertThat(said(sample.build(), front))
                .as("to the side, and the lens beside it")
                .isEmpty();
    }

    @Test
    void one_after_the_other_they_do_not_see_each_other() {
        Action action = action(Taken.SHOT_BY_SHOT);
        Shot front = sample.shot(action, 0);
        sample.shot(action, 180);
        assertThat(said(sample.build(), front)).isEmpty();
    }

    /** The frame of an insert of a hand from below ends above a lens that stands on the floor. */
    @Test
    void what_is_higher_or_lower_than_the_frame_is_not_in_it() {
        Action action = action(Taken.TWO_CAMERAS);
        Shot overhead = sample.shot(
                action,
                one -> one.with("size", Size.CLOSE_UP)
                        .with("bearingDeg", 0.0)
                        .with("cameraHeightM", 0.3)
                        .with("focalLengthMm", 85.0));
        sample.shot(action, one -> one.with("bearingDeg", 180.0).with("size", Size.EXTREME_WIDE));
        assertThat(said(sample.build(), overhead)).isEmpty();
    }
}
