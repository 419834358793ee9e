package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
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

        // No wide and no detail of the scene, two ways in, two out, three features.
        assertThat(gauges.openHoles()).isEqualTo(9);
        assertThat(gauges.brokenJoints()).isEqualTo(2);
        assertThat(gauges.footageRatio()).isCloseTo(20 / 30.0, within(1e-9));
        assertThat(gauges.slackMin()).isPositive();
    }

    @Test
    void what_is_let_stand_counts_no_more_until_it_gets_worse() {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        sample.use(sample.shot(action, 30));
        sample.use(sample.shot(action, 300));
        Verdict verdict = Verdict.of(sample.build());
        List<Finding> joint = verdict.joints().get(0);
        Finding flip = joint.get(0);
        assertThat(flip.status()).isEqualTo(Status.BREAK);

        Verdict accepted = Verdict.of(verdict.plan().apply(new Change.Add(accepted(verdict, flip, true))));
        Acceptances known = Acceptances.of(accepted.plan());
        assertThat(accepted.gauges().brokenJoints()).isZero();
        assertThat(accepted.joints()).as("it is still said").isEqualTo(verdict.joints());
        assertThat(known.ofJoint(flip)).map(Accepted::reason).contains("She turns round.");
        assertThat(known.ofWhole(flip)).isEmpty();

        Verdict asWatch = Verdict.of(verdict.plan().apply(new Change.Add(accepted(verdict, flip, false))));
        assertThat(asWatch.gauges().brokenJoints())
                .as("it was a watch when it was accepted")
                .isEqualTo(1);
    }

    private static Accepted accepted(Verdict verdict, Finding finding, boolean breaks) {
        return new Accepted(
                new UUID(0x4000L, 0x8000_0000_0000_0001L),
                finding.ruleId(),
                Optional.of(verdict.plan().uses().get(0).id()),
                Optional.of(verdict.plan().uses().get(1).id()),
                Optional.empty(),
                breaks,
                Optional.empty(),
                "She turns round.");
    }

    @Test
    void findings_on_the_whole_and_on_a_shot_are_let_stand_each_for_itself() {
        SamplePlan sample = new SamplePlan();
        sample.use(sample.shot(sample.action(), one -> one.with("cameraHeightM", 9.0)));
        Verdict verdict = Verdict.of(sample.build());
        Shot shot = verdict.plan().shots().get(0);
        Finding ofShot = verdict.findingsOf(shot).get(0);
        Finding ofWhole = verdict.whole().get(0);
        Plan plan = verdict.plan()
                .apply(Change.batch(List.of(
                        new Change.Add(new Accepted(
                                sample.id(),
                                ofShot.ruleId(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(shot.id()),
                                true,
                                Optional.empty(),
                                "A crane.")),
                        new Change.Add(new Accepted(
                                sample.id(),
                                ofWhole.ruleId(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                true,
                                Optional.empty(),
                                "So wanted.")))));

        assertThat(Acceptances.of(plan).ofShot(shot, ofShot)).isPresent();
        assertThat(Acceptances.of(plan).ofWhole(ofWhole)).isPresent();
        assertThat(Acceptances.of(plan).ofWhole(ofShot)).isEmpty();
        assertThat(plan.apply(Removal.of(plan, shot)).list(RecordKind.ACCEPTED)).hasSize(1);
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
