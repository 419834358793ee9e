package upshot.offload;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import upshot.offload.Chunks.Chunk;

/** A thread that does one sort of thing with pieces, in the order in which they are given; after a failure it does nothing. */
final class Worker implements AutoCloseable {

    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread one = new Thread(work, "offload");
        one.setDaemon(true);
        return one;
    });
    private volatile IOException failure;

    /** What is done with a piece. */
    interface Work {
        void on(ByteBuffer content) throws IOException;
    }

    /** What is done between pieces. */
    interface Step {
        void run() throws IOException;
    }

    /** Begins anew after a failure. */
    void begin() {
        failure = null;
    }

    void give(Chunk chunk, Work work) {
        thread.execute(() -> {
            tried(() -> work.on(chunk.content()));
            chunk.letGo();
        });
    }

    /** Does something when all that was given before is done. */
    void then(Step step) {
        thread.execute(() -> tried(step));
    }

    private void tried(Step step) {
        try {
            if (failure == null) {
                step.run();
            }
        } catch (IOException broken) {
            failure = broken;
        }
    }

    boolean failed() {
        return failure != null;
    }

    /** Waits until all that was given is done. */
    void end() throws IOException, InterruptedException {
        try {
            thread.submit(() -> {}).get();
        } catch (ExecutionException never) {
            throw new IllegalStateException(never);
        }
        if (failure != null) {
            throw failure;
        }
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}
