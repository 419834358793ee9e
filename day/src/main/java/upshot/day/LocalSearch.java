package upshot.day;

import java.util.function.Consumer;

/**
 * Looks for a better order: by chance, several times, and what comes of it is polished. The same seed goes the same way as long as
 * only the number of changes decides when it ends.
 */
public final class LocalSearch {

    /** Where the effort is spent; what is left of it is for the last polish. */
    private static final double ANNEALED = 0.95;

    /** How often it begins anew: in a small day, which soon is where it can go, more often. */
    private static final int ROUNDS = 2;

    private static final int ROUNDS_OF_SMALL = 16;
    private static final int SMALL = 16;

    /** What part of the effort a polish may take at most; where only changes count, it takes none. */
    private static final double POLISH = 0.05;

    private final int keptUntilMin;
    private final Chance chance;
    private final Spent spent;
    private final Best best;
    private int changes;

    /** What part of the effort is spent after so many changes; at 1 and above the search ends. */
    public interface Spent {

        double after(int changes);

        /** So many changes, whatever the time. */
        static Spent of(int most) {
            return changes -> changes / (double) most;
        }
    }

    private LocalSearch(Best best, int keptUntilMin, int seed, Spent spent) {
        this.keptUntilMin = keptUntilMin;
        this.chance = new Chance(seed);
        this.spent = spent;
        this.best = best;
    }

    /**
     * The best that is found; never worse than what it begins with.
     *
     * @param keptUntilMin setups that begin before this minute stay where they are
     * @param better told each order that is better than all before it
     */
    public static DayOrder run(DayOrder begin, int keptUntilMin, int seed, Spent spent, Consumer<DayOrder> better) {
        Best best = new Best(begin, better);
        LocalSearch search = new LocalSearch(best, keptUntilMin, seed, spent);
        if (begin.problem().size() > 0) {
            int rounds = begin.problem().size() <= SMALL ? ROUNDS_OF_SMALL : ROUNDS;
            for (int round = 1; round <= rounds; round++) {
                search.annealUntil(ANNEALED * round / rounds);
            }
        }
        return Together.of(best.order(), keptUntilMin);
    }

    private void annealUntil(double share) {
        double begins = spent.after(changes);
        if (begins < share) {
            int before = changes;
            changes += new Annealing(best, keptUntilMin, chance)
                    .run(more -> (spent.after(before + more) - begins) / (share - begins));
        }
        new BlockMoves(best, keptUntilMin, () -> spent.after(changes) >= share + POLISH).run();
    }
}
