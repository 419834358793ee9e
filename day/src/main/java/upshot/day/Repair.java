package upshot.day;

/**
 * The last touch of an order that was made without search: what was left out is put in where it fits, with neighbours moved
 * for it, as far as a counted number of changes goes; in a small day a few of them by chance first, always the same. An
 * order that somebody wrote down is left as it is.
 */
final class Repair {

    private static final int MOST_CHANGES = 2_000;
    private static final int SMALL = 16;
    private static final int ROUNDS = 8;
    private static final int SEED = 1;

    private final Best best;
    private int changes;

    private Repair(DayOrder order) {
        this.best = new Best(order, better -> {});
    }

    static DayOrder of(DayOrder order) {
        boolean written = false;
        for (int setup = 0; setup < order.problem().size(); setup++) {
            written |= order.problem().setup(setup).turn().isPresent();
        }
        return written || order.left().isEmpty() ? order : new Repair(order).run();
    }

    private DayOrder run() {
        if (best.order().problem().size() > SMALL) {
            polish(MOST_CHANGES);
            return best.order();
        }
        Chance chance = new Chance(SEED);
        int round = MOST_CHANGES / ROUNDS;
        for (int i = 1; i <= ROUNDS && !best.order().left().isEmpty(); i++) {
            int by = round / 2;
            changes += new Annealing(best, Integer.MIN_VALUE, chance).run(more -> more / (double) by);
            polish(i * round);
        }
        return best.order();
    }

    private void polish(int until) {
        int before = changes;
        BlockMoves[] moves = new BlockMoves[1];
        moves[0] = new BlockMoves(best, Integer.MIN_VALUE, () -> before + moves[0].tried() >= until);
        moves[0].run();
        changes += moves[0].tried();
    }
}
