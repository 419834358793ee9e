package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

class VerdictTest {

    @Test
    void gauges_count_holes_broken_joints_and_footage() {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        Shot one = sample.shot(action, 30);
        Shot flipped = sample.shot(action, 300);
        sample.use(one);
        sample.use(flipped);
        sample.use(one);
        Gauges gauges = Verdict.of(sample.build()).gauges();

        assertThat(gauges.openHoles()).isEqualTo(2);
        assertThat(gauges.brokenJoints()).isEqualTo(2);
        assertThat(gauges.footageRatio()).isCloseTo(20 / 30.0, within(1e-9));
        assertThat(gauges.slackMin()).isPositive();
    }

    @Test
    void an_empty_job_has_nothing_to_say_against_it() {
        Plan empty = new SamplePlan().build();
        Verdict verdict = Verdict.of(empty);

        assertThat(verdict.gauges()).isEqualTo(new Gauges(0, 0, 8 * 60 - 15, 0));
        assertThat(Verdict.status(List.of())).isEqualTo(Status.CLEAR);
        assertThat(verdict.joints()).isEmpty();
    }
}
