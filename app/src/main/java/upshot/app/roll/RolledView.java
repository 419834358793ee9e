package upshot.app.roll;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import upshot.core.plan.Brief;
import upshot.core.roll.DayLog;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;

/**
 * How the day stands by its log, for the desk.
 *
 * @param summary what is got, how far behind, in a line
 * @param next what is next, empty when nothing is left
 * @param facts how the day runs, each with its name
 * @param stops setups: what was shot in the order in which it was, then as they are to be shot
 * @param takes the newest first
 * @param mayGo who is not needed any more
 * @param orders that were taken on phones, the newest first
 * @param empty whether nothing was logged yet
 */
record RolledView(
        String summary,
        String next,
        List<Fact> facts,
        List<StopRow> stops,
        List<TakeRow> takes,
        List<String> mayGo,
        List<String> withdrawn,
        List<OrderRow> orders,
        boolean empty) {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    /** Something of the day as it runs. */
    record Fact(String name, String words) {}

    /**
     * A setup; {@code next} where it is its turn.
     *
     * @param rolled when it rolled and how much later than planned, empty before
     */
    record StopRow(int number, String planned, String rolled, String name, boolean next, List<ShotMark> shots) {}

    /**
     * A shot of it.
     *
     * @param sort the word by which its shape is chosen
     * @param words how it stands
     */
    record ShotMark(String code, String sort, String words) {}

    /** A take. */
    record TakeRow(String at, String what, String camera, String clean, String judged, String clip) {}

    /**
     * Another order of what was left.
     *
     * @param holds whether it is the newest, by which the phones go
     */
    record OrderRow(String id, String at, String codes, boolean holds) {}

    static RolledView of(Verdict verdict, List<LogEntry> entries, long nowMs) {
        LoggedDay day = LoggedDay.of(verdict.plan(), verdict.day());
        DayLog log = new DayLog(day, entries);
        return new RolledRows(day, log, log.state(nowMs), nowMs).view();
    }

    static String clock(Brief brief, long ms) {
        ZoneId zone = brief.zone().isEmpty() ? ZoneId.systemDefault() : brief.clock();
        return CLOCK.format(Instant.ofEpochMilli(ms).atZone(zone));
    }
}
