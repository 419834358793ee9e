package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class TwoCameraMatchTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action(one -> one.with("tiring", true));

    private List<String> titles(UnaryOperator<Shot> change) {
        Shot one = sample.shot(action, shot -> shot.with("bearingDeg", 30.0));
        Shot other = sample.shot(action, shot -> change.apply(shot.with("bearingDeg", 120.0)));
        Plan plan = sample.build();
        return TwoCameraMatch.between(plan, one, other).stream()
                .map(Finding::title)
                .toList();
    }

    @Test
    void cameras_that_agree_and_see_different_pictures_are_fine() {
        assertThat(titles(shot -> shot)).isEmpty();
    }

    @Test
    void rates_shutters_and_lights_have_to_agree() {
        assertThat(titles(shot -> shot.with("captureRate", FrameRate.of(50)))).contains("Two rates in one run.");
        assertThat(titles(shot -> shot.with("shutterPerS", Optional.of(200.0))))
                .containsExactly("Two shutters in one run.");
        assertThat(titles(shot -> shot.with("lampsOff", true))).containsExactly("Two lights in one run.");
    }

    @Test
    void two_pictures_alike_are_one_picture() {
        // 30° of turn between the views are enough, of which half a degree is given.
        assertThat(titles(shot -> shot.with("bearingDeg", 59.6))).doesNotContain("Two cameras, one picture.");
        assertThat(titles(shot -> shot.with("bearingDeg", 59.4))).contains("Two cameras, one picture.");
    }

    @Test
    void a_camera_behind_the_subject_stands_in_the_picture_unless_it_is_masked() {
        assertThat(titles(shot -> shot.with("bearingDeg", 210.0)))
                .containsExactly("A camera in the picture.", "A camera in the picture.");
        assertThat(titles(shot -> shot.with("bearingDeg", 210.0).with("note", "Mask in the edit")))
                .isEmpty();
    }

    @Test
    void seen_from_above_the_other_camera_is_as_far_off_as_the_triangle_says() {
        Shot one = sample.shot(action, shot -> shot.with("bearingDeg", 0.0));
        Shot other = sample.shot(action, shot -> shot.with("bearingDeg", 90.0));

        // Both as far from the subject: half a right angle.
        assertThat(TwoCameraMatch.offAxisDeg(sample.build(), one, other)).isCloseTo(45, offset(1e-9));
    }
}
