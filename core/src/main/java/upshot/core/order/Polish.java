package upshot.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import upshot.core.plan.Priority;

/**
 * Makes an order better by moving up to four neighbouring setups at a time elsewhere, by putting in what is left and by
 * exchanging the two, until none of that helps any more. Deterministic.
 */
public final class Polish {

    private static final int MOST_AT_ONCE = 4;

    /** Two at once can be tried everywhere as long as there are no more setups than this. */
    private static final int FEW = 14;

    private final Shoot shoot;
    private final Pacing pacing;
    private final BooleanSupplier stopped;
    private final Consumer<RunningOrder> better;
    private RunningOrder best;
    private Levels levels;

    private Polish(RunningOrder order, BooleanSupplier stopped, Consumer<RunningOrder> better) {
        this.shoot = order.shoot();
        this.pacing = new Pacing(shoot);
        this.stopped = stopped;
        this.better = better;
        this.best = order;
        this.levels = order.levels();
    }

    /**
     * The order polished.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     * @param stopped asked now and then whether to leave it at that
     * @param better told each order that is better than the one before
     */
    public static RunningOrder of(
            RunningOrder order, int keptUntilMin, BooleanSupplier stopped, Consumer<RunningOrder> better) {
        Polish polish = new Polish(order, stopped, better);
        int[] kept = order.paces().stream()
                .mapToInt(paces -> (int) paces.stream()
                        .filter(pace -> pace.startMin() < keptUntilMin)
                        .count())
                .toArray();
        boolean helped = true;
        while (helped && !stopped.getAsBoolean()) {
            helped = polish.pass(kept) || polish.pairs(kept);
        }
        return polish.best;
    }

    /** Whether any move helped. */
    private boolean pass(int[] kept) {
        boolean helped = false;
        for (int left : best.left()) {
            helped |= putIn(left, kept);
        }
        for (int crew = 0; crew < shoot.crews().size(); crew++) {
            for (int from = kept[crew]; from < best.crews().get(crew).size() && !stopped.getAsBoolean(); from++) {
                for (int many = 1; many <= MOST_AT_ONCE; many++) {
                    helped |= elsewhere(crew, from, many, kept);
                }
            }
        }
        return helped;
    }

    /** Takes two out and puts both in again anywhere, of one crew with few setups. */
    private boolean pairs(int[] kept) {
        if (shoot.size() > FEW || shoot.crews().size() > 1) {
            return false;
        }
        List<Integer> own = best.crews().get(0);
        for (int one = 0; one < shoot.size(); one++) {
            for (int other = 0; other < shoot.size() && !stopped.getAsBoolean(); other++) {
                if (one != other
                        && !own.subList(0, kept[0]).contains(one)
                        && !own.subList(0, kept[0]).contains(other)
                        && pair(one, other, kept[0])) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean pair(int one, int other, int kept) {
        List<Integer> rest = new ArrayList<>(best.crews().get(0));
        rest.remove((Integer) one);
        rest.remove((Integer) other);
        for (int first = kept; first <= rest.size(); first++) {
            List<Integer> with = new ArrayList<>(rest);
            with.add(first, one);
            if (better(List.of(with), 0, kept)) {
                return true;
            }
            for (int second = first + 1; second <= with.size(); second++) {
                List<Integer> both = new ArrayList<>(with);
                both.add(second, other);
                if (better(List.of(both), 0, kept)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean putIn(int setup, int[] kept) {
        for (int crew = 0; crew < shoot.crews().size(); crew++) {
            int size = best.crews().get(crew).size();
            for (int place = kept[crew]; place <= size && !stopped.getAsBoolean(); place++) {
                if (tried(crew, place, setup, false) || place < size && tried(crew, place, setup, true)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean tried(int crew, int place, int setup, boolean instead) {
        List<List<Integer>> crews = new ArrayList<>(best.crews());
        List<Integer> changed = new ArrayList<>(crews.get(crew));
        if (instead) {
            changed.set(place, setup);
        } else {
            changed.add(place, setup);
        }
        crews.set(crew, changed);
        return better(crews, crew, place);
    }

    private boolean elsewhere(int crew, int from, int many, int[] kept) {
        List<Integer> own = best.crews().get(crew);
        if (from + many > own.size()) {
            return false;
        }
        List<Integer> moved = own.subList(from, from + many);
        List<Integer> rest = new ArrayList<>(own);
        rest.subList(from, from + many).clear();
        for (int to = 0; to < shoot.crews().size(); to++) {
            List<Integer> target = to == crew ? rest : best.crews().get(to);
            for (int place = kept[to]; place <= target.size(); place++) {
                if (to == crew && place == from) {
                    continue;
                }
                List<List<Integer>> crews = new ArrayList<>(best.crews());
                crews.set(crew, rest);
                List<Integer> changed = new ArrayList<>(target);
                changed.addAll(place, moved);
                crews.set(to, changed);
                if (better(crews, crew, to == crew ? Math.min(from, place) : 0)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Takes the order if it is better; of one crew alone only what comes behind the first change is timed again. */
    private boolean better(List<List<Integer>> crews, int crew, int firstChange) {
        if (shoot.crews().size() > 1) {
            RunningOrder order = RunningOrder.of(shoot, crews);
            return taken(order.levels(), crews);
        }
        List<Pace> known = best.paces().get(crew);
        Pace pace = firstChange == 0 ? Pace.atCall(shoot, shoot.crews().get(0)) : known.get(firstChange - 1);
        List<Integer> own = crews.get(crew);
        Levels least = levels(own, 0, 0);
        boolean minutesDecide = least.sameAboveMinutes(levels);
        if (least.compareTo(levels) >= 0) {
            return false;
        }
        long hundredths = 0;
        for (Pace before : known.subList(0, firstChange)) {
            hundredths += Match.total(before);
        }
        long broken = 0;
        for (int setup : own.subList(firstChange, own.size())) {
            pace = pacing.then(pace, setup);
            broken += pace.brokenMin();
            hundredths += Match.total(pace);
            if (broken > levels.brokenMin() || minutesDecide && hundredths > levels.hundredths()) {
                return false;
            }
        }
        return taken(levels(own, broken, hundredths), crews);
    }

    private Levels levels(List<Integer> own, long broken, long hundredths) {
        int[] lost = shoot.shotsByPriority();
        for (int setup : own) {
            Setup one = shoot.setups().get(setup);
            lost[one.priority().ordinal()] -= one.shots().size();
        }
        return new Levels(
                broken,
                lost[Priority.MUST.ordinal()],
                lost[Priority.SHOULD.ordinal()],
                lost[Priority.BONUS.ordinal()],
                hundredths);
    }

    private boolean taken(Levels here, List<List<Integer>> crews) {
        if (here.compareTo(levels) >= 0) {
            return false;
        }
        best = RunningOrder.of(shoot, crews);
        levels = best.levels();
        better.accept(best);
        return true;
    }
}
