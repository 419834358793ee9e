package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.LargeJob;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.house.SpeedSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

class VerdictAfterTest {

    /** Ten of each plan here; {@code ./upshot torment} makes fifty. */
    private static final int EDITS = Integer.getInteger("upshot.edits", 4);

    /** Two hundred plans, edits of every kind of record: judged in part, and fresh from their records. */
    @Test
    void judging_again_in_part_is_judging_the_whole() {
        Set<RecordKind<?>> touched = new HashSet<>();
        for (int seed = 1; seed <= 200; seed++) {
            RandomPlans random = new RandomPlans(seed);
            Plan plan = random.plan();
            Verdict.of(plan);
            for (int i = 0; i < EDITS; i++) {
                Change change = random.change(plan);
                change.steps().map(VerdictAfterTest::kind).forEach(touched::add);
                plan = plan.apply(change);
                Verdict fresh = Verdict.of(RandomPlans.anew(plan));
                assertThat(said(Verdict.of(plan)))
                        .as("seed %d, change %d: %s", seed, i, change)
                        .isEqualTo(said(fresh));
                if (i % 10 == 9) {
                    assertThat(Verdict.of(plan)).isEqualTo(fresh);
                }
            }
        }
        assertThat(touched).containsAll(RecordKind.PARENT_FIRST);
    }

    /** All that is said, without the ways to mend it: those take longest to find, and are compared now and then. */
    private static List<Object> said(Verdict verdict) {
        List<Finding> findings = new ArrayList<>(verdict.whole());
        verdict.joints().forEach(findings::addAll);
        verdict.shots().values().forEach(findings::addAll);
        return List.of(
                verdict.joints().stream().map(List::size).toList(),
                verdict.shots().keySet(),
                findings.stream()
                        .map(one -> List.of(
                                one.ruleId(), one.status(), one.subject(), one.title(), one.measured(), one.sentence()))
                        .toList(),
                verdict.holes(),
                verdict.numbers(),
                verdict.day(),
                verdict.gauges());
    }

    private static RecordKind<?> kind(Change step) {
        if (step instanceof Change.Set set) {
            return set.kind();
        }
        return RecordKind.of(step instanceof Change.Add add ? add.added() : ((Change.Remove) step).removed());
    }

    @RepeatedTest(6)
    void edits_of_a_long_cut_judged_in_part_are_judged_as_the_whole(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Plan plan = twoMovers();
        if (run.getCurrentRepetition() % 2 == 0) {
            plan = plan.apply(Change.set(plan.house(), "speed", SpeedSchool.VARIED));
        }
        Verdict.of(plan);
        for (int i = 0; i < 40; i++) {
            Use use = plan.uses().get(random.nextInt(plan.uses().size()));
            plan = plan.apply(
                    switch (random.nextInt(6)) {
                        case 0 -> Change.set(use, "frames", 10 + random.nextInt(90));
                        case 1 -> Change.set(use, "inS", Optional.of(random.nextInt(40) / 10.0));
                        case 2 ->
                            Change.set(use, "frameStep", List.of(1.0, -1.0, 2.0).get(random.nextInt(3)));
                        case 3 -> Change.set(use, "rank", random.nextDouble() * 60 * Ranks.STEP);
                        case 4 -> new Change.Remove(use);
                        default ->
                            Change.set(use, "entry", use.entry() == Entry.RETURN ? Entry.STRAIGHT : Entry.RETURN);
                    });
            assertThat(Verdict.of(plan).joints())
                    .as("change %d", i)
                    .isEqualTo(Verdict.of(RandomPlans.anew(plan)).joints());
        }
    }

    /** Shots of two people in turn from all round, so that rules that look back look past the neighbour. */
    private static Plan twoMovers() {
        SamplePlan sample = new SamplePlan();
        List<Action> actions = List.of(
                sample.action(), sample.action(one -> one.with("subjectId", sample.otherPerson())), sample.action());
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < 45; i++) {
            shots.add(sample.shot(actions.get(i % 3), (37 * i) % 360));
        }
        for (int i = 0; i < 60; i++) {
            sample.use(shots.get((i * 7) % shots.size()));
        }
        Plan plan = sample.build();
        return plan.apply(Change.batch(plan.uses().stream()
                .<Change>map(use -> Change.set(use, "inS", Optional.of(use.rank() % 3)))
                .toList()));
    }

    @Test
    void what_a_turned_shot_does_not_touch_is_kept() {
        Plan plan = LargeJob.of(10, 40, 60);
        Verdict before = Verdict.of(plan);
        Shot turned = plan.shots().get(20);
        Plan changed = plan.apply(Change.set(turned, "bearingDeg", turned.bearingDeg() == 45 ? 50.0 : 45.0));
        Verdict after = Verdict.of(changed);

        assertThat(after).isEqualTo(Verdict.of(RandomPlans.anew(changed)));
        assertThat(after.numbers().get(plan.shots().get(3).id()))
                .isSameAs(before.numbers().get(plan.shots().get(3).id()));
        assertThat(after.numbers().get(turned.id()))
                .isNotSameAs(before.numbers().get(turned.id()));
    }
}
