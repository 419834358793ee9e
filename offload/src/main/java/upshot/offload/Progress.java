package upshot.offload;

import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongSupplier;

/** How far one of the two passes is. It may be told from several threads. */
final class Progress {

    /** What is told of it. */
    interface Told {
        /**
         * How it stands.
         *
         * @param doneBytes of
         * @param allBytes 0 where there is nothing to do
         * @param leftS seconds, as it went so far; below 0 while that is not known
         */
        void stands(Phase phase, long doneBytes, long allBytes, double leftS);
    }

    /** The passes. */
    enum Phase {
        COPYING,
        READING_BACK
    }

    private static final long EVERY_NS = 500_000_000;
    private static final double NS = 1e9;
    /** The first seconds are quicker than what follows. */
    private static final double KNOWN_AFTER_S = 2;

    private final Told told;
    private final LongSupplier clockNs;
    private final AtomicLong done = new AtomicLong();
    private final AtomicLong lastToldNs = new AtomicLong();
    private Phase phase = Phase.COPYING;
    private long all;
    private long beganNs;

    Progress(Told told, LongSupplier clockNs) {
        this.told = told;
        this.clockNs = clockNs;
    }

    void begin(Phase next, long bytes) {
        phase = next;
        all = bytes;
        done.set(0);
        beganNs = clockNs.getAsLong();
        lastToldNs.set(beganNs);
        told.stands(phase, 0, all, -1);
    }

    void more(long bytes) {
        long now = done.addAndGet(bytes);
        long ns = clockNs.getAsLong();
        long last = lastToldNs.get();
        if (ns - last >= EVERY_NS && lastToldNs.compareAndSet(last, ns)) {
            double spentS = (ns - beganNs) / NS;
            told.stands(phase, now, all, spentS < KNOWN_AFTER_S || now == 0 ? -1 : spentS / now * (all - now));
        }
    }
}
