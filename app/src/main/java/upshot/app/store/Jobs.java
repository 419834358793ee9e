package upshot.app.store;

import jakarta.persistence.LockModeType;
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

    Optional<Job> findByIdAndOwnerId(UUID id, UUID ownerId);

    List<Job> findByOwnerIdOrderByChangedAtDesc(UUID ownerId);

    /** The job with its row locked: edits of one job come one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from Job j where j.id = :id")
    Optional<Job> lock(UUID id);
}
