package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.coverage.Fill;
import upshot.core.coverage.Hole;
import upshot.core.coverage.Wishes;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;

/** A plan as a beginner makes it: every fault in it is named, and Fill with an arranged cut leaves no break. */
class BeginnersPlanTest {

    private final SamplePlan sample = new SamplePlan();

    /** One medium after the other at eye height, panning over everything, from both sides, all of it slow. */
    private Plan beginners() {
        for (int i = 0; i < 4; i++) {
            Action action =
                    sample.action(one -> one.with("spotId", sample.nextSpot()).with("thing", "crate"));
            for (double bearing : new double[] {60, 300}) {
                Shot shot = sample.shot(
                        action,
                        one -> one.with("bearingDeg", bearing)
                                .with("cameraHeightM", 1.5)
                                .with("move", Move.PAN)
                                .with("turnDeg", 90.0)
                                .with("captureRate", FrameRate.of(120)));
                sample.use(shot, 24);
                sample.use(shot, 24);
            }
        }
        Plan plan = sample.build();
        Plan bright = plan.apply(Change.set(plan.spots().get(1), "lux", 20_000.0));
        Plan opening = bright.apply(Change.set(bright.beats().get(0), "role", StoryBeat.Role.OPENING));
        return opening.house().speed() == SpeedSchool.SPARE
                ? opening
                : opening.apply(Change.set(opening.house(), "speed", SpeedSchool.SPARE));
    }

    private static Set<String> named(Verdict verdict) {
        return Stream.of(
                        verdict.whole().stream(),
                        verdict.joints().stream().flatMap(List::stream),
                        verdict.shots().values().stream().flatMap(List::stream))
                .flatMap(findings -> findings)
                .filter(finding -> finding.status() != Status.CLEAR)
                .map(Finding::ruleId)
                .collect(Collectors.toSet());
    }

    @Test
    void every_fault_is_named() {
        Verdict verdict = Verdict.of(beginners());

        assertThat(named(verdict))
                .contains(
                        "one-height",
                        "moving-share",
                        "travel-flip",
                        "move-speed",
                        "slow-share",
                        "speed-run",
                        "pace",
                        "no-establishing");
        assertThat(Wishes.of(verdict.plan(), verdict.plan().beats().get(0)))
                .extracting(Wishes.Wish::sentence)
                .contains("0 ways in, 2 asked", "no foreground yet");
        assertThat(verdict.holes())
                .extracting(Hole::want)
                .as("no wide and no detail of the scene, no way in or out")
                .containsExactlyInAnyOrder(
                        Hole.Want.SIZE,
                        Hole.Want.SIZE,
                        Hole.Want.WAY_IN,
                        Hole.Want.WAY_IN,
                        Hole.Want.WAY_OUT,
                        Hole.Want.WAY_OUT);
    }

    @Test
    void without_its_faults_the_same_plan_has_none_of_them() {
        Plan plan = beginners();
        List<Change> clean = new ArrayList<>();
        plan.uses().forEach(use -> clean.add(new Change.Remove(use)));
        plan.shots().forEach(shot -> clean.add(new Change.Remove(shot)));
        Plan actions = plan.apply(Change.batch(clean));
        Plan covered = actions.apply(new Fill(sample::id, Codes.of(plan)).propose(actions, hole -> true));
        Plan cut = covered.apply(new Arrange(sample::id, Manner.PLACE_FIRST, 1, 2_000).propose(Verdict.of(covered)));
        Verdict verdict = Verdict.of(cut);

        assertThat(verdict.holes()).as("%s", verdict.holes()).isEmpty();
        assertThat(verdict.cut().missingFrames()).isZero();
        assertThat(verdict.joints().stream().flatMap(List::stream))
                .noneMatch(finding -> finding.status() == Status.BREAK);
        assertThat(verdict.shots().values().stream().flatMap(List::stream))
                .noneMatch(finding -> finding.status() == Status.BREAK);
        assertThat(named(verdict))
                .doesNotContain(
                        "one-height",
                        "moving-share",
                        "travel-flip",
                        "too-alike",
                        "slow-share",
                        "speed-run",
                        "pace",
                        "no-establishing");
    }
}
