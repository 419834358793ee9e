package upshot.app.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The edits of jobs, oldest first. */
public interface Revisions extends Repository<Revision, Revision.Key> {

    Revision save(Revision revision);

    Optional<Revision> findByJobIdAndVersion(UUID jobId, long version);

    /** The edit that a page knows by an id of its own. */
    Optional<Revision> findByJobIdAndEditId(UUID jobId, UUID editId);

    /** What a person did to a job, without the changes themselves. */
    @Query("select new upshot.app.store.Revisions$Step(r.version, r.label, r.undoes, r.redoes) from Revision r"
            + " where r.jobId = :jobId and r.accountId = :accountId order by r.version")
    List<Step> stepsOf(UUID jobId, UUID accountId);

    /** The name of whoever touched a record last, as far as revisions tell. */
    @Query(
            value = "select a.display_name from revision r join account a on a.id = r.account_id"
                    + " where r.job_id = :jobId and instr(r.changes, :recordId) > 0 order by r.version desc limit 1",
            nativeQuery = true)
    Optional<String> nameOfLastHand(UUID jobId, String recordId);

    default Optional<String> lastHand(UUID jobId, UUID recordId) {
        return nameOfLastHand(jobId, recordId.toString());
    }

    /** What a person did in any job, oldest first. */
    @Query("select new upshot.app.store.Revisions$Made(r.jobId, r.version, r.madeAt, r.label) from Revision r"
            + " where r.accountId = :accountId order by r.madeAt")
    List<Made> ofAccount(UUID accountId);

    /** An edit as its author is told of it. */
    record Made(UUID jobId, long version, Instant madeAt, String label) {}

    /** What others did after a version, oldest first. */
    @Query("select new upshot.app.store.Revisions$Others(a.displayName, r.label) from Revision r, Account a"
            + " where a.id = r.accountId and r.jobId = :jobId and r.version > :version and r.accountId <> :accountId"
            + " order by r.version")
    List<Others> ofOthersSince(UUID jobId, long version, UUID accountId);

    /** What somebody else did. */
    record Others(String who, String label) {}

    /** A revision without its changes. */
    record Step(long version, String label, Long undoes, Long redoes) {}
}
