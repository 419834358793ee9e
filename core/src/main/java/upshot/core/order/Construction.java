package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import upshot.core.plan.Turn;

/**
 * An order without search. Where turns are written down, they are followed; everything else goes spot by spot, setup by
 * setup, what leaves a mess last. Fixed moments and pinned setups stand at their time whatever their turn. While one of
 * them is being waited for, the first setup that fits into the gap is taken, and of those without a turn one that need
 * not be waited for. What fits nowhere is left, so that no limit is ever broken.
 */
final class Construction {

    private final Shoot shoot;
    private final Pacing pacing;
    private final Turns turns;
    private final List<Integer> free;
    private final BitSet waiting = new BitSet();
    private final List<List<Pace>> crews = new ArrayList<>();
    private Crew crew;
    private Pace now;

    private Construction(Shoot shoot) {
        this.shoot = shoot;
        this.pacing = new Pacing(shoot);
        this.turns = new Turns(shoot);
        this.free = new ArrayList<>(turns.inTurn());
        free.forEach(waiting::set);
    }

    static RunningOrder of(Shoot shoot) {
        Construction construction = new Construction(shoot);
        return construction.turns.with(construction.build());
    }

    private RunningOrder build() {
        for (Crew next : shoot.crews()) {
            crew = next;
            now = Pace.atCall(shoot, crew);
            for (List<Integer> bound : bound()) {
                fill(bound);
                take(bound);
            }
            fill(List.of());
            crews.add(shot());
        }
        return RunningOrder.timed(shoot, crews);
    }

    /** What the crew shoots, read back from the last of it. */
    private List<Pace> shot() {
        LinkedList<Pace> shot = new LinkedList<>();
        for (Pace pace = now; !pace.first(); pace = pace.before()) {
            shot.addFirst(pace);
        }
        return List.copyOf(shot);
    }

    /** Fixed moments and pinned setups of this crew by the clock, those of one moment together. */
    private Iterable<List<Integer>> bound() {
        TreeMap<Integer, List<Integer>> byTime = new TreeMap<>();
        for (int setup : free) {
            int at = Math.max(shoot.part(setup).fixedMin(), shoot.pinnedMin(setup, crew));
            if (at >= 0 && mayTake(setup)) {
                byTime.computeIfAbsent(at, none -> new ArrayList<>()).add(setup);
            }
        }
        return byTime.values().stream()
                .flatMap(atOnce -> atOnce.stream()
                        .map(setup -> shoot.part(setup).setup().action().id())
                        .distinct()
                        .map(action -> atOnce.stream()
                                .filter(setup ->
                                        shoot.part(setup).setup().action().id().equals(action))
                                .toList()))
                .toList();
    }

    /** A turn says which crew; without one, whoever comes first. */
    private boolean mayTake(int setup) {
        Optional<Turn> turn = shoot.part(setup).turn();
        return turn.isEmpty() || turn.get().shiftId().equals(crew.shiftId());
    }

    private void take(List<Integer> bound) {
        for (int setup : bound) {
            Pace next = pacing.then(now, setup);
            if (possible(next)) {
                go(next);
            }
        }
    }

    private void fill(List<Integer> bound) {
        Optional<Pace> next = next(bound);
        while (next.isPresent()) {
            go(next.get());
            next = next(bound);
        }
    }

    private void go(Pace next) {
        now = next;
        free.remove((Integer) next.setup());
        waiting.clear(next.setup());
    }

    /** What waits for nothing else to be shot goes before what does. */
    private Optional<Pace> next(List<Integer> bound) {
        return next(bound, false).or(() -> next(bound, true));
    }

    private Optional<Pace> next(List<Integer> bound, boolean waits) {
        Optional<Pace> soonest = Optional.empty();
        double upTo = bound.stream().mapToDouble(turns::rank).min().orElse(Double.MAX_VALUE);
        for (int setup : free) {
            boolean timed = shoot.part(setup).fixedMin() >= 0 || shoot.pinnedMin(setup, crew) >= 0;
            if (timed
                    || !mayTake(setup)
                    || turns.written() && turns.rank(setup) > upTo
                    || waits != waiting.intersects(shoot.prerequisites().before(setup))) {
                continue;
            }
            Pace next = pacing.then(now, setup);
            if (possible(next) && leavesRoom(next, bound)) {
                boolean turned = shoot.part(setup).turn().isPresent();
                if (turned || next.run().idleMin() <= 0) {
                    return Optional.of(next);
                }
                soonest = soonest.filter(one -> one.rollMin() <= next.rollMin()).or(() -> Optional.of(next));
            }
        }
        return soonest;
    }

    private boolean possible(Pace next) {
        return next.brokenMin() == 0
                && crews.stream()
                        .allMatch(others ->
                                others.stream().allMatch(other -> TwoCrews.brokenMin(shoot, next, other) == 0));
    }

    /** Whether a moment that could be taken from here can still be taken after it. */
    private boolean leavesRoom(Pace next, List<Integer> bound) {
        if (bound.isEmpty()) {
            return true;
        }
        Pace with = next;
        Pace without = now;
        for (int setup : bound) {
            Pace could = pacing.then(without, setup);
            if (could.brokenMin() == 0) {
                without = could;
                with = pacing.then(with, setup);
                if (with.brokenMin() > 0) {
                    return false;
                }
            }
        }
        return true;
    }

    static final Comparator<Setup> USUAL = Comparator.<Setup, Boolean>comparing(
                    setup -> setup.action().messy())
            .thenComparingDouble(setup -> setup.spot().rank())
            .thenComparing(setup -> setup.spot().id())
            .thenComparing(setup -> !setup.action().once())
            .thenComparing(setup -> setup.action().once() ? setup.action().codePrefix() : "")
            .thenComparing(Setup::support)
            .thenComparing(Setup::lens)
            .thenComparing(setup -> setup.stand().rate());
}
