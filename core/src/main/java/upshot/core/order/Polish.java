package upshot.core.order;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Makes an order better by moving up to four neighbouring setups at a time elsewhere and by putting in what is left,
 * until none of that helps any more. Deterministic.
 */
public final class Polish {

    private static final int MOST_AT_ONCE = 4;

    /** Dearer than anything else, so that nothing is broken that is not broken already. */
    private static final long PER_BROKEN = 1L << 40;

    private final Shoot shoot;
    private final Sketch sketch;
    private final BooleanSupplier stopped;
    private final Consumer<RunningOrder> better;
    private RunningOrder best;
    private Levels levels;

    private Polish(RunningOrder order, int keptUntilMin, BooleanSupplier stopped, Consumer<RunningOrder> better) {
        this.shoot = order.shoot();
        this.sketch = new Sketch(order, keptUntilMin);
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
        Polish polish = new Polish(order, keptUntilMin, stopped, better);
        boolean helped = true;
        while (helped && !stopped.getAsBoolean()) {
            helped = polish.pass();
        }
        return polish.best;
    }

    /** Whether any move helped. */
    private boolean pass() {
        boolean helped = false;
        for (int setup = 0; setup < shoot.size(); setup++) {
            helped |= !sketch.shot(setup) && putIn(setup);
        }
        for (CrewSketch draft : sketch.drafts()) {
            for (int at = draft.kept(); at < draft.size() && !stopped.getAsBoolean(); at++) {
                for (int many = 1; many <= MOST_AT_ONCE && at + many <= draft.size(); many++) {
                    helped |= elsewhere(draft, at, many);
                }
            }
        }
        return helped;
    }

    private boolean putIn(int setup) {
        for (CrewSketch draft : sketch.drafts()) {
            for (int at = draft.kept(); at <= draft.size() && !stopped.getAsBoolean(); at++) {
                for (int out = 0; out <= 1 && at + out <= draft.size(); out++) {
                    sketch.exchange(draft, at, out, setup);
                    if (helps()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean elsewhere(CrewSketch draft, int at, int many) {
        for (CrewSketch target : sketch.drafts()) {
            int last = target == draft ? draft.size() - many : target.size();
            for (int to = target.kept(); to <= last; to++) {
                if (target == draft && to == at) {
                    continue;
                }
                sketch.move(draft, at, many, target, to, false);
                if (helps()) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Takes the change if the order is better for it. */
    private boolean helps() {
        int shots = sketch.bestOfTheChange()
                .compareTo(new Levels(0, levels.musts(), levels.shoulds(), levels.bonuses(), 0));
        long minutes = shots > 0 ? 0 : shots == 0 ? levels.hundredths() : PER_BROKEN;
        long most = levels.brokenMin() * PER_BROKEN + minutes - 1;
        if (!sketch.promises(most, PER_BROKEN, 0) || !sketch.time(most, PER_BROKEN)) {
            return false;
        }
        sketch.take();
        levels = sketch.levels();
        best = RunningOrder.of(shoot, sketch.crews());
        better.accept(best);
        return true;
    }
}
