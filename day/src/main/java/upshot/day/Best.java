package upshot.day;

import java.util.function.Consumer;

/** The best order so far; whoever waits for it hears of it. */
final class Best {

    private final Consumer<DayOrder> better;
    private DayOrder order;
    private Merit merit;

    Best(DayOrder order, Consumer<DayOrder> better) {
        this.better = better;
        this.order = order;
        this.merit = order.merit();
    }

    DayOrder order() {
        return order;
    }

    Merit merit() {
        return merit;
    }

    void offer(Drafts drafts) {
        Merit here = drafts.merit();
        if (here.compareTo(merit) < 0) {
            merit = here;
            order = drafts.order();
            better.accept(order);
        }
    }
}
