package upshot.app.day;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import upshot.app.job.JudgedPlans;
import upshot.app.web.FairQueue;
import upshot.app.web.Recent;
import upshot.core.order.Search;
import upshot.core.verdict.Verdict;
import upshot.day.DayOrder;

/**
 * Searches for better orders that run while their page may be elsewhere: one for each job at a time, in memory, person by
 * person in turn. What is found is kept until it is taken, thrown away, or another search begins.
 */
@Component
class Searches {

    private static final Logger LOG = LoggerFactory.getLogger(Searches.class);

    private static final int MOST_KEPT = 64;

    /** Two cores of a small machine: one searches, one answers pages; further searches wait for their turn. */
    private final ExecutorService threads = Executors.newFixedThreadPool(1, work -> {
        Thread thread = new Thread(work, "order-search");
        thread.setDaemon(true);
        return thread;
    });

    private final FairQueue<Running> turns = new FairQueue<>();

    /** What nobody takes is thrown away in the end. */
    private final Recent<UUID, Running> byJob = new Recent<>(MOST_KEPT, running -> 1, this::end);

    /** One search, from its beginning until somebody has looked at what came of it. */
    static final class Running {

        private final Verdict began;
        private final long version;
        private final int seconds;
        private final Search search;
        private final DayOrder begin;
        private volatile DayOrder best;
        private volatile int improvements;
        private volatile boolean begun;
        private volatile boolean done;

        private Running(Verdict began, long version, int seconds, int keptUntilMin) {
            this.began = began;
            this.version = version;
            this.seconds = seconds;
            this.begin = began.day().order();
            this.best = begin;
            this.search = new Search(
                    begin,
                    Search.Effort.time((int) version, Duration.ofSeconds(seconds))
                            .keeping(keptUntilMin));
        }

        private void run() {
            begun = true;
            try {
                best = search.run(better -> {
                    best = better;
                    improvements++;
                });
            } catch (RuntimeException broken) {
                // What was found until then is still good; the page says that it ended.
                LOG.error("The search for an order broke off", broken);
            } finally {
                done = true;
            }
        }

        Verdict began() {
            return began;
        }

        /** The revision of the plan that it began with. */
        long version() {
            return version;
        }

        int seconds() {
            return seconds;
        }

        DayOrder begin() {
            return begin;
        }

        DayOrder best() {
            return best;
        }

        int improvements() {
            return improvements;
        }

        /** Whether it has had its turn. */
        boolean begun() {
            return begun;
        }

        boolean done() {
            return done;
        }

        boolean better() {
            return best.merit().compareTo(begin.merit()) < 0;
        }
    }

    /**
     * Begins a search; one that still runs for the job is stopped and forgotten.
     *
     * @param whoId who asks
     * @param current the plan as it stands
     * @param keptUntilMin what begins before this minute after the call stays
     */
    void begin(UUID jobId, UUID whoId, JudgedPlans.Current current, int seconds, int keptUntilMin) {
        Running running = new Running(current.verdict(), current.version(), seconds, keptUntilMin);
        byJob.put(jobId, running);
        turns.add(whoId, running);
        threads.submit(() -> turns.next().ifPresent(Running::run));
    }

    /** How many searches of others, and earlier ones of the same person, go before one that waits. */
    int before(Running running) {
        return turns.before(one -> one == running);
    }

    Optional<Running> of(UUID jobId) {
        return byJob.get(jobId);
    }

    /** Ends a search soon; what it has found is kept. */
    void stop(UUID jobId) {
        of(jobId).ifPresent(this::end);
    }

    /** One that still waits ends without having begun. */
    private void end(Running running) {
        running.search.stop();
        turns.remove(running);
        if (!running.begun) {
            running.done = true;
        }
    }

    /** Ends a search and throws away what it found. */
    void forget(UUID jobId) {
        byJob.remove(jobId);
    }

    @PreDestroy
    void close() {
        byJob.clear();
        threads.shutdownNow();
    }
}
