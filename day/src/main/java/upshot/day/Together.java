package upshot.day;

import java.util.List;

/**
 * An action that was left and is taken up again without need is shot on where it was left: whatever follows at no more
 * cost directly behind the last of its action is put there. What is written down stays as it is written.
 */
final class Together {

    private final int keptUntilMin;
    private DayOrder order;

    private Together(DayOrder order, int keptUntilMin) {
        this.order = order;
        this.keptUntilMin = keptUntilMin;
    }

    /**
     * The order with its actions together, as good or better.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     */
    static DayOrder of(DayOrder order, int keptUntilMin) {
        Together together = new Together(order, keptUntilMin);
        for (int crew = 0; crew < order.crews().size(); crew++) {
            together.run(crew);
        }
        return together.order;
    }

    /** Each move ends one interruption and begins none, so that there are only so many. */
    private void run(int crew) {
        int place = 1;
        while (place < order.states().get(crew).size()) {
            place = joins(crew, place) ? 1 : place + 1;
        }
    }

    private boolean joins(int crew, int place) {
        List<Integer> own = order.crews().get(crew);
        int left = place - 1;
        while (left >= 0 && !sameAction(own.get(left), own.get(place))) {
            left--;
        }
        if (left < 0 || left == place - 1) {
            return false;
        }
        boolean alone = left == 0 || !sameAction(own.get(left - 1), own.get(left));
        return helps(crew, own.get(place), place, left + 1) || alone && helps(crew, own.get(left), left, place - 1);
    }

    private boolean helps(int crew, int setup, int from, int to) {
        DaySetup moved = order.problem().setup(setup);
        boolean stays = moved.turn().isPresent()
                || moved.fixed().isPresent()
                || moved.pinnedMin(crew).isPresent()
                || Math.min(from, to) < order.kept(crew, keptUntilMin);
        if (stays) {
            return false;
        }
        DayOrder tried = DayOrder.of(order.clock(), order.moved(setup, crew, to));
        boolean helps = tried.merit().compareTo(order.merit()) <= 0;
        order = helps ? tried : order;
        return helps;
    }

    private boolean sameAction(int one, int other) {
        return order.problem().setup(one).action()
                == order.problem().setup(other).action();
    }
}
