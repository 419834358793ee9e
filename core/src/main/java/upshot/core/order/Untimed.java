package upshot.core.order;

/**
 * What an order costs whatever the clock says: getting ready, shooting, work out of turn. It takes no more than a sum, so
 * a search can tell from it which orders are not worth timing. Cameras that may roll along count nothing.
 */
final class Untimed {

    private final int setups;
    private final long[][] changes;
    private final long[] shooting;
    private final boolean[] messy;
    private final boolean[] firstClass;

    Untimed(Shoot shoot) {
        setups = shoot.size();
        changes = new long[setups + 1][setups];
        shooting = new long[setups];
        messy = new boolean[setups];
        firstClass = new boolean[setups];
        for (int setup = 0; setup < setups; setup++) {
            Setup one = shoot.setups().get(setup);
            for (int before = -1; before < setups; before++) {
                changes[before + 1][setup] = Cost.GETTING_READY.hundredths(shoot.changeMin(before, setup));
            }
            shooting[setup] = one.mayRollAlong() ? 0 : Cost.SHOOTING.hundredths(one.shootMin());
            messy[setup] = one.action().messy();
            firstClass[setup] = shoot.part(setup).firstClass();
        }
    }

    /**
     * Adds up what setups of an order cost.
     *
     * @param before how the day stands before the first of them
     * @param from where the first of them stands
     * @param sums by place, in hundredths; what goes before {@code from} is there already
     */
    void sum(Pace before, int[] order, int from, int size, long[] sums) {
        int mess = before.carried().messy();
        int others = before.carried().others();
        int last = before.setup();
        for (int place = from; place < size; place++) {
            int setup = order[place];
            double outOfTurn = Burdens.outOfTurnMin(messy[setup], mess, firstClass[setup], others);
            sums[place + 1] =
                    sums[place] + changes[last + 1][setup] + shooting[setup] + Cost.OUT_OF_TURN.hundredths(outOfTurn);
            mess += messy[setup] ? 1 : 0;
            others += firstClass[setup] ? 0 : 1;
            last = setup;
        }
    }
}
