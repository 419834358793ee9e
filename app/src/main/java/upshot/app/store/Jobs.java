package upshot.app.store;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Jobs by owner. */
public interface Jobs extends Repository<Job, UUID> {

    Job save(Job job);

    void delete(Job job);

    /** A job that is a person's own or shared with them; what is thrown away is nobody's. */
    @Query("select j from Job j where j.id = :id and j.deletedAt is null and (j.ownerId = :accountId or exists"
            + " (select m from JobMember m where m.jobId = j.id and m.accountId = :accountId))")
    Optional<Job> findVisible(UUID id, UUID accountId);

    /** Whosever it is; what is thrown away is not there. */
    @Query("select j from Job j where j.id = :id and j.deletedAt is null")
    Optional<Job> findThere(UUID id);

    /** A person's own job, even when it is thrown away. */
    Optional<Job> findByIdAndOwnerId(UUID id, UUID ownerId);

    /** Own and shared jobs, the latest first. */
    @Query("select j from Job j where j.deletedAt is null and (j.ownerId = :accountId or exists"
            + " (select m from JobMember m where m.jobId = j.id and m.accountId = :accountId))"
            + " order by j.changedAt desc")
    List<Job> findAllVisible(UUID accountId);

    List<Job> findByOwnerId(UUID ownerId);

    List<Job> findByDeletedAtBefore(Instant limit);

    /** The job with its row locked: edits of one job come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from Job j where j.id = :id")
    Optional<Job> lock(UUID id);
}
