package upshot.app.store;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Ways in for editors, one for a job at most. Of their secrets the hashes alone are here. */
@Component
public class EditorLinks {

    private final JdbcClient jdbc;

    EditorLinks(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** The one link of a job, in the place of the one before. */
    public void put(UUID jobId, String hash, UUID madeBy, Instant now, Instant expires) {
        takeBack(jobId);
        jdbc.sql("insert into editor_link (job_id, secret_hash, made_by, made_at, expires_at) values (?, ?, ?, ?, ?)")
                .params(jobId.toString(), hash, madeBy.toString(), utc(now), utc(expires))
                .update();
    }

    public void takeBack(UUID jobId) {
        jdbc.sql("delete from editor_link where job_id = ?")
                .param(jobId.toString())
                .update();
    }

    /** Until when a job's link lets somebody in, if it has one that still does. */
    public Optional<Instant> expiresAt(UUID jobId, Instant now) {
        return jdbc.sql("select expires_at from editor_link where job_id = ? and expires_at > ?")
                .params(jobId.toString(), utc(now))
                .query(LocalDateTime.class)
                .optional()
                .map(at -> at.toInstant(ZoneOffset.UTC));
    }

    /** The job that a secret opens, while it does. */
    public Optional<UUID> jobOf(String hash, Instant now) {
        return jdbc.sql("select job_id from editor_link where secret_hash = ? and expires_at > ?")
                .params(hash, utc(now))
                .query(String.class)
                .optional()
                .map(UUID::fromString);
    }

    private static LocalDateTime utc(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }
}
