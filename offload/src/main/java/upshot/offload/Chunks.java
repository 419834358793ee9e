package upshot.offload;

import java.nio.ByteBuffer;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.atomic.AtomicInteger;

/** A few pieces of memory that go round between who reads and who writes. */
final class Chunks {

    /** Of one piece: a multiple of any file system's block. */
    static final int BYTES = 4 << 20;

    private static final int ALIGNED = 1 << 20;

    private final int most;
    private final BlockingQueue<Chunk> free;
    private int made;

    /** @param most how many there are when all are in use; for one thread that takes them */
    Chunks(int most) {
        this.most = most;
        this.free = new ArrayBlockingQueue<>(most);
    }

    /** One piece. It comes back when everybody who was given it has let it go. */
    final class Chunk {

        private final ByteBuffer bytes = aligned();
        private final AtomicInteger users = new AtomicInteger();

        ByteBuffer empty() {
            return bytes.clear();
        }

        /** What was read into it, for one who looks at it alone. */
        ByteBuffer content() {
            return bytes.duplicate().flip();
        }

        void givenTo(int number) {
            users.set(number);
        }

        void letGo() {
            if (users.decrementAndGet() == 0) {
                free.add(this);
            }
        }
    }

    Chunk take() throws InterruptedException {
        Chunk left = free.poll();
        if (left == null && made < most) {
            made++;
            return new Chunk();
        }
        return left == null ? free.take() : left;
    }

    /** A piece of memory that direct readings can go into. */
    static ByteBuffer aligned() {
        return ByteBuffer.allocateDirect(BYTES + ALIGNED)
                .alignedSlice(ALIGNED)
                .limit(BYTES)
                .slice();
    }
}
