package upshot.app.store;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * With which addresses a job is shared until whoever it is comes by. Sharing writes the address down and nothing else, so
 * that it does not tell whether anybody has an account of it.
 */
@Component
public class Invitations {

    private final JdbcClient jdbc;

    Invitations(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional
    public void invite(UUID jobId, String email, Instant now) {
        jdbc.sql("insert ignore into job_invitation (job_id, email, invited_at) values (?, ?, ?)")
                .params(jobId.toString(), email, LocalDateTime.ofInstant(now, ZoneOffset.UTC))
                .update();
    }

    public List<String> of(UUID jobId) {
        return jdbc.sql("select email from job_invitation where job_id = ? order by email")
                .param(jobId.toString())
                .query(String.class)
                .list();
    }

    @Transactional
    public void takeBack(UUID jobId, String email) {
        jdbc.sql("delete from job_invitation where job_id = ? and email = ?")
                .params(jobId.toString(), email)
                .update();
    }

    /**
     * Makes somebody a member of the jobs that were shared with their address.
     *
     * @return whether there was any
     */
    @Transactional
    public boolean accept(UUID accountId, String email) {
        int made = jdbc.sql("insert ignore into job_member (job_id, account_id, added_at)"
                        + " select i.job_id, ?, i.invited_at from job_invitation i join job j on j.id = i.job_id"
                        + " where i.email = ? and j.owner_id <> ?")
                .params(accountId.toString(), email, accountId.toString())
                .update();
        jdbc.sql("delete from job_invitation where email = ?").param(email).update();
        return made > 0;
    }
}
