package upshot.app.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Who shares which job. */
public interface JobMembers extends Repository<JobMember, JobMember.Key> {

    JobMember save(JobMember member);

    void delete(JobMember member);

    List<JobMember> findByJobId(UUID jobId);

    /** The first with whom it was shared comes first. */
    List<JobMember> findByJobIdOrderByAddedAt(UUID jobId);

    @Modifying
    @Query("delete from JobMember m where m.accountId = :accountId")
    void deleteByAccountId(UUID accountId);

    Optional<JobMember> findByJobIdAndAccountId(UUID jobId, UUID accountId);
}
