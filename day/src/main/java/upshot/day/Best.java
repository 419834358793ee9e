package upshot.day;

import java.util.function.Consumer;

/** The best order so far; whoever waits for it hears of it. */
final class Best {

    private final Consumer<DayOrder> better;
    private DayOrder order;
    private Levels levels;

    Best(DayOrder order, Consumer<DayOrder> better) {
        this.better = better;
        this.order = order;
        this.levels = order.levels();
    }

    DayOrder order() {
        return order;
    }

    Levels levels() {
        return levels;
    }

    void offer(Drafts drafts) {
        Levels here = drafts.levels();
        if (here.compareTo(levels) < 0) {
            levels = here;
            order = drafts.order();
            better.accept(order);
        }
    }
}
