package upshot.core.cut;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.LongUnaryOperator;
import java.util.function.Supplier;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Use;
import upshot.core.size.SizeClass;
import upshot.core.time.BeatGrid;
import upshot.core.time.TempoMap;

/**
 * The cut that follows from the story alone: beats in order, each action wide, mid, detail (an ending the other way
 * round, so that it closes wide), wide pictures longest, joints on half beats of the music, the promo filled to the
 * frame. It replaces the cut there is.
 */
public final class StoryCut {

    private static final double SHORTEST_S = 0.75;

    private final Supplier<UUID> ids;

    public StoryCut(Supplier<UUID> ids) {
        this.ids = ids;
    }

    /** Removes all uses and adds those of the story; no changes at all when there is nothing to cut. */
    public Change.Batch propose(Plan plan) {
        List<Shot> shots = chosen(plan);
        List<Change> changes = new ArrayList<>();
        if (shots.isEmpty()) {
            return Change.batch(changes);
        }
        changes.addAll(Removal.ofAll(plan, plan.uses()).changes());
        long[] ends = ends(plan, shots);
        for (int i = 0; i < shots.size(); i++) {
            int frames = (int) (ends[i] - (i == 0 ? 0 : ends[i - 1]));
            changes.add(new Change.Add(Use.cut(ids.get(), shots.get(i).id(), (i + 1) * Ranks.STEP, frames)));
        }
        return Change.batch(changes);
    }

    /** As many shots as have room for three quarters of a second each; every action gets one before any gets two. */
    private static List<Shot> chosen(Plan plan) {
        long shortest = plan.brief().rate().framesIn(SHORTEST_S, RoundingMode.CEILING);
        long room = Math.max(1, plan.brief().lengthFrames() / shortest);
        List<List<Shot>> byAction =
                plan.actions().stream().map(action -> inOrder(plan, action)).toList();
        Set<Shot> picked = new HashSet<>();
        int deepest = byAction.stream().mapToInt(List::size).max().orElse(0);
        for (int round = 0; round < deepest; round++) {
            for (List<Shot> shots : byAction) {
                if (round < shots.size() && picked.size() < room) {
                    picked.add(shots.get(round));
                }
            }
        }
        return byAction.stream().flatMap(List::stream).filter(picked::contains).toList();
    }

    private static List<Shot> inOrder(Plan plan, Action action) {
        boolean ending = plan.get(RecordKind.BEAT, action.beatId()).role() == StoryBeat.Role.ENDING;
        Comparator<Shot> widestFirst = Comparator.comparing(Shot::size);
        return plan.shotsOf(action).stream()
                .sorted(ending ? widestFirst.reversed() : widestFirst)
                .toList();
    }

    /** The frame each use ends before; the last is the promo's length. */
    private static long[] ends(Plan plan, List<Shot> shots) {
        Brief brief = plan.brief();
        BeatGrid grid = BeatGrid.of(plan, BeatGrid.Step.HALF, brief.lengthFrames());
        LongUnaryOperator onHalfBeat = TempoMap.of(plan).isPresent() ? grid::nearest : frame -> frame;
        double total = shots.stream().mapToDouble(StoryCut::weight).sum();
        long[] ends = new long[shots.size()];
        double sum = 0;
        for (int i = 0; i < ends.length; i++) {
            sum += weight(shots.get(i));
            long ideal = Math.round(brief.lengthFrames() * sum / total);
            long earliest = (i == 0 ? 0 : ends[i - 1]) + 1;
            long latest = brief.lengthFrames() - (ends.length - 1 - i);
            ends[i] = Math.max(earliest, Math.min(latest, onHalfBeat.applyAsLong(ideal)));
        }
        ends[ends.length - 1] = brief.lengthFrames();
        return ends;
    }

    private static double weight(Shot shot) {
        SizeClass sizeClass = shot.size().sizeClass();
        return switch (sizeClass) {
            case WIDE -> 1.5;
            case MID -> 1.2;
            case DETAIL -> 1;
        };
    }
}
