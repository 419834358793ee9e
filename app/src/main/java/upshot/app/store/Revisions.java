package upshot.app.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The edits of jobs, oldest first. */
public interface Revisions extends Repository<Revision, Revision.Key> {

    Revision save(Revision revision);

    Optional<Revision> findByJobIdAndVersion(UUID jobId, long version);

    /** What a person did to a job, without the changes themselves. */
    @Query("select new upshot.app.store.Revisions$Step(r.version, r.label, r.undoes, r.redoes) from Revision r"
            + " where r.jobId = :jobId and r.accountId = :accountId order by r.version")
    List<Step> stepsOf(UUID jobId, UUID accountId);

    /** A revision without its changes. */
    record Step(long version, String label, Long undoes, Long redoes) {}
}
