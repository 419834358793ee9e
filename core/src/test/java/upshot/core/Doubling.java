package upshot.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.function.IntFunction;

/** Twice as much work takes about twice as long: processor time that is held against itself and never against a clock. */
public final class Doubling {

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static final int RUNS = 5;
    private static final int DOUBLINGS = 3;
    private static final double MOST_A_DOUBLING = 3;
    private static final int AGAIN = 6;

    private Doubling() {}

    /**
     * Fails when some of three doublings takes over three times as long as what it doubles. A machine that is busy makes
     * anything slow for once, so what looks too slow is measured again.
     *
     * @param first how large it is at first
     * @param leastNanos below it the clock of a thread says more about the machine than about the work
     * @param work of a size, made ready before it is timed
     */
    public static void holds(String what, int first, long leastNanos, IntFunction<Runnable> work) {
        work.apply(first << DOUBLINGS).run();
        long before = best(work.apply(first));
        for (int size = 2 * first; size <= first << DOUBLINGS; size *= 2) {
            long now = best(work.apply(size));
            for (int again = 0; tooLong(now, before, leastNanos) && again < AGAIN; again++) {
                before = best(work.apply(size / 2));
                now = Math.min(now, best(work.apply(size)));
            }
            assertThat(tooLong(now, before, leastNanos))
                    .as("%s, %d of it: %d ns after %d ns for half as much", what, size, now, before)
                    .isFalse();
            before = now;
        }
    }

    private static boolean tooLong(long now, long before, long leastNanos) {
        return now > MOST_A_DOUBLING * Math.max(before, leastNanos);
    }

    /** The least processor time in nanoseconds that work takes of a few times, after a first time. */
    public static long best(Runnable work) {
        work.run();
        long best = Long.MAX_VALUE;
        for (int run = 0; run < RUNS; run++) {
            long before = THREADS.getCurrentThreadCpuTime();
            work.run();
            best = Math.min(best, THREADS.getCurrentThreadCpuTime() - before);
        }
        return best;
    }
}
