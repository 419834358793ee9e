package upshot.core.handoff;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.joint.JointRules;
import upshot.core.measure.FrameRate;
import upshot.core.order.Rolls;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

/**
 * The cut judged again by what was really shot: at the rates that were recorded, when it really rolled, with what stands in.
 *
 * @param verdict of the plan as it was shot; joints at a hole say nothing
 * @param uses in the order of the cut
 * @param ofUses what is to be said of each use by itself
 */
public record JudgedAsShot(Verdict verdict, List<UseAsShot> uses, List<List<Finding>> ofUses) {

    private static final double S = 1000;

    /**
     * Judges.
     *
     * @param planned the plan as it was made
     */
    public static JudgedAsShot of(Verdict planned, ShotTakes takes, List<UseAsShot> uses) {
        Plan plan = planned.plan().apply(new Change.Batch(changes(planned.plan(), uses)));
        Verdict judged = Verdict.of(plan);
        Rolls rolls = Rolls.of(planned.day()).but(rolled(plan, uses));
        PaperCut cut = PaperCut.of(plan);
        List<List<Finding>> joints = new ArrayList<>();
        for (int joint = 0; joint < cut.joints(); joint++) {
            boolean hole = uses.get(joint).hole() || uses.get(joint + 1).hole();
            joints.add(hole ? List.of() : JointRules.judge(cut, joint, rolls));
        }
        Verdict asShot = new Verdict(
                plan, judged.holes(), cut, joints, judged.whole(), judged.shots(), judged.numbers(), judged.day());
        double ratio = plan.brief().aspect().ratio();
        return new JudgedAsShot(
                asShot,
                uses,
                uses.stream().map(use -> AsShotRule.judgeAll(use, ratio)).toList());
    }

    /** What was recorded otherwise, and what stands in for something else. */
    private static List<Change> changes(Plan plan, List<UseAsShot> uses) {
        Map<UUID, FrameRate> rates = new LinkedHashMap<>();
        List<Change> changes = new ArrayList<>();
        for (UseAsShot use : uses) {
            use.source()
                    .flatMap(Source::kept)
                    .ifPresent(kept -> rates.put(kept.shot().id(), kept.capture()));
            Use one = use.placed().use();
            if (!use.shown().id().equals(one.shotId())) {
                changes.add(new Change.Set(
                        RecordKind.USE,
                        one.id(),
                        "shotId",
                        one.shotId(),
                        use.shown().id()));
            }
        }
        rates.forEach((id, rate) -> {
            Shot shot = plan.get(RecordKind.SHOT, id);
            if (!shot.captureRate().equals(rate)) {
                changes.add(new Change.Set(RecordKind.SHOT, id, "captureRate", shot.captureRate(), rate));
            }
        });
        return changes;
    }

    private static Map<UUID, Integer> rolled(Plan plan, List<UseAsShot> uses) {
        Map<UUID, Integer> rolled = new HashMap<>();
        Optional<Instant> call = plan.brief().instantAt(0);
        for (UseAsShot use : uses) {
            use.source()
                    .flatMap(Source::kept)
                    .ifPresent(kept ->
                            call.ifPresent(zero -> rolled.put(kept.shot().id(), minutes(zero, kept))));
        }
        return rolled;
    }

    private static int minutes(Instant call, Kept kept) {
        Instant from = Instant.ofEpochMilli((long) kept.take().fromMs());
        return (int) Duration.between(call, from).toMinutes();
    }
}
