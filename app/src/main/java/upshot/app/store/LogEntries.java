package upshot.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.json.LogJson;

/** The logs of days, entry by entry in the order in which they arrived. */
@Component
public class LogEntries {

    private static final String COLUMNS =
            "select number, id, phone_id, phone_number, account_id, crew_phone_id, received_at,"
                    + " at_ms, offset_ms, what, of_id, about_id, body_id, detail, amount, words, turns from log_entry ";

    private static final int AT_ONCE = 500;

    private final JdbcClient jdbc;
    private final JdbcTemplate batches;

    LogEntries(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.batches = batches;
    }

    /**
     * An entry as it is kept.
     *
     * @param number counts up in the job, from 1
     * @param accountId who sent it, with an account
     * @param crewPhoneId which phone of the crew sent it, without one
     */
    public record Kept(
            long number, Optional<UUID> accountId, Optional<UUID> crewPhoneId, Instant receivedAt, LogEntry entry) {}

    /** Adds entries behind the last. */
    public void add(UUID jobId, List<Kept> entries) {
        batches.batchUpdate(
                "insert into log_entry (job_id, number, id, phone_id, phone_number, account_id, crew_phone_id, received_at,"
                        + " at_ms, offset_ms, what, of_id, about_id, body_id, detail, amount, words, turns)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                entries,
                AT_ONCE,
                (row, kept) -> {
                    LogEntry entry = kept.entry();
                    Object[] values = {
                        jobId.toString(),
                        kept.number(),
                        entry.id().toString(),
                        entry.phoneId().toString(),
                        entry.number(),
                        text(kept.accountId()),
                        text(kept.crewPhoneId()),
                        LocalDateTime.ofInstant(kept.receivedAt(), ZoneOffset.UTC),
                        entry.atMs(),
                        entry.offsetMs(),
                        entry.what().name(),
                        text(entry.of()),
                        text(entry.about()),
                        text(entry.bodyId()),
                        entry.detail(),
                        entry.amount(),
                        entry.words(),
                        entry.turns().isEmpty() ? null : LogJson.writeTurns(entry.turns())
                    };
                    for (int i = 0; i < values.length; i++) {
                        row.setObject(i + 1, values[i]);
                    }
                });
    }

    private static String text(Optional<UUID> id) {
        return id.map(UUID::toString).orElse(null);
    }

    /** The number of the newest entry of a job, 0 where there is none. */
    public long last(UUID jobId) {
        return jdbc.sql("select coalesce(max(number), 0) from log_entry where job_id = ?")
                .param(jobId.toString())
                .query(Long.class)
                .single();
    }

    /** When the last take of a job's log arrived here, by this machine's clock and not by a phone's. */
    public Optional<Instant> lastTakeReceivedAt(UUID jobId) {
        return jdbc.sql("select max(received_at) from log_entry where job_id = :job and what in (:takes)")
                .param("job", jobId.toString())
                .param(
                        "takes",
                        Arrays.stream(What.values())
                                .filter(What::beginsTake)
                                .map(What::name)
                                .toList())
                .query(LocalDateTime.class)
                .optional()
                .map(at -> at.toInstant(ZoneOffset.UTC));
    }

    /** Entries of a job behind a number, the oldest first. */
    public List<Kept> since(UUID jobId, long number, int most) {
        return jdbc.sql(COLUMNS + "where job_id = ? and number > ? order by number limit ?")
                .params(jobId.toString(), number, most)
                .query((row, index) -> kept(row))
                .list();
    }

    /** Those entries of a job that have one of these ids. */
    public List<Kept> withIds(UUID jobId, Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : jdbc.sql(COLUMNS + "where job_id = :job and id in (:ids)")
                        .param("job", jobId.toString())
                        .param("ids", ids.stream().map(UUID::toString).toList())
                        .query((row, index) -> kept(row))
                        .list();
    }

    /** All entries that somebody sent. */
    public List<Kept> ofAccount(UUID accountId) {
        return jdbc.sql(COLUMNS + "where account_id = ? order by received_at, number")
                .param(accountId.toString())
                .query((row, index) -> kept(row))
                .list();
    }

    private static Kept kept(ResultSet row) throws SQLException {
        return new Kept(
                row.getLong("number"),
                id(row.getString("account_id")),
                id(row.getString("crew_phone_id")),
                row.getObject("received_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                new LogEntry(
                        UUID.fromString(row.getString("id")),
                        UUID.fromString(row.getString("phone_id")),
                        row.getInt("phone_number"),
                        row.getLong("at_ms"),
                        row.getLong("offset_ms"),
                        What.valueOf(row.getString("what")),
                        id(row.getString("of_id")),
                        id(row.getString("about_id")),
                        id(row.getString("body_id")),
                        row.getString("detail"),
                        row.getDouble("amount"),
                        row.getString("words"),
                        Optional.ofNullable(row.getString("turns"))
                                .map(LogJson::readTurns)
                                .orElse(List.of())));
    }

    private static Optional<UUID> id(String text) {
        return Optional.ofNullable(text).map(UUID::fromString);
    }
}
