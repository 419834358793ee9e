package upshot.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableSet;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Action;
import upshot.core.plan.Meant;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.size.SizeClass;
import upshot.core.time.BeatGrid;

/**
 * The cut that a search begins with: each action told in one run of its pictures, actions as they were written down, as many
 * pictures as the promo can hold, features where a beat begins, borders of runs on bars.
 */
final class RunStart {

    private static final int MOST_IN_A_RUN = 3;

    private final Plan plan;
    private final Manner manner;
    private final List<Run> runs = new ArrayList<>();

    /** Pictures of one action in a row; the first of them are shown. */
    private static final class Run {

        private final List<Shot> shots;
        private final boolean feature;
        private int shown;

        Run(List<Shot> shots, boolean feature) {
            this.shots = shots;
            this.feature = feature;
        }

        boolean longer() {
            return shown < Math.min(feature ? 1 : MOST_IN_A_RUN, shots.size());
        }
    }

    private RunStart(Plan plan, Manner manner) {
        this.plan = plan;
        this.manner = manner;
    }

    static List<LineupUse> of(Plan plan, Manner manner) {
        return new RunStart(plan, manner).laidOut();
    }

    private List<LineupUse> laidOut() {
        plan.actions().stream()
                .filter(action -> !plan.shotsOf(action).isEmpty())
                .forEach(action -> runs.add(new Run(weightiestFirst(action), action.feature())));
        long actions = runs.stream().filter(run -> !run.feature).count();
        long shortest = plan.brief().lengthFrames() / Steps.shortestFrames(plan);
        long usual = Math.max(1, Math.round(Coverage.promoHolds(plan) / manner.pace()));
        int room = (int) Math.max(usual, Math.min(actions, shortest / 2));
        grow(room, run -> !run.feature);
        grow(room, run -> true);
        return timed(runs.stream().flatMap(run -> shown(run).stream()).toList());
    }

    /** One picture more of each that may have one, again and again until there is no more room. */
    private void grow(int room, Predicate<Run> which) {
        int rounds = which.test(new Run(List.of(), true)) ? MOST_IN_A_RUN : 1;
        for (int round = 0; round < rounds; round++) {
            int most = round + 1;
            for (Run run : runs) {
                if (which.test(run) && run.longer() && run.shown < most && all() < room) {
                    run.shown++;
                }
            }
        }
    }

    private int all() {
        return runs.stream().mapToInt(run -> run.shown).sum();
    }

    /** What must be seen before what is a choice; otherwise as it was planned. */
    private List<Shot> weightiestFirst(Action action) {
        return plan.shotsOf(action).stream()
                .filter(shot -> manner != Manner.FEWER || shot.priority() == Priority.MUST || only(action, shot))
                .sorted(Comparator.comparing(Shot::priority))
                .toList();
    }

    private boolean only(Action action, Shot shot) {
        return plan.shotsOf(action).stream().noneMatch(other -> other.priority() == Priority.MUST)
                && plan.shotsOf(action).get(0).equals(shot);
    }

    /** The pictures of a run in the order in which they tell it; what is meant as first or last of the film is. */
    private List<Shot> shown(Run run) {
        if (run.shown == 0) {
            return List.of();
        }
        StoryBeat beat =
                plan.get(RecordKind.BEAT, plan.actionOf(run.shots.get(0)).beatId());
        boolean ending = beat.role() == StoryBeat.Role.ENDING;
        Comparator<Shot> bySize = ending
                ? Comparator.comparing(Shot::size).reversed()
                : manner.opens() == SizeClass.WIDE
                        ? Comparator.comparing(Shot::size)
                        : Comparator.comparing((Shot shot) -> shot.size().sizeClass() != SizeClass.DETAIL)
                                .thenComparing(Shot::size);
        return run.shots.subList(0, run.shown).stream()
                .sorted(Comparator.comparingInt(RunStart::end).thenComparing(bySize))
                .toList();
    }

    private static int end(Shot shot) {
        return shot.meant() == Meant.FIRST ? -1 : shot.meant() == Meant.LAST ? 1 : 0;
    }

    /** Lengths by how long a picture takes to read, run borders on bars and other joints on half beats. */
    private List<LineupUse> timed(List<Shot> shots) {
        long length = plan.brief().lengthFrames();
        NavigableSet<Long> bars = BeatGrid.bars(plan, length);
        BeatGrid grid = BeatGrid.of(plan, BeatGrid.Step.HALF, length);
        double total = IntStream.range(0, shots.size())
                .mapToDouble(i -> weight(shots.get(i)))
                .sum();
        List<LineupUse> slots = new ArrayList<>();
        double sum = 0;
        long start = 0;
        long shortest = Math.max(1, Math.min(Steps.shortestFrames(plan), length / Math.max(1, shots.size())));
        for (int i = 0; i < shots.size(); i++) {
            sum += weight(shots.get(i));
            boolean border = i + 1 < shots.size()
                    && !shots.get(i).actionId().equals(shots.get(i + 1).actionId());
            long ideal = Math.round(length * sum / total);
            long snapped = border && !bars.isEmpty() ? nearest(bars, ideal) : grid.nearest(ideal);
            long latest = length - (shots.size() - 1 - i) * shortest;
            long end = i + 1 == shots.size() ? length : Math.max(start + shortest, Math.min(latest, snapped));
            slots.add(LineupUse.of(shots.get(i), start, end, 1));
            start = end;
        }
        return slots;
    }

    private static long nearest(NavigableSet<Long> places, long frame) {
        return new BeatGrid(places).nearest(frame);
    }

    static double weight(Shot shot) {
        return switch (shot.size().sizeClass()) {
            case WIDE -> 1.5;
            case MID -> 1.2;
            case DETAIL -> 1;
        };
    }
}
