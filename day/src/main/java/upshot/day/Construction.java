package upshot.day;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedList;
import java.util.List;

/**
 * An order without search. Where turns are written down, they are followed; everything else goes in the usual order, what
 * waits for nothing before what waits. Fixed moments and pinned setups stand at their time whatever their turn. While one
 * of them is being waited for, the first setup that fits into the gap is taken, and of those without a turn one that need
 * not be waited for. What fits nowhere is left, so that no limit is ever broken.
 */
final class Construction {

    private final DayProblem problem;
    private final DayClock clock;
    private final WrittenTurns turns;
    private final List<Integer> free;
    private final BitSet waiting = new BitSet();
    private final List<List<DayState>> crews = new ArrayList<>();
    private int crew;
    private DayState now;

    private Construction(DayClock clock) {
        this.problem = clock.problem();
        this.clock = clock;
        this.turns = new WrittenTurns(clock);
        this.free = new ArrayList<>(turns.inTurn());
        free.forEach(waiting::set);
    }

    static DayOrder of(DayClock clock) {
        Construction construction = new Construction(clock);
        return construction.turns.with(construction.build());
    }

    private DayOrder build() {
        for (crew = 0; crew < problem.crews().size(); crew++) {
            now = clock.atCall(crew);
            for (List<Integer> bound : bound()) {
                fill(bound);
                take(bound);
            }
            fill(List.of());
            crews.add(shot());
        }
        return DayOrder.timed(clock, crews);
    }

    /** What the crew shoots, read back from the last of it. */
    private List<DayState> shot() {
        LinkedList<DayState> shot = new LinkedList<>();
        for (DayState state = now; !state.first(); state = state.before()) {
            shot.addFirst(state);
        }
        return shot;
    }

    private int timedMin(int setup) {
        DaySetup one = problem.setup(setup);
        return Math.max(
                one.fixed().map(DaySetup.Moment::atMin).orElse(-1),
                one.pinnedMin(crew).orElse(-1));
    }

    /** Fixed moments and pinned setups of this crew by the clock, those of one action at one minute together. */
    private List<List<Integer>> bound() {
        List<Integer> timed = new ArrayList<>();
        for (int setup : free) {
            if (timedMin(setup) >= 0 && mayTake(setup)) {
                timed.add(setup);
            }
        }
        timed.sort(Comparator.comparingInt(this::timedMin));
        List<List<Integer>> bound = new ArrayList<>();
        for (int setup : timed) {
            List<Integer> together = bound.stream()
                    .filter(one -> alike(one.get(0), setup))
                    .findFirst()
                    .orElse(null);
            if (together == null) {
                together = new ArrayList<>();
                bound.add(together);
            }
            together.add(setup);
        }
        return bound;
    }

    private boolean alike(int one, int other) {
        return timedMin(one) == timedMin(other)
                && problem.setup(one).action() == problem.setup(other).action();
    }

    /** A turn says which crew; without one, whoever comes first. */
    private boolean mayTake(int setup) {
        return problem.setup(setup).turn().map(turn -> turn.crew() == crew).orElse(true);
    }

    private void take(List<Integer> bound) {
        for (int setup : bound) {
            DayState next = clock.then(now, setup);
            if (possible(next)) {
                go(next);
            }
        }
    }

    private void fill(List<Integer> bound) {
        DayState next = next(bound);
        while (next != null) {
            go(next);
            next = next(bound);
        }
    }

    private void go(DayState next) {
        now = next;
        free.remove((Integer) next.setup());
        waiting.clear(next.setup());
    }

    /** What waits for nothing else to be shot goes before what does; null where nothing fits any more. */
    private DayState next(List<Integer> bound) {
        DayState next = next(bound, false);
        return next == null ? next(bound, true) : next;
    }

    private DayState next(List<Integer> bound, boolean waits) {
        DayState soonest = null;
        double upTo = turns.earliest(bound);
        for (int setup : free) {
            if (timedMin(setup) >= 0
                    || !mayTake(setup)
                    || turns.written() && turns.rank(setup) > upTo
                    || waits != waiting.intersects(clock.relations().before(setup))) {
                continue;
            }
            DayState next = clock.then(now, setup);
            if (possible(next) && leavesRoom(next, bound)) {
                boolean turned = problem.setup(setup).turn().isPresent();
                if (turned || next.run().idleMin() <= 0) {
                    return next;
                }
                soonest = soonest == null || next.rollMin() < soonest.rollMin() ? next : soonest;
            }
        }
        return soonest;
    }

    private boolean possible(DayState next) {
        if (next.brokenMin() > 0) {
            return false;
        }
        for (List<DayState> others : crews) {
            for (DayState other : others) {
                if (clock.relations().brokenMin(next, other) > 0) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether a moment that could be taken from here can still be taken after it. */
    private boolean leavesRoom(DayState next, List<Integer> bound) {
        DayState with = next;
        DayState without = now;
        for (int setup : bound) {
            DayState could = clock.then(without, setup);
            if (could.brokenMin() == 0) {
                without = could;
                with = clock.then(with, setup);
                if (with.brokenMin() > 0) {
                    return false;
                }
            }
        }
        return true;
    }
}
