package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import upshot.core.plan.InvalidField;
import upshot.exchange.text.Stoppable;
import upshot.exchange.text.Unreadable;

/** Files are read one at a time, and the time limit fires. */
class FileReadingTest {

    private final FileReading context =
            new FileReading(new FileSettings(Duration.ofMillis(300), Duration.ofSeconds(5), 2));

    @AfterEach
    void close() {
        context.close();
    }

    /** What goes round for ever, as a broken library would. */
    private static int endless() throws Exception {
        byte[] file = new byte[64];
        while (true) {
            InputStream in = Stoppable.stream(file);
            while (in.read() >= 0) {
                Thread.onSpinWait();
            }
        }
    }

    @Test
    void what_never_ends_is_given_up_and_the_next_file_is_read() {
        assertThatThrownBy(() -> context.read(FileReadingTest::endless))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("took too long");
        assertThat(context.<Integer>read(() -> Stoppable.stream(new byte[] {7}).read()))
                .isEqualTo(7);
    }

    @Test
    void one_is_read_at_a_time_and_too_many_are_told_so() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        AtomicInteger atOnce = new AtomicInteger();
        Thread first = new Thread(() -> context.read(() -> {
            atOnce.incrementAndGet();
            begun.countDown();
            end.await();
            return atOnce.decrementAndGet();
        }));
        first.start();
        begun.await();
        Thread[] waiting = new Thread[2];
        for (int i = 0; i < 2; i++) {
            waiting[i] = new Thread(() ->
                    assertThat(context.<Integer>read(atOnce::incrementAndGet)).isPositive());
            waiting[i].start();
        }
        while (waiting[0].getState() != Thread.State.TIMED_WAITING
                || waiting[1].getState() != Thread.State.TIMED_WAITING) {
            Thread.onSpinWait();
        }

        assertThat(atOnce).hasValue(1);
        assertThatThrownBy(() -> context.read(() -> 1)).hasMessageContaining("Other files are being read");
        end.countDown();
        first.join();
        for (Thread one : waiting) {
            one.join();
        }
    }

    @Test
    void what_is_wrong_with_a_file_is_said_as_it_is() {
        assertThatThrownBy(() -> context.read(() -> {
                    throw new InvalidField("file", "no");
                }))
                .isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> context.read(() -> {
                    throw new java.io.IOException("gone");
                }))
                .isInstanceOf(IllegalStateException.class)
                .hasRootCauseMessage("gone");
    }
}
