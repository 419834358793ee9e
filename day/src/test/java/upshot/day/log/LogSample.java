package upshot.day.log;

import java.util.List;

/** A day of four shots in three setups that logs are held against. */
abstract class LogSample {

    static final double START = 1_760_000_000_000.0;
    static final double NEVER = START;

    /** Two shots of one setup, and one of a second and a third: settle 3 s, next size after 3 s, planned with 10 s. */
    static final LogTable TABLE = new LogTable(
            List.of(shot(0, 5, 0), shot(0, 0, 0), shot(1, 0, START + 60_000), shot(2, 1, 0)),
            List.of(setup(0, 0), setup(600, 0, 1), setup(1200, 1)),
            2);

    private static LogTable.Setup setup(double readyS, Integer... people) {
        double ready = START + readyS * 1000;
        return new LogTable.Setup(ready, ready + 300_000, ready + 600_000, List.of(people));
    }

    private static LogTable.Shot shot(int setup, double needS, double lostAfterMs) {
        return new LogTable.Shot(setup, 3, 3, needS, 10, lostAfterMs, lostAfterMs > 0);
    }
}
