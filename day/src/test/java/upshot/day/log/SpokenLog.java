package upshot.day.log;

import java.util.ArrayList;
import java.util.List;
import upshot.day.log.LogState.ShotState;

/** A log that a test speaks line by line, and what follows from it. */
abstract class SpokenLog extends LogSample {

    final List<LogLine> lines = new ArrayList<>();

    int say(What what, double atS, int of, int about) {
        return say(what, atS, 0, of, about, 0, 0);
    }

    int say(What what, double atS, int phone, int of, int about, int detail, double amount) {
        lines.add(new LogLine(
                what, START + atS * 1000, phone, lines.size(), of, about, phone, detail, amount, List.of()));
        return lines.size() - 1;
    }

    LogState state() {
        return LogFold.of(TABLE, lines, NEVER);
    }

    ShotState shot(int shot) {
        return state().shots().get(shot);
    }
}
