package upshot.core.order;

import java.time.Duration;
import java.util.Optional;
import java.util.function.Consumer;
import upshot.day.DayOrder;
import upshot.day.LocalSearch;
import upshot.day.Merit;

/**
 * Looks for a better order than one that is known. With a limit of changes alone the same seed finds the same order again;
 * with a time limit it does not. What it finds is never worse than what it began with.
 */
public final class Search {

    private final DayOrder begin;
    private final Effort effort;
    private volatile boolean stopped;
    private volatile Merit found;

    /**
     * How long to look and where.
     *
     * @param seed of the chance in it
     * @param changes tried at most, none for no limit
     * @param time at most, none for no limit
     * @param enough where to stop early
     * @param keptUntilMin setups that begin before this minute stay where they are; 0 for none
     */
    public record Effort(
            int seed, Optional<Integer> changes, Optional<Duration> time, Optional<Merit> enough, int keptUntilMin) {

        /** So many changes, the same order for the same seed. */
        public static Effort changes(int seed, int changes) {
            return new Effort(seed, Optional.of(changes), Optional.empty(), Optional.empty(), 0);
        }

        /** So much time. */
        public static Effort time(int seed, Duration time) {
            return new Effort(seed, Optional.empty(), Optional.of(time), Optional.empty(), 0);
        }

        /** The same, with everything that begins before a minute left alone. */
        public Effort keeping(int untilMin) {
            return new Effort(seed, changes, time, enough, untilMin);
        }

        /** The same, done when it is as good as this. */
        public Effort until(Merit merit) {
            return new Effort(seed, changes, time, Optional.of(merit), keptUntilMin);
        }
    }

    /** A search that begins with an order. */
    public Search(DayOrder begin, Effort effort) {
        this.begin = begin;
        this.effort = effort;
        this.found = begin.merit();
    }

    /**
     * Searches until the effort is spent or somebody stops it.
     *
     * @param better told each order that is better than all before it, on the searching thread
     */
    public DayOrder run(Consumer<DayOrder> better) {
        long fromNanos = System.nanoTime();
        return LocalSearch.run(
                begin, effort.keptUntilMin(), effort.seed(), changes -> spent(changes, fromNanos), order -> {
                    found = order.merit();
                    better.accept(order);
                });
    }

    private double spent(int changes, long fromNanos) {
        boolean enough =
                effort.enough().filter(merit -> found.compareTo(merit) <= 0).isPresent();
        if (stopped || enough) {
            return 1;
        }
        double tried = effort.changes().map(most -> changes / (double) most).orElse(0.0);
        double past = effort.time()
                .map(time -> (System.nanoTime() - fromNanos) / (double) time.toNanos())
                .orElse(0.0);
        return Math.max(tried, past);
    }

    /** Ends the search soon; what it has found so far is kept. */
    public void stop() {
        stopped = true;
    }
}
