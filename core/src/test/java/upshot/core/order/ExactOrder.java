package upshot.core.order;

import java.util.ArrayList;
import java.util.List;
import upshot.day.DayClock;
import upshot.day.DayOrder;
import upshot.day.DayState;
import upshot.day.Merit;

/** The best order of one crew by trying all of them, as far as they break nothing: for eight setups at most. */
final class ExactOrder {

    private final Shoot shoot;
    private final DayClock clock;
    private final List<Integer> way = new ArrayList<>();
    private DayOrder best;

    private ExactOrder(Shoot shoot) {
        this.shoot = shoot;
        this.clock = new DayClock(shoot.problem());
    }

    static DayOrder of(Shoot shoot) {
        ExactOrder exact = new ExactOrder(shoot);
        exact.from(exact.clock.atCall(0));
        return exact.best;
    }

    private void from(DayState state) {
        DayOrder here = DayOrder.of(clock, List.of(List.copyOf(way)));
        Merit merit = here.merit();
        if (best == null || merit.compareTo(best.merit()) < 0) {
            best = here;
        }
        for (int setup = 0; setup < shoot.size(); setup++) {
            if (way.contains(setup)) {
                continue;
            }
            DayState next = clock.then(state, setup);
            if (next.brokenMin() == 0) {
                way.add(setup);
                from(next);
                way.remove(way.size() - 1);
            }
        }
    }
}
