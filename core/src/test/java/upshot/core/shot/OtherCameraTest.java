package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.brief.Drafts;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
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

    /**
     * A close-up, 0.425 m high at 1.53 m, from 1.57 m away; the other stands 3.38 m behind her. At the other's distance the
     * picture is about 1.3 m high, and its middle lies where the lens looks: from 1.1 m it begins at 1.83 m there, from 1.12 at
     * 1.78; from 2.3 m it ends at 0.27 m, from 2.4 below the floor.
     */
    @ParameterizedTest
    @CsvSource({"1.1, false", "1.12, true", "1.53, true", "2.3, true", "2.4, false"})
    void the_picture_reaches_so_high_and_so_low_where_the_other_stands(double lensM, boolean seen) {
        Action action = action(Taken.TWO_CAMERAS);
        Shot close = sample.shot(
                action,
                one -> one.with("size", Size.CLOSE_UP).with("bearingDeg", 0.0).with("cameraHeightM", lensM));
        sample.shot(action, 180);

        assertThat(said(sample.build(), close).isEmpty()).isNotEqualTo(seen);
    }

    @Test
    void what_happens_once_is_taken_by_all_cameras_that_there_are() {
        Action once = sample.action(one -> one.with("acrossM", Optional.of(5.0))
                .with("deepM", Optional.of(2.0))
                .with("once", true));
        Shot front = sample.shot(once, 0);
        sample.shot(once, 180);
        Plan plan = sample.build();
        Plan two = plan.apply(Drafts.add(plan, RecordKind.BODY, "B", null, sample::id));

        assertThat(said(plan, front)).as("one camera").isEmpty();
        assertThat(said(two, front)).singleElement().satisfies(finding -> {
            assertThat(finding.measured().value()).isCloseTo(0, within(1e-9));
            // A medium is 1.662 m wide at 3.388 m.
            assertThat(finding.measured().limit()).isCloseTo(Math.toDegrees(Math.atan(0.831 / 3.388)), within(0.05));
        });
        assertThat(said(two.apply(Change.set(once, "stagedAgain", true)), front))
                .isEmpty();
        assertThat(said(two.apply(Change.set(once, "once", false)), front)).isEmpty();
    }
}
