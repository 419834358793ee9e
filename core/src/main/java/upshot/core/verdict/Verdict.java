package upshot.core.verdict;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.coverage.Coverage;
import upshot.core.coverage.Footage;
import upshot.core.coverage.Hole;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.joint.JointRules;
import upshot.core.order.DayPlan;
import upshot.core.order.Rolls;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.ShotView;
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

    /** Judges a plan; what is remembered of those that it was made from and still holds is not judged again. */
    public static Verdict of(Plan plan) {
        Map<UUID, List<Finding>> shots = new LinkedHashMap<>();
        Map<UUID, ShotNumbers> numbers = new LinkedHashMap<>();
        for (ShotView view : plan.shotViews()) {
            Shot shot = view.shot();
            numbers.put(shot.id(), ShotNumbers.of(view, shot));
            List<Finding> findings = ShotRule.judgeAll(view, shot);
            if (!findings.isEmpty()) {
                shots.put(shot.id(), findings);
            }
        }
        Rolls rolls = ShootingOrder.rolls(plan);
        PaperCut cut = PaperCut.of(plan);
        List<List<Finding>> joints = new ArrayList<>();
        for (int joint = 0; joint < cut.joints(); joint++) {
            joints.add(JointRules.judge(cut, joint, rolls, plan.memory()));
        }
        return new Verdict(
                plan,
                Coverage.holes(plan),
                cut,
                List.copyOf(joints),
                WholeRule.judgeAll(cut),
                shots,
                numbers,
                ShootingOrder.of(plan));
    }

    public Gauges gauges() {
        Acceptances accepted = Acceptances.of(plan);
        int broken = (int) joints.stream()
                .filter(findings -> accepted.open(findings) == Status.BREAK)
                .count();
        double usable = plan.actions().stream()
                .mapToDouble(action -> Footage.of(plan, action).usableS())
                .sum();
        return new Gauges(
                holes.size() + Coverage.missingFeatures(plan),
                broken,
                day.slackMin(),
                usable / plan.brief().lengthS());
    }

    /** The worst of some findings; clear when there are none. */
    public static Status status(List<Finding> findings) {
        return findings.stream().map(Finding::status).reduce(Status.CLEAR, Status::worse);
    }

    public List<Finding> findingsOf(Shot shot) {
        return shots.getOrDefault(shot.id(), List.of());
    }
}
