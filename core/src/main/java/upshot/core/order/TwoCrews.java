package upshot.core.order;

import java.util.stream.IntStream;

/** What two crews must not do to each other: share somebody at a time, turn round what must come first, split a moment. */
final class TwoCrews {

    private TwoCrews() {}

    /** By how many minutes setups of two crews break a limit between them, 0 for nothing. */
    static long brokenMin(Shoot shoot, Pace one, Pace other) {
        Shoot.Part part = shoot.part(one.setup());
        Shoot.Part with = shoot.part(other.setup());
        long broken = 0;
        int shared = Math.min(one.endMin(), other.endMin()) - Math.max(one.rollMin(), other.rollMin());
        boolean together = one.rollMin() == other.rollMin() && part.sameOnce().get(other.setup());
        if (shared > 0 && !together && sharesSomebody(part, with)) {
            broken += shared;
        }
        boolean turned = part.after().get(other.setup()) && one.endMin() > other.rollMin()
                || with.after().get(one.setup()) && other.endMin() > one.rollMin();
        boolean split = part.sameOnce().get(other.setup()) && one.rollMin() != other.rollMin();
        return broken + (turned ? 1 : 0) + (split ? 1 : 0);
    }

    private static boolean sharesSomebody(Shoot.Part one, Shoot.Part other) {
        return IntStream.of(one.people())
                .anyMatch(person -> IntStream.of(other.people()).anyMatch(same -> same == person));
    }
}
