package upshot.day;

/**
 * What an order costs whatever the clock says: getting ready, shooting, work out of turn. It takes no more than a sum, so
 * a search can tell from it which orders are not worth timing. Setups that may roll along in a run count nothing.
 */
final class SureCosts {

    private final DayProblem problem;
    private final int[][] changes;
    private final int[] shooting;

    SureCosts(DayClock clock) {
        problem = clock.problem();
        int setups = problem.size();
        changes = new int[setups + 1][setups];
        shooting = new int[setups];
        for (int setup = 0; setup < setups; setup++) {
            for (int before = -1; before < setups; before++) {
                changes[before + 1][setup] = Cost.GETTING_READY.hundredths(clock.leastChangeMin(before, setup));
            }
            DaySetup one = problem.setup(setup);
            shooting[setup] = one.run() >= 0 ? 0 : Cost.SHOOTING.hundredths(one.shootMin());
        }
    }

    /** What a setup may have cost in vain: it is waited for less where another camera is got ready for the same run. */
    int mayBeGivenBack(DayState state, int next) {
        boolean oneRun = state.setup() >= 0
                && problem.setup(next).run() >= 0
                && problem.setup(next).run() == problem.setup(state.setup()).run();
        return oneRun ? Cost.WAITING.hundredths(state.run().idleMin()) : 0;
    }

    /**
     * Adds up what setups of an order cost.
     *
     * @param before how the day stands before the first of them
     * @param from where the first of them stands
     * @param sums by place, in hundredths; what goes before {@code from} is there already
     */
    void sum(DayState before, int[] order, int from, int size, int[] sums) {
        int messy = before.carried().messy();
        int others = before.carried().others();
        int last = before.setup();
        for (int place = from; place < size; place++) {
            int setup = order[place];
            DaySetup one = problem.setup(setup);
            double outOfTurn = PlaceCosts.outOfTurnMin(one, messy, others);
            sums[place + 1] =
                    sums[place] + changes[last + 1][setup] + shooting[setup] + Cost.OUT_OF_TURN.hundredths(outOfTurn);
            messy += one.messy() ? 1 : 0;
            others += one.early() ? 0 : 1;
            last = setup;
        }
    }
}
