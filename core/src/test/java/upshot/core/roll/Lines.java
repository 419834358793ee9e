package upshot.core.roll;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.SamplePlan;
import upshot.day.log.What;

/** Lines of a log for tests, by one phone. */
public final class Lines {

    private static final UUID PHONE = UUID.fromString("00000000-0000-4000-8000-0000000000aa");

    private Lines() {}

    /** Adds a line behind the others. */
    public static LogEntry say(
            SamplePlan sample,
            List<LogEntry> entries,
            What what,
            Instant at,
            Optional<UUID> of,
            Optional<UUID> about,
            String detail) {
        LogEntry entry = new LogEntry(
                sample.id(),
                PHONE,
                entries.size(),
                at.toEpochMilli(),
                0,
                what,
                of,
                about,
                Optional.empty(),
                detail,
                what == What.CHECK ? 1 : what == What.ENTERED ? 6 : 0,
                "",
                List.of());
        entries.add(entry);
        return entry;
    }
}
