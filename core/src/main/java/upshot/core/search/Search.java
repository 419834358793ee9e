package upshot.core.search;

import java.time.Duration;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongToDoubleFunction;
import upshot.core.order.Annealing;
import upshot.core.order.Levels;
import upshot.core.order.Polish;
import upshot.core.order.RunningOrder;

/**
 * Looks for a better order than one that is known: twice by chance, with the solver between. With a limit of moves alone
 * the same seed finds the same order again; with a time limit it does not. What it finds is never worse than what it
 * began with.
 */
public final class Search {

    /** What part of the effort is spent when the first annealing ends, when the solver does, and when the second does. */
    private static final double ANNEALED = 0.4;

    private static final double SOLVED = 0.6;
    private static final double ANNEALED_AGAIN = 0.95;

    /** What part of the time a polish may take at most. */
    private static final double POLISH = 0.05;

    private final RunningOrder begin;
    private final Effort effort;
    private final Solving solving;
    private volatile boolean stopped;
    private long fromNanos;

    /**
     * How long to look and where.
     *
     * @param seed of the chance in it
     * @param moves tried at most, none for no limit
     * @param time at most, none for no limit
     * @param enough where to stop early
     * @param keptUntilMin setups that begin before this minute stay where they are; 0 for none
     */
    public record Effort(
            long seed, Optional<Long> moves, Optional<Duration> time, Optional<Levels> enough, int keptUntilMin) {

        /** So many moves, the same order for the same seed. */
        public static Effort moves(long seed, long moves) {
            return new Effort(seed, Optional.of(moves), Optional.empty(), Optional.empty(), 0);
        }

        /** So much time. */
        public static Effort time(long seed, Duration time) {
            return new Effort(seed, Optional.empty(), Optional.of(time), Optional.empty(), 0);
        }

        /** The same, with everything that begins before a minute left alone. */
        public Effort keeping(int untilMin) {
            return new Effort(seed, moves, time, enough, untilMin);
        }

        /** The same, done when it is as good as this. */
        public Effort until(Levels levels) {
            return new Effort(seed, moves, time, Optional.of(levels), keptUntilMin);
        }
    }

    /** A search that begins with an order. */
    public Search(RunningOrder begin, Effort effort) {
        this.begin = begin;
        this.effort = effort;
        this.solving = new Solving(effort);
    }

    /**
     * Searches until the effort is spent or somebody stops it.
     *
     * @param better told each order that is better than all before it, on the searching thread
     */
    public RunningOrder run(Consumer<RunningOrder> better) {
        if (begin.shoot().size() == 0) {
            return begin;
        }
        Best best = new Best(begin, better);
        fromNanos = System.nanoTime();
        anneal(best, effort.seed(), 0, ANNEALED);
        if (!done(best, SOLVED)) {
            double share = SOLVED - Math.max(ANNEALED, share());
            solving.run(best.order, share, best);
        }
        anneal(best, effort.seed() + 1, SOLVED, ANNEALED_AGAIN);
        return best.order;
    }

    /** Anneals the best there is during a part of the effort, and polishes what comes of it. */
    private void anneal(Best best, long seed, double from, double until) {
        double begins = Math.max(from, share());
        LongToDoubleFunction spent = changes -> {
            if (done(best, until)) {
                return 1;
            }
            return effort.moves()
                    .map(moves -> changes / (moves * (until - from)))
                    .orElseGet(() -> (share() - begins) / (until - begins));
        };
        Annealing.run(best.order, effort.keptUntilMin(), seed, spent, best);
        Polish.of(best.order, effort.keptUntilMin(), () -> done(best, until + POLISH), best);
    }

    /** What part of the time is over; 0 where only moves count. */
    private double share() {
        return effort.time()
                .map(time -> (System.nanoTime() - fromNanos) / (double) time.toNanos())
                .orElse(0.0);
    }

    private boolean done(Best best, double until) {
        return stopped
                || share() >= until
                || effort.enough()
                        .filter(levels -> best.levels.compareTo(levels) <= 0)
                        .isPresent();
    }

    /** The best so far; whoever waits for it hears of it. */
    private static final class Best implements Consumer<RunningOrder> {

        private final Consumer<RunningOrder> better;
        private RunningOrder order;
        private Levels levels;

        Best(RunningOrder order, Consumer<RunningOrder> better) {
            this.better = better;
            this.order = order;
            this.levels = order.levels();
        }

        @Override
        public void accept(RunningOrder found) {
            Levels here = found.levels();
            if (here.compareTo(levels) < 0) {
                order = found;
                levels = here;
                better.accept(found);
            }
        }
    }

    /** Ends the search soon; what it has found so far is kept. */
    public void stop() {
        stopped = true;
        solving.stop();
    }
}
