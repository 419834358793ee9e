package upshot.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import upshot.core.plan.Turn;

/**
 * The turns that are written down. Where there are any, they make the order, and what has none is put in beside its like
 * where it takes nothing else its place.
 */
final class Turns {

    private final Shoot shoot;
    private final boolean written;

    Turns(Shoot shoot) {
        this.shoot = shoot;
        this.written =
                IntStream.range(0, shoot.size()).anyMatch(setup -> turn(setup).isPresent());
    }

    boolean written() {
        return written;
    }

    /** The rank of a setup's turn, behind all others where it has none. */
    double rank(int setup) {
        return turn(setup).map(Turn::rank).orElse(Double.MAX_VALUE);
    }

    private Optional<Turn> turn(int setup) {
        return shoot.part(setup).turn();
    }

    /** What the order is made of first: everything, or what has its turn. */
    List<Integer> inTurn() {
        List<Integer> usual = usual();
        return written
                ? usual.stream()
                        .filter(setup -> turn(setup).isPresent())
                        .sorted(Comparator.comparingDouble(this::rank))
                        .toList()
                : usual;
    }

    private List<Integer> usual() {
        return IntStream.range(0, shoot.size())
                .boxed()
                .sorted(Comparator.comparing(shoot.setups()::get, Construction.USUAL))
                .toList();
    }

    /** The order with what has no turn put in. */
    RunningOrder with(RunningOrder order) {
        RunningOrder with = order;
        if (written) {
            for (int setup : usual()) {
                if (turn(setup).isEmpty()) {
                    with = with(with, setup);
                }
            }
        }
        return with;
    }

    private RunningOrder with(RunningOrder order, int setup) {
        for (int crew = 0; crew < order.crews().size(); crew++) {
            List<Integer> own = order.crews().get(crew);
            for (int place : places(own, setup)) {
                List<Integer> changed = new ArrayList<>(own);
                changed.add(place, setup);
                List<List<Integer>> crews = new ArrayList<>(order.crews());
                crews.set(crew, changed);
                RunningOrder tried = RunningOrder.of(shoot, crews);
                if (tried.levels().brokenMin() == 0) {
                    return tried;
                }
            }
        }
        return order;
    }

    /** Behind the last of its action, behind the last of its spot, at the end. */
    private List<Integer> places(List<Integer> own, int setup) {
        Setup one = shoot.setups().get(setup);
        return List.of(
                last(own, other -> other.action().id().equals(one.action().id())) + 1,
                last(own, other -> other.spot().id().equals(one.spot().id())) + 1,
                own.size());
    }

    private int last(List<Integer> own, Predicate<Setup> like) {
        int last = own.size() - 1;
        while (last >= 0 && !like.test(shoot.setups().get(own.get(last)))) {
            last--;
        }
        return last;
    }
}
