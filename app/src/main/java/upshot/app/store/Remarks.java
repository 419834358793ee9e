package upshot.app.store;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What was said about jobs and their shots, line by line in the order in which it came. */
@Component
public class Remarks {

    private static final String COLUMNS =
            "select r.job_id, r.number, r.id, r.account_id, r.said_at, r.shot_id, r.takes_back, r.words from remark r ";

    private final JdbcClient jdbc;

    Remarks(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A line.
     *
     * @param number counts up in the job, from 1
     * @param id made where it was written
     * @param accountId who wrote it
     * @param shotId what it is about; the whole job where there is none
     * @param takesBack the line that this one takes back; then it says nothing itself
     * @param words at most 500 characters
     */
    public record Remark(
            UUID jobId,
            long number,
            UUID id,
            UUID accountId,
            Instant saidAt,
            Optional<UUID> shotId,
            Optional<UUID> takesBack,
            String words) {

        public Remark {
            saidAt = saidAt.truncatedTo(ChronoUnit.MICROS);
        }

        /** Whether it says the same about the same, whenever and as whichever line. */
        public boolean saysTheSame(Remark other) {
            return accountId.equals(other.accountId)
                    && shotId.equals(other.shotId)
                    && takesBack.equals(other.takesBack)
                    && words.equals(other.words);
        }
    }

    /** A line with the name of whoever wrote it. */
    public record Said(Remark remark, String who) {}

    /** Adds a line. */
    public void add(Remark remark) {
        jdbc.sql("insert into remark (job_id, number, id, account_id, said_at, shot_id, takes_back, words)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        remark.jobId().toString(),
                        remark.number(),
                        remark.id().toString(),
                        remark.accountId().toString(),
                        LocalDateTime.ofInstant(remark.saidAt(), ZoneOffset.UTC),
                        remark.shotId().map(UUID::toString).orElse(null),
                        remark.takesBack().map(UUID::toString).orElse(null),
                        remark.words())
                .update();
    }

    /** The number of the newest line of a job, 0 where there is none. */
    public long last(UUID jobId) {
        return jdbc.sql("select coalesce(max(number), 0) from remark where job_id = ?")
                .param(jobId.toString())
                .query(Long.class)
                .single();
    }

    /** All lines of a job. */
    public List<Remark> of(UUID jobId) {
        return jdbc.sql(COLUMNS + "where r.job_id = ? order by r.number")
                .param(jobId.toString())
                .query((row, index) -> remark(row))
                .list();
    }

    /** All lines that somebody wrote. */
    public List<Remark> ofAccount(UUID accountId) {
        return jdbc.sql(COLUMNS + "where r.account_id = ? order by r.said_at, r.number")
                .param(accountId.toString())
                .query((row, index) -> remark(row))
                .list();
    }

    /** What stands of a job's remarks: what was taken back is left out. */
    public List<Said> standing(UUID jobId) {
        return jdbc.sql("select r.job_id, r.number, r.id, r.account_id, r.said_at, r.shot_id, r.takes_back, r.words,"
                        + " a.display_name from remark r join account a on a.id = r.account_id"
                        + " where r.job_id = ? and r.takes_back is null and not exists (select 1 from remark b"
                        + " where b.job_id = r.job_id and b.takes_back = r.id) order by r.number")
                .param(jobId.toString())
                .query((row, index) -> new Said(remark(row), row.getString("display_name")))
                .list();
    }

    private static Remark remark(java.sql.ResultSet row) throws java.sql.SQLException {
        return new Remark(
                UUID.fromString(row.getString("job_id")),
                row.getLong("number"),
                UUID.fromString(row.getString("id")),
                UUID.fromString(row.getString("account_id")),
                row.getObject("said_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                id(row.getString("shot_id")),
                id(row.getString("takes_back")),
                row.getString("words"));
    }

    private static Optional<UUID> id(String text) {
        return Optional.ofNullable(text).map(UUID::fromString);
    }
}
