package upshot.app.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Phones that a code of the day has admitted, and the codes. Of codes and keys the hashes alone are here. */
@Component
public class CrewPhones {

    private static final String COLUMNS =
            "select id, job_id, name, admitted_at, seen_at, taken_back_at from crew_phone ";
    private static final Duration SEEN_TO = Duration.ofMinutes(1);

    private final JdbcClient jdbc;

    CrewPhones(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A phone of the crew.
     *
     * @param name what its owner calls it
     * @param seenAt when it last asked for something, to the minute
     * @param takenBackAt when its way in was taken back by hand
     */
    public record CrewPhone(
            UUID id, UUID jobId, String name, Instant admittedAt, Instant seenAt, Optional<Instant> takenBackAt) {}

    /** The one code of a job, in the place of the one before. */
    public void putCode(UUID jobId, String hash, UUID madeBy, Instant now) {
        takeCodeBack(jobId);
        jdbc.sql("insert into crew_code (job_id, secret_hash, made_by, made_at) values (?, ?, ?, ?)")
                .params(jobId.toString(), hash, madeBy.toString(), utc(now))
                .update();
    }

    public void takeCodeBack(UUID jobId) {
        jdbc.sql("delete from crew_code where job_id = ?")
                .param(jobId.toString())
                .update();
    }

    /** When the code of a job was made, if it has one. */
    public Optional<Instant> codeMadeAt(UUID jobId) {
        return jdbc.sql("select made_at from crew_code where job_id = ?")
                .param(jobId.toString())
                .query(LocalDateTime.class)
                .optional()
                .map(at -> at.toInstant(ZoneOffset.UTC));
    }

    /** Whose code it is. */
    public Optional<UUID> jobOfCode(String hash) {
        return jdbc.sql("select job_id from crew_code where secret_hash = ?")
                .param(hash)
                .query(UUID.class)
                .optional();
    }

    public void add(CrewPhone phone, String keyHash) {
        jdbc.sql("insert into crew_phone (id, job_id, key_hash, name, admitted_at, seen_at) values (?, ?, ?, ?, ?, ?)")
                .params(
                        phone.id().toString(),
                        phone.jobId().toString(),
                        keyHash,
                        phone.name(),
                        utc(phone.admittedAt()),
                        utc(phone.seenAt()))
                .update();
    }

    public Optional<CrewPhone> withKey(UUID jobId, String keyHash) {
        return jdbc.sql(COLUMNS + "where key_hash = ? and job_id = ?")
                .params(keyHash, jobId.toString())
                .query((row, index) -> phone(row))
                .optional();
    }

    /** Phones of a job, the latest first. */
    public List<CrewPhone> of(UUID jobId) {
        return jdbc.sql(COLUMNS + "where job_id = ? order by admitted_at desc, id")
                .param(jobId.toString())
                .query((row, index) -> phone(row))
                .list();
    }

    /** Notes that a phone was there, once a minute. */
    public void seen(CrewPhone phone, Instant now) {
        if (Duration.between(phone.seenAt(), now).compareTo(SEEN_TO) >= 0) {
            jdbc.sql("update crew_phone set seen_at = ? where id = ?")
                    .params(utc(now), phone.id().toString())
                    .update();
        }
    }

    /** Takes a phone's way in back; one that was taken back before stays as it was. */
    public void takeBack(UUID jobId, UUID phoneId, Instant now) {
        jdbc.sql("update crew_phone set taken_back_at = ? where job_id = ? and id = ? and taken_back_at is null")
                .params(utc(now), jobId.toString(), phoneId.toString())
                .update();
    }

    /** Another text where a code was made or ended, a phone came or went, or something was set apart or settled. */
    public String state(UUID jobId) {
        return jdbc.sql("select concat((select count(*) from crew_phone where job_id = :job), '-',"
                        + " (select count(taken_back_at) from crew_phone where job_id = :job), '-',"
                        + " (select count(*) from log_apart where job_id = :job), '-',"
                        + " coalesce((select left(secret_hash, 8) from crew_code where job_id = :job), ''))")
                .param("job", jobId.toString())
                .query(String.class)
                .single();
    }

    private static LocalDateTime utc(Instant instant) {
        return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        LocalDateTime at = row.getObject(column, LocalDateTime.class);
        return at == null ? null : at.toInstant(ZoneOffset.UTC);
    }

    private static CrewPhone phone(ResultSet row) throws SQLException {
        return new CrewPhone(
                UUID.fromString(row.getString("id")),
                UUID.fromString(row.getString("job_id")),
                row.getString("name"),
                instant(row, "admitted_at"),
                instant(row, "seen_at"),
                Optional.ofNullable(instant(row, "taken_back_at")));
    }
}
