package upshot.day.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Logs of three phones as they might come: mostly sensible, sometimes not, clocks astray. */
public final class RandomLog {

    private static final int PHONES = 3;
    private static final double START = 1_760_000_000_000.0;

    private RandomLog() {}

    /** So many lines, each phone's numbered in the order in which it said them. */
    public static List<LogLine> of(Random random, LogTable table, int size) {
        List<LogLine> lines = new ArrayList<>();
        int[] numbers = new int[PHONES];
        double[] astray = {0, 3_600_000.0 * (random.nextInt(3) - 1), random.nextInt(5000)};
        List<Integer> takes = new ArrayList<>();
        double atMs = START;
        for (int i = 0; i < size; i++) {
            atMs += random.nextInt(20_000);
            int phone = random.nextInt(PHONES);
            What what = takes.isEmpty() ? What.ROLL : What.at(random.nextInt(What.values().length));
            boolean ofTake = what.ofAnother() && what != What.TAKEN_BACK;
            int of = ofTake ? takes.get(Math.max(0, takes.size() - 1 - random.nextInt(4))) : -1;
            lines.add(new LogLine(
                    what,
                    atMs + astray[phone],
                    phone,
                    numbers[phone]++,
                    what == What.TAKEN_BACK ? random.nextInt(i) : of,
                    random.nextInt(table.shots().size()),
                    random.nextInt(2),
                    random.nextInt(9),
                    random.nextInt(30),
                    what == What.ORDER
                            ? List.of(new LogLine.Turn(
                                    random.nextInt(table.shots().size()), atMs, atMs + 60_000))
                            : List.of()));
            if (what.beginsTake()) {
                takes.add(i);
            }
        }
        return lines;
    }
}
