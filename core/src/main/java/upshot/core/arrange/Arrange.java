package upshot.core.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.cut.StoryCut;
import upshot.core.finding.Finding;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Removal;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

/**
 * Proposes a cut out of the coverage: to the frame, on half beats, in runs of one action's pictures where the house tells in
 * sequences, with as few findings as a search finds. It walks on from {@link RunStart} by small steps; a step for the worse is taken now and then, ever more rarely, so that
 * the walk leaves small hollows again (simulated annealing, Kirkpatrick et al. 1983), in rounds that begin with the best
 * so far. Pinned uses stay at their frames. The
 * same plan and seed give the same cut, and never one with more weighted findings than the cut in story order.
 */
public final class Arrange {

    /** Worth about a second for a promo of ninety seconds. */
    public static final int USUAL_STEPS = 5_000;

    /** How much worse a step may be at the beginning, and at the end, to be taken about one time in three. */
    private static final double WARM = 2.5;

    private static final double COLD = 0.04;
    private static final int ROUNDS = 5;

    private final Supplier<UUID> ids;
    private final Manner manner;
    private final long seed;
    private final int steps;

    /**
     * @param manner what the cut is to be good at
     * @param seed another one proposes another cut
     * @param steps how long it looks
     */
    public Arrange(Supplier<UUID> ids, Manner manner, long seed, int steps) {
        this.ids = ids;
        this.manner = manner;
        this.seed = seed;
        this.steps = steps;
    }

    /** Replaces every use that is not pinned; no changes at all where there is nothing to cut. */
    public Change.Batch propose(Verdict verdict) {
        Plan plan = verdict.plan();
        Change.Batch story = new StoryCut(ids).propose(plan);
        if (story.changes().isEmpty()) {
            return story;
        }
        List<LineupUse> told = slots(plan.apply(story), verdict);
        List<LineupUse> begun = plan.house().telling() == TellingSchool.SEQUENCES ? RunStart.of(plan, manner) : told;
        List<LineupUse> pins = pins(verdict);
        Change.Batch found = change(plan, search(verdict, new Lineup(told), overlaid(begun, pins)));
        boolean better =
                !pins.isEmpty() || weight(Verdict.of(plan.apply(found))) <= weight(Verdict.of(plan.apply(story)));
        return better ? found : story;
    }

    /** The weighted findings against a cut: its joints and the whole of it. */
    public static int weight(Verdict verdict) {
        int joints = verdict.joints().stream()
                .flatMap(List::stream)
                .mapToInt(Arrange::weight)
                .sum();
        return joints + verdict.whole().stream().mapToInt(Arrange::weight).sum();
    }

    private static int weight(Finding finding) {
        return finding.status().weight();
    }

    private static List<LineupUse> slots(Plan plan, Verdict verdict) {
        List<LineupUse> slots = new ArrayList<>();
        long start = 0;
        for (Use use : plan.uses()) {
            slots.add(LineupUse.of(verdict.plan().shotOf(use), start, start + use.frames(), 1));
            start += use.frames();
        }
        return slots;
    }

    /** Pinned uses that lie within the promo. */
    private static List<LineupUse> pins(Verdict verdict) {
        return verdict.cut().uses().stream()
                .filter(placed -> placed.use().pinned())
                .filter(placed -> placed.endFrame() <= verdict.plan().brief().lengthFrames())
                .map(Arrange::pin)
                .toList();
    }

    private static LineupUse pin(Placed placed) {
        return LineupUse.pinned(placed.shot(), placed.startFrame(), placed.use());
    }

    /** The story's slots, cut back to what the pinned ones leave free. */
    private static Lineup overlaid(List<LineupUse> story, List<LineupUse> pins) {
        List<LineupUse> lineup = new ArrayList<>();
        long end = story.get(story.size() - 1).endFrame();
        long free = 0;
        for (int i = 0; i <= pins.size(); i++) {
            long until = i < pins.size() ? pins.get(i).startFrame() : end;
            lineup.addAll(clipped(story, free, until));
            if (i < pins.size()) {
                lineup.add(pins.get(i));
                free = pins.get(i).endFrame();
            }
        }
        return new Lineup(lineup);
    }

    /** What of the story lies in a gap; slots of which less than half would remain give their time to a neighbour. */
    private static List<LineupUse> clipped(List<LineupUse> story, long from, long until) {
        List<LineupUse> kept = new ArrayList<>();
        for (LineupUse slot : story) {
            long shown = Math.min(until, slot.endFrame()) - Math.max(from, slot.startFrame());
            boolean most = 2 * shown >= slot.frames() && shown > 0;
            boolean last = shown > 0 && slot.endFrame() >= until && kept.isEmpty();
            if (most || last) {
                long start = kept.isEmpty() ? from : slot.startFrame();
                if (!kept.isEmpty()) {
                    kept.set(kept.size() - 1, kept.get(kept.size() - 1).until(start));
                }
                kept.add(slot.from(start).until(until));
            }
        }
        return kept;
    }

    private Lineup search(Verdict verdict, Lineup story, Lineup start) {
        Random random = new Random(seed);
        Weighing weighing = new Weighing(verdict, story, manner);
        Steps neighbours = new Steps(verdict.plan(), random);
        Lineup current = start;
        double cost = weighing.of(current);
        Lineup best = current;
        double least = cost;
        int roundSteps = Math.max(1, steps / ROUNDS);
        for (int step = 0; step < steps; step++) {
            int inRound = step % roundSteps;
            double warm = WARM / (1 + step / roundSteps);
            double warmth = warm * Math.pow(COLD / warm, (double) inRound / roundSteps);
            if (inRound == 0) {
                current = best;
                cost = least;
            }
            Optional<Lineup> next = neighbours.from(current);
            if (next.isPresent()) {
                double other = weighing.of(next.get());
                if (other <= cost || random.nextDouble() < Math.exp((cost - other) / warmth)) {
                    current = next.get();
                    cost = other;
                }
                if (cost < least) {
                    best = current;
                    least = cost;
                }
            }
        }
        return best;
    }

    private Change.Batch change(Plan plan, Lineup lineup) {
        List<PlanRecord> gone = new ArrayList<>();
        Set<UUID> kept = lineup.slots().stream()
                .flatMap(slot -> slot.pinned().stream())
                .map(Use::id)
                .collect(Collectors.toSet());
        plan.uses().stream().filter(use -> !kept.contains(use.id())).forEach(gone::add);
        List<Change> changes = new ArrayList<>(Removal.ofAll(plan, gone).changes());
        for (int i = 0; i < lineup.slots().size(); i++) {
            LineupUse slot = lineup.slots().get(i);
            double rank = (i + 1) * Ranks.STEP;
            if (slot.pinned().isPresent()) {
                Use use = slot.pinned().get();
                if (use.rank() != rank) {
                    changes.add(Change.edit(use, one -> one.withRank(rank)));
                }
            } else {
                changes.add(new Change.Add(Use.cut(ids.get(), slot.shot().id(), rank, slot.frames())
                        .played(slot.frameStep())));
            }
        }
        return Change.batch(changes);
    }
}
