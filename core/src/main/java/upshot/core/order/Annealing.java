package upshot.core.order;

import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import java.util.function.LongToDoubleFunction;
import upshot.core.plan.Priority;

/**
 * Makes an order better by chance: a change that makes it worse is taken too, the more readily the earlier, and what is
 * broken or not shot weighs little at first and everything at last. The same seed goes the same way as long as only the
 * number of changes decides when it ends.
 */
public final class Annealing {

    /** What a change may cost at first and at last, in hundredths of a minute. */
    private static final double HOT = 1000;

    private static final double COLD = 30;

    /** What a broken minute weighs at first and at last, in hundredths. */
    private static final double BEND = 300;

    private static final double BREAK = 100_000;

    /** What a shot weighs that is not made, by priority, in hundredths at the end, and what part of it at first. */
    private static final long[] LOST = {60_000, 40_000, 25_000};

    private static final double LOST_AT_FIRST = 0.1;

    /** How much of what waiting and the like costs now is taken to stay whatever is changed before it. */
    private static final double SHARE = 0.8;

    /** How often it looks at the clock. */
    private static final int AT_ONCE = 64;

    private static final int LONGEST = 10;

    private final Shoot shoot;
    private final Sketch sketch;
    private final Random random;
    private final LongToDoubleFunction spent;
    private final Consumer<RunningOrder> better;
    private final long[] lost = new long[Priority.values().length];
    private Levels best;
    private double heat;
    private long perBroken;

    private Annealing(
            RunningOrder begin,
            int keptUntilMin,
            long seed,
            LongToDoubleFunction spent,
            Consumer<RunningOrder> better) {
        this.shoot = begin.shoot();
        this.sketch = new Sketch(begin, keptUntilMin);
        this.random = new Random(seed);
        this.spent = spent;
        this.better = better;
        this.best = begin.levels();
    }

    /**
     * Anneals an order.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     * @param spent what part of the effort is spent after so many changes; at 1 it ends
     * @param better told each order that is better than all before it
     */
    public static void run(
            RunningOrder begin,
            int keptUntilMin,
            long seed,
            LongToDoubleFunction spent,
            Consumer<RunningOrder> better) {
        new Annealing(begin, keptUntilMin, seed, spent, better).run();
    }

    private void run() {
        double part = spent.applyAsDouble(0);
        for (long changes = 0; part < 1; part = spent.applyAsDouble(changes)) {
            cool(part);
            for (int i = 0; i < AT_ONCE; i++, changes++) {
                if (change() && worthTaking()) {
                    sketch.take();
                    report();
                }
            }
        }
    }

    private void cool(double part) {
        heat = HOT * Math.pow(COLD / HOT, part);
        perBroken = (long) (BEND * Math.pow(BREAK / BEND, part));
        double share = Math.min(1, LOST_AT_FIRST * Math.pow(1 / LOST_AT_FIRST, part * 1.25));
        for (int i = 0; i < lost.length; i++) {
            lost[i] = (long) (share * LOST[i]);
        }
    }

    /** How much a change may cost is drawn before it is timed, so that most of the dear ones need not be. */
    private boolean worthTaking() {
        Levels stands = sketch.levels();
        long now = stands.hundredths() + perBroken * stands.brokenMin() + sketch.lost(lost);
        long most = now + (long) (-heat * Math.log(1 - random.nextDouble())) - sketch.triedLost(lost);
        return sketch.promises(most, perBroken, SHARE) && sketch.time(most, perBroken);
    }

    private void report() {
        Levels here = sketch.levels();
        if (here.compareTo(best) < 0) {
            best = here;
            better.accept(RunningOrder.of(shoot, sketch.crews()));
        }
    }

    /** Tries a change that chance chooses; whether there is any. */
    private boolean change() {
        CrewSketch draft = any();
        int free = draft.size() - draft.kept();
        int kind = random.nextInt(100);
        if (kind < 25) {
            return putIn(draft, free) || elsewhere(draft, free);
        }
        if (kind < 27 && free > 0) {
            sketch.exchange(draft, draft.kept() + random.nextInt(free), 1, -1);
            return true;
        }
        return kind < 85 ? elsewhere(draft, free) : swapped(draft, free);
    }

    private CrewSketch any() {
        List<CrewSketch> drafts = sketch.drafts();
        return drafts.get(drafts.size() == 1 ? 0 : random.nextInt(drafts.size()));
    }

    /** Something that nobody shoots, beside what is there or instead of up to three. */
    private boolean putIn(CrewSketch draft, int free) {
        int setup = random.nextInt(shoot.size());
        for (int i = 0; sketch.shot(setup) && i < shoot.size(); i++) {
            setup = (setup + 1) % shoot.size();
        }
        int out = Math.min(free, Math.max(0, random.nextInt(6) - 2));
        if (sketch.shot(setup)) {
            return false;
        }
        sketch.exchange(draft, draft.kept() + random.nextInt(free - out + 1), out, setup);
        return true;
    }

    /** Some neighbours, mostly few, elsewhere or the other way round. */
    private boolean elsewhere(CrewSketch draft, int free) {
        int many = 1;
        while (many < LONGEST && random.nextBoolean()) {
            many++;
        }
        if (many > free) {
            return false;
        }
        CrewSketch target = any();
        int at = draft.kept() + random.nextInt(free - many + 1);
        int places = target.size() - target.kept() - (target == draft ? many : 0) + 1;
        int to = target.kept() + random.nextInt(places);
        boolean turned = many > 1 && random.nextInt(4) == 0;
        sketch.move(draft, at, many, target, to, turned);
        return target != draft || at != to || turned;
    }

    private boolean swapped(CrewSketch draft, int free) {
        CrewSketch target = any();
        int others = target.size() - target.kept();
        if (free == 0 || others == 0) {
            return false;
        }
        int one = draft.kept() + random.nextInt(free);
        int other = target.kept() + random.nextInt(others);
        sketch.swap(draft, one, target, other);
        return target != draft || one != other;
    }
}
