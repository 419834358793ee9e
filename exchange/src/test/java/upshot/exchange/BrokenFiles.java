package upshot.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiConsumer;
import java.util.function.Function;
import upshot.exchange.text.Unreadable;

/** Breaks a good file in seeded ways and sees that an importer refuses it with a reason or reads it rightly. */
public final class BrokenFiles {

    private static final int FILES = 300;
    /** The thread's own time: a busy machine makes no importer slow. */
    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    private static final Duration LONGEST = Duration.ofSeconds(2);
    /** All that is allocated while a file of up to 16 MB is read, so more than is ever held at once. */
    private static final long MOST_ALLOCATED_BYTES = 256L << 20;
    /** All that is allocated while a file of up to 16 MB is read, so more than is ever held at once. */
    private static final List<String> HOSTILE = List.of(
            "=cmd|'/c calc'!A1",
            "<script>alert(1)</script>",
            "\u202Eevil",
            "'; drop table job; --",
            "\u0000",
            "\uFEFF",
            "${jndi:ldap://x}",
            "\uD83C\uDFAC",
            "../../etc/passwd",
            "%n%s%n",
            "\r\n\r\n",
            "9".repeat(400));

    private BrokenFiles() {}

    /**
     * @param read the importer; what it returns has been read whole, what it throws must be {@link Unreadable}
     * @param right fails when what was read is not what the file says
     */
    public static <T> void refusedOrReadRightly(
            byte[] good, Function<byte[], T> read, BiConsumer<byte[], ? super T> right) {
        right.accept(good, read.apply(good));
        int refused = 0;
        for (int seed = 0; seed < FILES; seed++) {
            byte[] broken = broken(good, new Random(seed), seed);
            Optional<T> taken = Optional.empty();
            try {
                taken = Optional.of(withinBounds(broken, read));
            } catch (Unreadable reason) {
                refused++;
                assertThat(reason.getMessage()).as("seed %d", seed).isNotBlank().hasSizeLessThan(600);
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError other) {
                fail("seed %d: %s".formatted(seed, other), other);
            }
            checked(seed, broken, taken, right);
        }
        assertThat(refused).as("of %d broken files".formatted(FILES)).isGreaterThan(FILES / 5);
    }

    /** Reads a file, whatever comes of it, in no more time and memory than an importer may take. */
    public static <T> T withinBounds(byte[] file, Function<byte[], T> read) {
        long before = THREADS.getCurrentThreadCpuTime();
        long allocated = allocatedBytes();
        try {
            return read.apply(file);
        } finally {
            assertThat(Duration.ofNanos(THREADS.getCurrentThreadCpuTime() - before))
                    .isLessThan(LONGEST);
            assertThat(allocatedBytes() - allocated).as("bytes allocated").isLessThan(MOST_ALLOCATED_BYTES);
        }
    }

    private static <T> void checked(int seed, byte[] file, Optional<T> taken, BiConsumer<byte[], ? super T> right) {
        try {
            taken.ifPresent(read -> right.accept(file, read));
        } catch (AssertionError wrong) {
            throw new AssertionError("seed %d is read wrongly: %s".formatted(seed, wrong.getMessage()), wrong);
        }
    }

    private static long allocatedBytes() {
        return THREADS.getThreadAllocatedBytes(Thread.currentThread().getId());
    }

    private static byte[] broken(byte[] good, Random random, int seed) {
        return switch (seed % 6) {
            case 0 -> Arrays.copyOf(good, random.nextInt(good.length));
            case 1 -> flipped(good, random);
            case 2 -> new String(good, StandardCharsets.ISO_8859_1).getBytes(StandardCharsets.UTF_16BE);
            case 3 -> repeated(good, random);
            case 4 ->
                inserted(
                        good,
                        random,
                        HOSTILE.get(random.nextInt(HOSTILE.size())).getBytes(StandardCharsets.UTF_8));
            default -> noise(random);
        };
    }

    private static byte[] flipped(byte[] good, Random random) {
        byte[] bytes = good.clone();
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
        }
        return bytes;
    }

    /** Many times over, up to some megabytes. */
    private static byte[] repeated(byte[] good, Random random) {
        int times = 2 + random.nextInt(Math.max(2, 6_000_000 / good.length));
        byte[] bytes = new byte[Math.min(good.length * times, 18_000_000)];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = good[i % good.length];
        }
        return bytes;
    }

    private static byte[] inserted(byte[] good, Random random, byte[] what) {
        int at = random.nextInt(good.length);
        byte[] bytes = new byte[good.length + what.length];
        System.arraycopy(good, 0, bytes, 0, at);
        System.arraycopy(what, 0, bytes, at, what.length);
        System.arraycopy(good, at, bytes, at + what.length, good.length - at);
        return bytes;
    }

    private static byte[] noise(Random random) {
        byte[] bytes = new byte[random.nextInt(4000)];
        random.nextBytes(bytes);
        return bytes;
    }
}
