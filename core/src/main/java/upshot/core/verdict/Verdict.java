package upshot.core.verdict;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Footage;
import upshot.core.coverage.Hole;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.joint.JointRules;
import upshot.core.order.DayPlan;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.ShotNumbers;
import upshot.core.shot.ShotRule;
import upshot.core.whole.WholeRule;

/**
 * What the program thinks of a plan.
 *
 * @param plan the plan judged
 * @param holes in story order
 * @param cut the uses in their places
 * @param joints the findings of each joint, in cut order
 * @param whole the findings against the cut as a whole
 * @param shots the findings against each shot that has any
 * @param numbers the figures of every shot
 * @param day the shooting order
 */
public record Verdict(
        Plan plan,
        List<Hole> holes,
        PaperCut cut,
        List<List<Finding>> joints,
        List<Finding> whole,
        Map<UUID, List<Finding>> shots,
        Map<UUID, ShotNumbers> numbers,
        DayPlan day) {

    /** Judges a plan as a whole. */
    public static Verdict of(Plan plan) {
        return judged(plan, Optional.empty());
    }

    /** Judges a changed plan, and keeps of this verdict what still holds; the same as judging it as a whole. */
    public Verdict after(Plan changed) {
        return judged(changed, Optional.of(this));
    }

    private static Verdict judged(Plan plan, Optional<Verdict> before) {
        Optional<Kept> kept = before.map(earlier -> new Kept(earlier, plan));
        Map<UUID, List<Finding>> shots = new LinkedHashMap<>();
        Map<UUID, ShotNumbers> numbers = new LinkedHashMap<>();
        Set<UUID> held = new HashSet<>();
        for (Shot shot : plan.shots()) {
            boolean holds = kept.filter(one -> one.holds(shot)).isPresent();
            if (holds) {
                held.add(shot.id());
            }
            numbers.put(shot.id(), holds ? kept.get().numbers(shot) : ShotNumbers.of(plan, shot));
            List<Finding> findings = holds ? before.get().findingsOf(shot) : ShotRule.judgeAll(plan, shot);
            if (!findings.isEmpty()) {
                shots.put(shot.id(), findings);
            }
        }
        kept.ifPresent(one -> one.actions(held));
        DayPlan day = kept.map(one -> one.day(numbers)).orElseGet(() -> ShootingOrder.of(plan));
        PaperCut cut = PaperCut.of(plan);
        JointRules rules = JointRules.with(plan.brief(), day);
        Optional<KeptJoints> keptJoints = kept.flatMap(one -> one.joints(cut, held, day));
        List<List<Finding>> joints = new ArrayList<>();
        for (int i = 0; i < cut.joints(); i++) {
            int joint = i;
            joints.add(keptJoints.flatMap(one -> one.said(rules, joint)).orElseGet(() -> rules.judge(cut, joint)));
        }
        return new Verdict(
                plan, Coverage.holes(plan), cut, List.copyOf(joints), WholeRule.judgeAll(cut), shots, numbers, day);
    }

    public Gauges gauges() {
        Acceptances accepted = Acceptances.of(plan);
        int broken = (int) joints.stream()
                .filter(findings -> accepted.open(findings) == Status.BREAK)
                .count();
        double usable = plan.actions().stream()
                .mapToDouble(action -> Footage.of(plan, action, numbers).usableS())
                .sum();
        return new Gauges(
                holes.size(), broken, day.slackMin(), usable / plan.brief().lengthS());
    }

    /** The worst of some findings; clear when there are none. */
    public static Status status(List<Finding> findings) {
        return findings.stream().map(Finding::status).reduce(Status.CLEAR, Status::worse);
    }

    public List<Finding> findingsOf(Shot shot) {
        return shots.getOrDefault(shot.id(), List.of());
    }
}
