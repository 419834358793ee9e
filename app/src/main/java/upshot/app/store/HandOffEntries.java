package upshot.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.exchange.json.HandOffJson;

/** What was said at hand-offs, in the order in which it arrived. */
@Component
public class HandOffEntries {

    private static final String COLUMNS =
            "select number, id, account_id, said_at, what, clip_id, take_id, use_id, shot_id, words, amount, remark, clips"
                    + " from hand_off_entry ";

    private final JdbcClient jdbc;
    private final JdbcTemplate batches;

    HandOffEntries(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.batches = batches;
    }

    /**
     * An entry as it is kept.
     *
     * @param number counts up in the job, from 1
     * @param accountId who said it, if they have an account
     */
    public record Kept(long number, Optional<UUID> accountId, Instant saidAt, HandOffEntry entry) {}

    /** Adds entries behind the last. */
    public void add(UUID jobId, List<Kept> entries) {
        batches.batchUpdate(
                "insert into hand_off_entry (job_id, number, id, account_id, said_at, what, clip_id, take_id, use_id, shot_id,"
                        + " words, amount, remark, clips) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                entries,
                entries.size(),
                (row, kept) -> {
                    HandOffEntry entry = kept.entry();
                    Object[] values = {
                        jobId.toString(),
                        kept.number(),
                        entry.id().toString(),
                        text(kept.accountId()),
                        LocalDateTime.ofInstant(kept.saidAt(), ZoneOffset.UTC),
                        entry.what().name(),
                        text(entry.clipId()),
                        text(entry.takeId()),
                        text(entry.useId()),
                        text(entry.shotId()),
                        entry.words(),
                        entry.amount(),
                        entry.remark(),
                        entry.clips().isEmpty() ? null : HandOffJson.writeClips(entry.clips())
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
        return jdbc.sql("select coalesce(max(number), 0) from hand_off_entry where job_id = ?")
                .param(jobId.toString())
                .query(Long.class)
                .single();
    }

    /** All entries of a job, the oldest first. */
    public List<Kept> of(UUID jobId) {
        return jdbc.sql(COLUMNS + "where job_id = ? order by number")
                .param(jobId.toString())
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

    /** All that somebody said. */
    public List<Kept> ofAccount(UUID accountId) {
        return jdbc.sql(COLUMNS + "where account_id = ? order by said_at, number")
                .param(accountId.toString())
                .query((row, index) -> kept(row))
                .list();
    }

    private static Kept kept(ResultSet row) throws SQLException {
        return new Kept(
                row.getLong("number"),
                id(row, "account_id"),
                row.getObject("said_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                new HandOffEntry(
                        UUID.fromString(row.getString("id")),
                        HandOffWhat.valueOf(row.getString("what")),
                        id(row, "clip_id"),
                        id(row, "take_id"),
                        id(row, "use_id"),
                        id(row, "shot_id"),
                        row.getString("words"),
                        row.getDouble("amount"),
                        row.getString("remark"),
                        Optional.ofNullable(row.getString("clips"))
                                .map(HandOffJson::readClips)
                                .orElse(List.of())));
    }

    private static Optional<UUID> id(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getString(column)).map(UUID::fromString);
    }
}
