package upshot.day;

import java.util.function.BooleanSupplier;

/**
 * Makes an order better by moving up to four neighbouring setups at a time elsewhere and by putting in what is left, until
 * none of that helps any more.
 */
final class BlockMoves {

    private static final int MOST_AT_ONCE = 4;

    /** Dearer than anything else, so that nothing is broken that is not broken already. */
    private static final double NEVER = 1e12;

    private final Drafts drafts;
    private final Best best;
    private final BooleanSupplier over;
    private int tried;

    BlockMoves(Best best, int keptUntilMin, BooleanSupplier over) {
        this.drafts = new Drafts(best.order(), keptUntilMin);
        this.best = best;
        this.over = over;
    }

    void run() {
        boolean helped = true;
        while (helped && !over()) {
            helped = pass();
        }
    }

    private boolean over() {
        return over.getAsBoolean();
    }

    private boolean pass() {
        boolean helped = false;
        for (int place = 0; place < drafts.left().size(); place++) {
            helped |= putInWhereItHelps(place);
        }
        for (Draft draft : drafts.crews()) {
            for (int at = draft.kept(); at < draft.size() && !over(); at++) {
                for (int many = 1; many <= MOST_AT_ONCE && at + many <= draft.size(); many++) {
                    helped |= moveWhereItHelps(draft, Stretch.of(at, many));
                }
            }
        }
        return helped;
    }

    private boolean putInWhereItHelps(int place) {
        for (Draft draft : drafts.crews()) {
            for (int at = draft.kept(); at <= draft.size() && !over(); at++) {
                for (int out = 0; out <= 1 && at + out <= draft.size(); out++) {
                    drafts.exchange(draft, Stretch.of(at, out), drafts.left(), Stretch.of(place, 1));
                    if (helps()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean moveWhereItHelps(Draft draft, Stretch stretch) {
        for (Draft target : drafts.crews()) {
            int last = target == draft ? draft.size() - stretch.many() : target.size();
            for (int to = target.kept(); to <= last; to++) {
                if (target == draft && to == stretch.at()) {
                    continue;
                }
                drafts.move(draft, stretch, target, to);
                if (helps()) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How many changes were weighed. */
    int tried() {
        return tried;
    }

    /** Takes the change if the order is better for it. */
    private boolean helps() {
        tried++;
        Merit merit = best.merit();
        int shots =
                drafts.bestOfTheChange().compareTo(new Merit(0, merit.musts(), merit.shoulds(), merit.bonuses(), 0));
        double minutes = shots > 0 ? 0 : shots == 0 ? merit.hundredths() : NEVER;
        double most = merit.brokenMin() * NEVER + minutes - 1;
        if (!drafts.promises(most, NEVER, 0) || !drafts.time(most, NEVER)) {
            return false;
        }
        drafts.take();
        best.offer(drafts);
        return true;
    }
}
