package upshot.core.roll;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.plan.Plan;
import upshot.day.DayNumbers;
import upshot.day.DayOrder;
import upshot.day.DayState;
import upshot.day.LocalSearch;
import upshot.day.Minute;
import upshot.day.Pause;
import upshot.day.log.LogState;
import upshot.day.log.Take;

/**
 * What is left of a day in the best order that was found, from where its one crew stands. A phone works out the same from
 * the same numbers.
 *
 * @param turns setups in their new order, each by its first shot
 * @param letGo first shots of setups that nothing was found for
 */
public record RestOfDay(List<LogEntry.Turn> turns, List<UUID> letGo) {

    private static final double MINUTE_MS = 60_000;

    /**
     * Orders what is left.
     *
     * @param nowMs milliseconds since 1970
     * @param seed other seeds look elsewhere
     * @param changes how many are tried
     * @return empty where the day has no date, or more than one crew
     */
    public static Optional<RestOfDay> of(LoggedDay day, LogState state, long nowMs, int seed, int changes) {
        Optional<Instant> call = day.plan().brief().instantAt(0);
        if (call.isEmpty() || day.day().shoot().crews().size() != 1) {
            return Optional.empty();
        }
        long callMs = call.get().toEpochMilli();
        double[] numbers = DoubleStream.concat(
                        DoubleStream.of(DayNumbers.write(day.day().shoot().problem())),
                        standing(day, state, minute(nowMs, callMs)))
                .toArray();
        DayOrder order = LocalSearch.run(
                DayOrder.constructed(DayNumbers.readRest(numbers)),
                0,
                seed,
                LocalSearch.Spent.of(changes),
                better -> {});
        return Optional.of(of(day, state, order.states().get(0)));
    }

    private static RestOfDay of(LoggedDay day, LogState state, List<DayState> crew) {
        List<Setup> setups = day.day().shoot().setups();
        List<LogEntry.Turn> turns = crew.stream()
                .map(one -> new LogEntry.Turn(
                        setups.get(one.setup()).first().id(),
                        ms(day.plan(), one.times().roll()),
                        ms(day.plan(), one.times().end())))
                .toList();
        List<UUID> letGo = state.order().stream()
                .filter(place -> !state.setups().get(place).left())
                .map(place -> day.stops().get(place).setup().first().id())
                .filter(shot -> turns.stream().noneMatch(turn -> turn.about().equals(shot)))
                .toList();
        return new RestOfDay(turns, letGo);
    }

    private static long ms(Plan plan, Minute minute) {
        return plan.brief().instantAt(minute.afterCall()).orElseThrow().toEpochMilli();
    }

    private static int minute(double ms, long callMs) {
        return (int) Math.ceil((ms - callMs) / MINUTE_MS);
    }

    /** Where the crew stands, as the numbers of a day want it behind their own. */
    private static DoubleStream standing(LoggedDay day, LogState state, int nowMin) {
        List<Integer> done = new ArrayList<>();
        for (int place = 0; place < day.stops().size(); place++) {
            int index = index(day, place);
            if (index >= 0 && state.setups().get(place).left()) {
                done.add(index);
            }
        }
        int last = -1;
        for (Take take : state.takes()) {
            if (take.shot() >= 0) {
                int stop = day.table().shots().get(take.shot()).setup();
                last = stop < 0 ? -1 : index(day, stop);
            }
        }
        return IntStream.concat(
                        IntStream.of(nowMin, last, done.size()),
                        IntStream.concat(
                                done.stream().mapToInt(one -> one),
                                IntStream.of(pausedMin(day, nowMin, false), pausedMin(day, nowMin, true))))
                .asDoubleStream();
    }

    private static int index(LoggedDay day, int place) {
        return day.day().shoot().setups().indexOf(day.stops().get(place).setup());
    }

    /** When the last pause of the plan ended, or its last meal; 0 where there was none yet. */
    private static int pausedMin(LoggedDay day, int nowMin, boolean meal) {
        return day.day().slots().stream()
                .map(DayPlan.Slot::state)
                .flatMap(one -> one.pauses().stream())
                .filter(pause -> pause.kind() == Pause.Kind.MEAL || !meal)
                .mapToInt(Pause::untilMin)
                .filter(until -> until <= nowMin)
                .max()
                .orElse(0);
    }
}
