package upshot.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * The turns that are written down. Where there are any, they make the order, and what has none is put in beside its like
 * where it takes nothing else its place.
 */
final class WrittenTurns {

    /** Where nothing speaks for another order: clean before messy, spot by spot, an action kept together, gear by gear. */
    private static final Comparator<DaySetup> USUAL = Comparator.comparing(DaySetup::messy)
            .thenComparingInt(setup -> setup.gear().spot())
            .thenComparingInt(DaySetup::usual)
            .thenComparingInt(DaySetup::action)
            .thenComparingInt(setup -> setup.gear().support())
            .thenComparingInt(setup -> setup.gear().lens())
            .thenComparingInt(setup -> setup.gear().rate());

    private final DayProblem problem;
    private final DayClock clock;
    private final List<Integer> usual;
    private final boolean written;

    WrittenTurns(DayClock clock) {
        this.problem = clock.problem();
        this.clock = clock;
        List<Integer> done = problem.crews().stream()
                .flatMap(crew -> crew.standing().map(DayCrew.Standing::done).orElse(List.of()).stream())
                .toList();
        this.usual = IntStream.range(0, problem.size())
                .boxed()
                .filter(setup -> !done.contains(setup))
                .sorted(Comparator.comparing(problem::setup, USUAL))
                .toList();
        this.written = usual.stream().anyMatch(this::turned);
    }

    boolean written() {
        return written;
    }

    private boolean turned(int setup) {
        return problem.setup(setup).turn().isPresent();
    }

    /** The rank of a setup's turn, behind all others where it has none. */
    double rank(int setup) {
        return problem.setup(setup).turn().map(DaySetup.Turn::rank).orElse(Double.MAX_VALUE);
    }

    /** The rank of the first of some, behind all others where there are none. */
    double earliest(List<Integer> setups) {
        double earliest = Double.MAX_VALUE;
        for (int setup : setups) {
            earliest = Math.min(earliest, rank(setup));
        }
        return earliest;
    }

    /** What the order is made of first: everything, or what has its turn. */
    List<Integer> inTurn() {
        return written
                ? usual.stream()
                        .filter(this::turned)
                        .sorted(Comparator.comparingDouble(this::rank))
                        .toList()
                : usual;
    }

    /** The order with what has no turn put in. */
    DayOrder with(DayOrder order) {
        DayOrder with = order;
        if (written) {
            for (int setup : usual) {
                if (!turned(setup)) {
                    with = with(with, setup);
                }
            }
        }
        return with;
    }

    private DayOrder with(DayOrder order, int setup) {
        for (int crew = 0; crew < problem.crews().size(); crew++) {
            for (int place : places(order.crews().get(crew), setup)) {
                DayOrder tried = DayOrder.of(clock, order.moved(setup, crew, place));
                if (tried.merit().brokenMin() == 0) {
                    return tried;
                }
            }
        }
        return order;
    }

    /** Behind the last of its action, behind the last of its spot, at the end. */
    private List<Integer> places(List<Integer> own, int setup) {
        DaySetup one = problem.setup(setup);
        List<Integer> places = new ArrayList<>();
        places.add(last(own, other -> problem.setup(other).action() == one.action()) + 1);
        places.add(last(
                        own,
                        other ->
                                problem.setup(other).gear().spot() == one.gear().spot())
                + 1);
        places.add(own.size());
        return places;
    }

    private static int last(List<Integer> own, IntPredicate like) {
        int last = own.size() - 1;
        while (last >= 0 && !like.test(own.get(last))) {
            last--;
        }
        return last;
    }
}
