package upshot.app.paper;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** A paper from when it is asked for until somebody has taken it. */
final class Making {

    private static final Logger LOG = LoggerFactory.getLogger(Making.class);

    /** How a paper stands. */
    enum State {
        WAITING,
        MAKING,
        READY,
        FAILED,
        STOPPED
    }

    private final String name;
    private final long version;
    private final int frames;
    /** Gone when it is done, with all that it knows of the plan. */
    private Function<Making, byte[]> work;

    private final CompletableFuture<byte[]> pdf = new CompletableFuture<>();
    private Thread maker;
    private volatile boolean begun;
    private volatile int drawn;

    /**
     * @param name of the job
     * @param version of the plan that is put on paper
     * @param frames about how many there will be
     * @param work makes it, telling how far it is; gives up when its thread is interrupted
     */
    Making(String name, long version, int frames, Function<Making, byte[]> work) {
        this.name = name;
        this.version = version;
        this.frames = frames;
        this.work = work;
    }

    void run() {
        if (!begin()) {
            return;
        }
        try {
            pdf.complete(work.apply(this));
        } catch (CancellationException givenUp) {
            pdf.cancel(false);
        } catch (RuntimeException | StackOverflowError broken) {
            LOG.error("Version {} of a job could not be put on paper", version, broken);
            pdf.completeExceptionally(broken);
        } finally {
            end();
        }
    }

    private synchronized boolean begin() {
        begun = true;
        maker = pdf.isDone() ? null : Thread.currentThread();
        return maker != null;
    }

    private synchronized void end() {
        maker = null;
        work = null;
        // The mark must not be left to the next paper.
        Thread.interrupted();
    }

    /** Gives it up, begun or not; what is ready stays. Whoever waits for the end is told outside of any lock. */
    void stop() {
        if (pdf.cancel(false)) {
            interrupt();
        }
    }

    private synchronized void interrupt() {
        if (maker != null) {
            maker.interrupt();
        }
    }

    State state() {
        if (!pdf.isDone()) {
            return begun ? State.MAKING : State.WAITING;
        }
        if (pdf.isCancelled()) {
            return State.STOPPED;
        }
        return pdf.isCompletedExceptionally() ? State.FAILED : State.READY;
    }

    /** Completes when nothing more will happen, however it ended. */
    CompletableFuture<State> ended() {
        return pdf.handle((bytes, problem) -> state());
    }

    /** Only when it is ready. */
    byte[] pdf() {
        return pdf.join();
    }

    boolean ready() {
        return state() == State.READY;
    }

    String name() {
        return name;
    }

    long version() {
        return version;
    }

    void drawn(int count) {
        drawn = count;
    }

    int drawn() {
        return drawn;
    }

    int frames() {
        return frames;
    }
}
