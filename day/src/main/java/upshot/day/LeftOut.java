package upshot.day;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What keeps a setup out of an order: the limit that it breaks by the least where it would come nearest to fitting. It comes
 * nearest where the least has to be changed for it; the rest of the day is gone through for the best of these places alone.
 *
 * @param breach what breaks; none where nothing does: no order was found with it, and it would fit where it stands now
 * @param setup at which it breaks: the one that is left out, or one behind it
 */
public record LeftOut(Optional<Breach> breach, int setup) {

    /** Places that are tried in a crew's day: in a day of 150 setups more of them gave the same reasons at ten times the work. */
    private static final int MOST_PLACES = 16;

    private record Nearest(LeftOut reason, int brokenMin) {}

    /** Why nobody shoots a setup. */
    public static LeftOut of(DayOrder order, int setup) {
        Nearest best = null;
        for (int crew = 0; crew < order.crews().size(); crew++) {
            for (int place : places(order, crew, setup)) {
                int least = best == null ? Integer.MAX_VALUE : best.brokenMin();
                Nearest here = at(order, crew, place, setup, least);
                if (here.brokenMin() < least) {
                    best = here;
                }
            }
        }
        return best.reason();
    }

    /** Where the least has to be changed, the best first. */
    private static List<Integer> places(DayOrder order, int crew, int setup) {
        List<Integer> own = order.crews().get(crew);
        return IntStream.rangeClosed(0, own.size())
                .boxed()
                .sorted((one, other) -> Double.compare(
                        addedMin(order.clock(), own, one, setup), addedMin(order.clock(), own, other, setup)))
                .limit(MOST_PLACES)
                .toList();
    }

    private static double addedMin(DayClock clock, List<Integer> own, int place, int setup) {
        int before = place == 0 ? -1 : own.get(place - 1);
        double change = clock.changeMin(before, setup);
        if (place == own.size()) {
            return change;
        }
        int next = own.get(place);
        return change + clock.changeMin(setup, next) - clock.changeMin(before, next);
    }

    /**
     * What breaks with a setup in a place.
     *
     * @param enough where as much is broken, the rest of the day need not be gone through
     */
    private static Nearest at(DayOrder order, int crew, int place, int setup, int enough) {
        List<Integer> own = order.crews().get(crew);
        // What comes before it stays as it is, and breaks nothing.
        DayState state = place == 0
                ? order.clock().atCall(crew)
                : order.states().get(crew).get(place - 1);
        LeftOut first = null;
        int broken = 0;
        List<DayState> others = others(order, crew);
        for (int next = place - 1; next < own.size() && broken < enough; next++) {
            int one = next < place ? setup : own.get(next);
            state = order.clock().then(state, one);
            broken += state.brokenMin();
            Optional<LeftOut> between =
                    first == null && state.brokenMin() == 0 ? between(order, state, others) : Optional.empty();
            if (between.isPresent()) {
                first = between.get();
                broken += first.breach().orElseThrow().minutes();
            }
            if (first == null && broken > 0) {
                first = new LeftOut(Optional.of(state.breaches().get(0)), one);
            }
        }
        return first == null ? new Nearest(new LeftOut(Optional.empty(), setup), 0) : new Nearest(first, broken);
    }

    private static List<DayState> others(DayOrder order, int crew) {
        return order.all().stream().filter(state -> state.crew() != crew).toList();
    }

    /** What breaks between two crews. */
    private static Optional<LeftOut> between(DayOrder order, DayState own, List<DayState> others) {
        Relations relations = order.clock().relations();
        return others.stream()
                .filter(other -> relations.brokenMin(own, other) > 0)
                .findFirst()
                .map(other -> new LeftOut(
                        Optional.of(new Breach(relations.limit(own, other), relations.brokenMin(own, other))),
                        own.setup()));
    }
}
