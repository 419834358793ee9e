package upshot.app.web;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;
import upshot.exchange.text.Unreadable;

/**
 * Where files are read that people send: one at a time, outside every transaction and lock, and never longer than a set
 * time. What reads a file must look whether its thread was interrupted ({@link upshot.exchange.text.Stoppable}).
 */
@Component
public class FileReading {

    private static final String BUSY = "Other files are being read just now. Try again in a moment.";

    private final FileSettings settings;
    private final ThreadPoolExecutor reader;
    private final ScheduledExecutorService watch =
            Executors.newSingleThreadScheduledExecutor(work -> named(work, "file-watch"));

    FileReading(FileSettings settings) {
        this.settings = settings;
        this.reader = new ThreadPoolExecutor(
                1,
                1,
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(settings.mostWaiting()),
                work -> named(work, "file-reader"));
    }

    private static Thread named(Runnable work, String name) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        return thread;
    }

    /**
     * Waits for its turn and reads.
     *
     * @throws Unreadable when it took too long, or too many others wait; whatever the reading throws otherwise
     */
    public <T> T read(Callable<T> reading) {
        Future<T> read;
        try {
            read = reader.submit(() -> watched(reading));
        } catch (RejectedExecutionException full) {
            throw new Unreadable("", BUSY);
        }
        try {
            return read.get(settings.mostWait().plus(settings.longest()).toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            read.cancel(true);
            throw new Unreadable("", BUSY);
        } catch (InterruptedException stopped) {
            read.cancel(true);
            Thread.currentThread().interrupt();
            throw new Unreadable("", BUSY);
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException known) {
                throw known;
            }
            throw new IllegalStateException("A file could not be read", failed.getCause());
        }
    }

    private <T> T watched(Callable<T> reading) throws Exception {
        Thread self = Thread.currentThread();
        ScheduledFuture<?> end =
                watch.schedule(self::interrupt, settings.longest().toMillis(), TimeUnit.MILLISECONDS);
        try {
            return reading.call();
        } finally {
            end.cancel(false);
            // The mark must not be left to the next file.
            Thread.interrupted();
        }
    }

    @PreDestroy
    void close() {
        reader.shutdownNow();
        watch.shutdownNow();
    }
}
