package upshot.day;

import java.util.List;
import java.util.Optional;

/**
 * Why a setup does not stand earlier in its crew's day. Every earlier place is tried: where something breaks at all of
 * them it is said what breaks at the nearest, otherwise what the cheapest of the others costs.
 *
 * @param kind the answer
 * @param before the setup before which it was tried, −1 where it was not
 * @param breach what breaks there
 * @param hit the setup at which it breaks, −1 where nothing does
 * @param hundredths weighted minutes that the day costs more there; below zero where it would cost less
 */
public record NotEarlier(Kind kind, int before, Optional<Breach> breach, int hit, int hundredths) {

    /** Which answer it is. */
    public enum Kind {
        /** The moment decides, or whoever pinned it. */
        TIMED,
        /** Nothing comes before it, or nothing that may be moved. */
        FIRST,
        BREAKS,
        COSTS
    }

    /**
     * The answer for a setup that a crew shoots.
     *
     * @param place of the setup among the crew's
     */
    public static NotEarlier of(DayOrder order, int crew, int place) {
        DayState state = order.states().get(crew).get(place);
        DaySetup setup = order.problem().setup(state.setup());
        if (setup.fixed().isPresent() || setup.pinnedMin(crew).isPresent()) {
            return new NotEarlier(Kind.TIMED, -1, Optional.empty(), -1, 0);
        }
        NotEarlier nearest = new NotEarlier(Kind.FIRST, -1, Optional.empty(), -1, 0);
        NotEarlier cheapest = null;
        for (int earlier = place - 1; earlier >= 0; earlier--) {
            NotEarlier here = at(order, crew, state.setup(), earlier);
            if (here.kind() == Kind.COSTS && (cheapest == null || here.hundredths() < cheapest.hundredths())) {
                cheapest = here;
            }
            nearest = nearest.kind() == Kind.FIRST ? here : nearest;
        }
        return cheapest == null ? nearest : cheapest;
    }

    /**
     * What happens where a crew shoots one of its setups at another place, earlier or later.
     *
     * @param place among the crew's, with the setup taken out; one stands behind it
     */
    public static NotEarlier at(DayOrder order, int crew, int setup, int place) {
        DayOrder moved = DayOrder.of(order.clock(), order.moved(setup, crew, place));
        int before = moved.crews().get(crew).get(place + 1);
        Merit merit = moved.merit();
        int broken = merit.brokenMin() - order.merit().brokenMin();
        if (broken <= 0) {
            int more = merit.hundredths() - order.merit().hundredths();
            return new NotEarlier(Kind.COSTS, before, Optional.empty(), -1, more);
        }
        for (DayState state : moved.states().get(crew)) {
            if (state.brokenMin() > 0) {
                return new NotEarlier(
                        Kind.BREAKS, before, Optional.of(state.breaches().get(0)), state.setup(), 0);
            }
        }
        return new NotEarlier(Kind.BREAKS, before, Optional.of(between(moved, crew, broken)), setup, 0);
    }

    /** What breaks between two crews. */
    private static Breach between(DayOrder moved, int crew, int broken) {
        Relations relations = moved.clock().relations();
        for (DayState own : moved.states().get(crew)) {
            for (List<DayState> others : moved.states()) {
                for (DayState other : others) {
                    if (other.crew() != crew && relations.brokenMin(own, other) > 0) {
                        return new Breach(relations.limit(own, other), relations.brokenMin(own, other));
                    }
                }
            }
        }
        return new Breach(Limit.TWO_PLACES, broken);
    }
}
