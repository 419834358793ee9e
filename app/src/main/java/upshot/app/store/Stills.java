package upshot.app.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.exchange.still.Still;

/**
 * The reference pictures of a job, each once, by the hash of its bytes. They stay as long as the job, so that an undo
 * finds them again.
 */
@Component
public class Stills {

    /** In a job. */
    public static final int MOST = 1000;

    private final JdbcClient jdbc;

    Stills(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Keeps a picture; one that is there already stays as it is. */
    @Transactional
    public void keep(UUID jobId, Still still) {
        jdbc.sql("insert ignore into still (job_id, hash, width_px, height_px, jpeg) values (?, ?, ?, ?, ?)")
                .params(jobId.toString(), still.hash(), still.widthPx(), still.heightPx(), still.jpeg())
                .update();
    }

    /** Whether a job holds as many pictures as it may: more than one for every shot. */
    public boolean full(UUID jobId) {
        return jdbc.sql("select count(*) from still where job_id = ?")
                        .param(jobId.toString())
                        .query(Integer.class)
                        .single()
                >= MOST;
    }

    /** The pictures of a job, by their hashes. */
    public List<String> hashes(UUID jobId) {
        return jdbc.sql("select hash from still where job_id = ? order by hash")
                .param(jobId.toString())
                .query(String.class)
                .list();
    }

    /** The JPEG of a picture that belongs to the job. */
    public Optional<byte[]> find(UUID jobId, String hash) {
        return jdbc.sql("select jpeg from still where job_id = ? and hash = ?")
                .params(jobId.toString(), hash)
                .query(byte[].class)
                .optional();
    }

    /** Gives a copied job the pictures of the one it was copied from. */
    @Transactional
    public void copy(UUID fromJobId, UUID toJobId) {
        jdbc.sql("insert into still (job_id, hash, width_px, height_px, jpeg)"
                        + " select ?, hash, width_px, height_px, jpeg from still where job_id = ?")
                .params(toJobId.toString(), fromJobId.toString())
                .update();
    }
}
