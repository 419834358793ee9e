package upshot.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The codes a job has ever given to shots. */
@Component
public class ShotCodes {

    private final JdbcClient jdbc;

    ShotCodes(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public List<String> everGiven(UUID jobId) {
        return jdbc.sql("select code from shot_code where job_id = ?")
                .param(jobId.toString())
                .query(String.class)
                .list();
    }

    /**
     * Writes down that a shot bears a code; the same shot may take its own code again.
     *
     * @return false when the code belongs to another shot, removed or not
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean claim(UUID jobId, String code, UUID shotId) {
        jdbc.sql("insert ignore into shot_code (job_id, code, shot_id) values (?, ?, ?)")
                .params(jobId.toString(), code, shotId.toString())
                .update();
        return jdbc.sql("select shot_id = ? from shot_code where job_id = ? and code = ?")
                .params(shotId.toString(), jobId.toString(), code)
                .query(Boolean.class)
                .single();
    }
}
