package upshot.day.log;

import java.util.ArrayList;
import java.util.List;

/** The takes of a log, as one line after the other makes them. */
final class Takes {

    private final LogTable table;
    private final Take[] byLine;
    private final Take[] rollingOnPhone;
    private final List<Take> all = new ArrayList<>();
    private final List<List<Take>> ofShot = new ArrayList<>();
    private int extras;

    Takes(LogTable table, List<LogLine> lines) {
        this.table = table;
        this.byLine = new Take[lines.size()];
        int phones = 0;
        for (LogLine line : lines) {
            phones = Math.max(phones, line.phone() + 1);
        }
        this.rollingOnPhone = new Take[phones];
        for (int shot = 0; shot < table.shots().size(); shot++) {
            ofShot.add(new ArrayList<>());
        }
    }

    List<Take> all() {
        return all;
    }

    List<Take> of(int shot) {
        return ofShot.get(shot);
    }

    /** A take begins; what still rolled on the same phone has stopped by then. */
    void begin(LogLine line, int place) {
        boolean planned = line.what() != What.EXTRA && table.isShot(line.about());
        int shot = planned ? line.about() : -1;
        Take take = new Take(line, place, planned ? ofShot.get(shot).size() + 1 : ++extras);
        take.begin(shot, line.atMs(), planned ? table.shots().get(shot).settleS() : 0);
        if (line.what() == What.ENTERED) {
            take.entered(line.amount());
        } else {
            Take before = rollingOnPhone[line.phone()];
            if (before != null && before.rolling()) {
                before.stop(line.atMs());
            }
            rollingOnPhone[line.phone()] = take;
        }
        byLine[place] = take;
        all.add(take);
        if (planned) {
            ofShot.get(shot).add(take);
        }
    }

    /** What a line says of a take; nothing where the take is not known. */
    void say(LogLine line, int place) {
        Take take = line.of() < 0 ? null : byLine[line.of()];
        if (take == null) {
            return;
        }
        switch (line.what()) {
            case KEEP -> take.judged(true, 0);
            case AGAIN -> take.judged(false, line.detail());
            case NAMED -> take.named(line.about(), line.detail());
            case CLIP -> take.clip(place);
            default -> {
                if (take.rolling()) {
                    whileItRolls(line, take);
                }
            }
        }
    }

    private void whileItRolls(LogLine line, Take take) {
        switch (line.what()) {
            case NOT_CLEAN -> take.clean(line.atMs());
            case STOP -> take.stop(line.atMs());
            case NEXT_SIZE -> {
                if (table.isShot(line.about())) {
                    nextSize(line, take);
                }
            }
            default -> {
                // Taking back has been done before.
            }
        }
    }

    private void nextSize(LogLine line, Take take) {
        if (!take.has(line.about())) {
            ofShot.get(line.about()).add(take);
        }
        take.clean(line.atMs());
        take.begin(line.about(), line.atMs(), table.shots().get(line.about()).reframeS());
    }
}
