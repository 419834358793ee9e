package upshot.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Entries that came when their phone's way in had ended, as text; they wait for somebody to say what becomes of them. */
@Component
public class LogApart {

    private static final int AT_ONCE = 500;

    private final JdbcClient jdbc;
    private final JdbcTemplate batches;

    LogApart(JdbcClient jdbc, JdbcTemplate batches) {
        this.jdbc = jdbc;
        this.batches = batches;
    }

    /**
     * An entry that waits.
     *
     * @param entry as in the file of a log
     */
    public record Waiting(UUID id, UUID crewPhoneId, Instant receivedAt, String entry) {}

    /** Adds those that do not wait yet. */
    public void add(UUID jobId, List<Waiting> waiting) {
        batches.batchUpdate(
                "insert into log_apart (job_id, id, crew_phone_id, received_at, entry) values (?, ?, ?, ?, ?)"
                        + " on duplicate key update id = id",
                waiting,
                AT_ONCE,
                (row, one) -> {
                    row.setObject(1, jobId.toString());
                    row.setObject(2, one.id().toString());
                    row.setObject(3, one.crewPhoneId().toString());
                    row.setObject(4, LocalDateTime.ofInstant(one.receivedAt(), ZoneOffset.UTC));
                    row.setObject(5, one.entry());
                });
    }

    public int count(UUID jobId) {
        return jdbc.sql("select count(*) from log_apart where job_id = ?")
                .param(jobId.toString())
                .query(Integer.class)
                .single();
    }

    public List<Waiting> of(UUID jobId) {
        return jdbc.sql("select id, crew_phone_id, received_at, entry from log_apart where job_id = ?"
                        + " order by received_at, id")
                .param(jobId.toString())
                .query((row, index) -> waiting(row))
                .list();
    }

    public void remove(UUID jobId, Collection<UUID> ids) {
        if (!ids.isEmpty()) {
            jdbc.sql("delete from log_apart where job_id = :job and id in (:ids)")
                    .param("job", jobId.toString())
                    .param("ids", ids.stream().map(UUID::toString).toList())
                    .update();
        }
    }

    private static Waiting waiting(ResultSet row) throws SQLException {
        return new Waiting(
                UUID.fromString(row.getString("id")),
                UUID.fromString(row.getString("crew_phone_id")),
                row.getObject("received_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                row.getString("entry"));
    }
}
