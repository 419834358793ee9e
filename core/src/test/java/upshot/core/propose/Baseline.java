package upshot.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Ranks;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.time.BeatGrid;
import upshot.core.verdict.Verdict;

/**
 * What somebody cuts who follows a recipe: each action once, as it was written down, its pictures from wide to detail, all of
 * one length, on the grid. What a proposal is held against. Recipe and weights were written down before the first comparison
 * (28 November 2026) and are not to be touched because of what comes out.
 */
final class Baseline {

    /** What a fault of a cut weighs. */
    private static final double BREAK = 10;

    private static final double WATCH = 2;
    private static final double MUST_UNSEEN = 10;
    private static final double BORDER_OFF_BAR = 0.5;

    /** Two cuts that are nearer than the least fault are as good as each other. */
    private static final double AS_GOOD = 0.25;

    /** How many pictures it may have more or fewer than the proposal, in shares: the best for the recipe is taken. */
    private static final double PICTURES_BESIDE = 0.2;

    private Baseline() {}

    /** Positive where the proposal is better, negative where the recipe is, zero where they are as good as each other. */
    static int compared(Plan filled, Verdict proposed) {
        int pictures = proposed.cut().uses().size();
        double recipe = Double.POSITIVE_INFINITY;
        int least = (int) Math.max(1, Math.ceil(pictures * (1 - PICTURES_BESIDE)));
        for (int count = least; count <= pictures * (1 + PICTURES_BESIDE); count++) {
            recipe = Math.min(recipe, faults(cut(filled, count)));
        }
        double difference = recipe - faults(proposed);
        return Math.abs(difference) < AS_GOOD ? 0 : (int) Math.signum(difference);
    }

    /** Must-haves before should-haves before bonuses, as many as are wanted, then in the order of the story. */
    private static Verdict cut(Plan filled, int wanted) {
        List<Shot> kept = filled.shotsAsTold().stream()
                .sorted(Comparator.comparing(Shot::priority))
                .limit(wanted)
                .toList();
        List<Shot> told = new ArrayList<>();
        for (Action action : filled.actions()) {
            filled.shotsOf(action).stream()
                    .filter(kept::contains)
                    .sorted(Comparator.comparing(Shot::size))
                    .forEach(told::add);
        }
        List<Change> uses = new ArrayList<>();
        long all = filled.brief().lengthFrames();
        BeatGrid grid = BeatGrid.of(filled, BeatGrid.Step.HALF, all);
        long start = 0;
        for (int i = 0; i < told.size(); i++) {
            long even = all * (i + 1) / told.size();
            long end = i + 1 == told.size() ? all : Math.max(start + 1, grid.nearest(even));
            uses.add(new Change.Add(Use.cut(
                    new UUID(0x7777_7777_7777_4777L, 0x8000_0000_0000_0000L | i),
                    told.get(i).id(),
                    (i + 1) * Ranks.STEP,
                    (int) (end - start))));
            start = end;
        }
        return Verdict.of(filled.apply(Change.batch(uses)));
    }

    /** The weighted faults of a cut. */
    static double faults(Verdict verdict) {
        double faults = 0;
        for (List<Finding> joint : verdict.joints()) {
            faults += weight(joint);
        }
        return faults + weight(verdict.whole()) + unseen(verdict) + offBars(verdict);
    }

    private static double weight(List<Finding> findings) {
        return findings.stream()
                .mapToDouble(one -> one.status() == Status.BREAK ? BREAK : one.status() == Status.WATCH ? WATCH : 0)
                .sum();
    }

    private static double unseen(Verdict verdict) {
        return MUST_UNSEEN
                * verdict.plan().actions().stream()
                        .filter(action -> !action.feature())
                        .filter(action -> verdict.plan().shotsOf(action).stream()
                                .anyMatch(shot -> shot.priority() == Priority.MUST))
                        .filter(action -> verdict.cut().uses().stream()
                                .noneMatch(use -> use.action().equals(action)))
                        .count();
    }

    private static double offBars(Verdict verdict) {
        var bars = BeatGrid.bars(verdict.plan(), verdict.plan().brief().lengthFrames());
        List<Placed> uses = verdict.cut().uses();
        int off = 0;
        for (int i = 1; i < uses.size() && !bars.isEmpty(); i++) {
            boolean border = !uses.get(i).action().equals(uses.get(i - 1).action());
            off += border && !bars.contains(uses.get(i).startFrame()) ? 1 : 0;
        }
        return BORDER_OFF_BAR * off;
    }
}
