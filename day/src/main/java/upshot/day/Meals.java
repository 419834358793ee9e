package upshot.day;

import java.util.BitSet;

/**
 * When a crew eats: in place of a break that is due, in a wait, or near the middle of a meal time where the hours since the call or the last meal allow one, else near the
 * middle of those hours; and never after they end where work goes on beyond them.
 */
final class Meals {

    /** Where a crew has no hours for a setup. */
    private static final int NEVER = Integer.MIN_VALUE;

    private final Rests rests;
    private final double[] shootMin;

    /** By crew, when each setup is shot at the soonest: its moment, or the beginning of its first hours. */
    private final int[][] soonestMin;

    Meals(DayProblem problem) {
        this.rests = problem.rests();
        int setups = problem.size();
        this.shootMin = new double[setups];
        this.soonestMin = new int[problem.crews().size()][setups];
        for (int setup = 0; setup < setups; setup++) {
            DaySetup one = problem.setup(setup);
            shootMin[setup] = one.shootMin();
            for (int crew = 0; crew < soonestMin.length; crew++) {
                soonestMin[crew][setup] = soonestMin(one, crew);
            }
        }
    }

    private static int soonestMin(DaySetup setup, int crew) {
        Windows windows = setup.windows().get(crew);
        if (windows.spans().isEmpty()) {
            return NEVER;
        }
        return setup.fixed()
                .map(DaySetup.Moment::atMin)
                .orElseGet(() -> windows.spans().get(0).fromMin());
    }

    /**
     * Between which minutes a meal begins well, and when best.
     *
     * @param bestMin the middle of a meal time, or of the hours that may pass
     */
    private record Well(int fromMin, int untilMin, double bestMin) {}

    /**
     * Whether the meal goes before the next setup.
     *
     * @param clock of the next setup
     * @param works until when there is no room for a pause once it has begun
     * @param rest whether there is to be a break in any case
     */
    boolean due(DayState before, DayState.Clock clock, int works, boolean rest) {
        int fed = before.carried().fedMin();
        double latest = fed + rests.mealByMin();
        int begin = beginMin(before, clock);
        if (clock.endMin() > latest || works > latest && begin >= fed + rests.mealNotBeforeMin()) {
            return true;
        }
        Well well = well(fed);
        boolean waits = clock.gettingReadyMin() - begin >= rests.mealMin();
        boolean nearest = works - well.bestMin() > well.bestMin() - begin;
        return well.fromMin() <= begin
                && begin <= well.untilMin()
                && (rest || waits || nearest)
                && goesOn(before, latest);
    }

    /** When the meal before a setup begins: at once, or where it lies best in a wait that holds it. */
    int beginMin(DayState before, DayState.Clock clock) {
        int free = before.endMin();
        double last = clock.gettingReadyMin() - rests.mealMin();
        double best = well(before.carried().fedMin()).bestMin();
        return Math.max(free, (int) Math.floor(Math.min(best, last)));
    }

    private Well well(int fed) {
        int earliest = (int) Math.ceil(fed + rests.mealNotBeforeMin());
        int latest = (int) Math.floor(fed + rests.mealByMin());
        Well well = new Well(earliest, latest, fed + rests.mealByMin() / 2);
        int longest = -1;
        for (Windows.Span span : rests.mealTimes()) {
            int from = Math.max(span.fromMin(), earliest);
            int until = Math.min(span.untilMin(), latest);
            if (until - from > longest) {
                longest = until - from;
                well = new Well(from, until, (from + until) / 2.0);
            }
        }
        return well;
    }

    /** Whether what is still to do takes the crew beyond a minute, as far as can be told before it is put in order. */
    private boolean goesOn(DayState before, double latest) {
        BitSet done = before.carried().done();
        int[] soonest = soonestMin[before.crew()];
        double until = before.endMin();
        for (int setup = 0; setup < soonest.length; setup++) {
            if (soonest[setup] != NEVER && !done.get(setup)) {
                until = Math.max(until + shootMin[setup], soonest[setup]);
                if (until > latest) {
                    return true;
                }
            }
        }
        return false;
    }
}
