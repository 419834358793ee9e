package upshot.core.search;

import java.util.ArrayList;
import java.util.List;
import upshot.core.order.Levels;
import upshot.core.order.Pace;
import upshot.core.order.RunningOrder;
import upshot.core.order.Shoot;
import upshot.core.order.Stepping;

/** The best order of one crew by trying all of them, as far as they break nothing: for eight setups at most. */
final class ExactOrder {

    private final Shoot shoot;
    private final Stepping stepping;
    private final List<Integer> way = new ArrayList<>();
    private RunningOrder best;

    private ExactOrder(Shoot shoot) {
        this.shoot = shoot;
        this.stepping = new Stepping(shoot);
    }

    static RunningOrder of(Shoot shoot) {
        ExactOrder exact = new ExactOrder(shoot);
        exact.from(null);
        return exact.best;
    }

    private void from(Pace pace) {
        RunningOrder here = RunningOrder.of(shoot, List.of(List.copyOf(way)));
        Levels levels = here.levels();
        if (best == null || levels.compareTo(best.levels()) < 0) {
            best = here;
        }
        for (int setup = 0; setup < shoot.size(); setup++) {
            if (way.contains(setup)) {
                continue;
            }
            Pace next = pace == null ? stepping.first(shoot.crews().get(0), setup) : stepping.then(pace, setup);
            if (next.brokenMin() == 0) {
                way.add(setup);
                from(next);
                way.remove(way.size() - 1);
            }
        }
    }
}
