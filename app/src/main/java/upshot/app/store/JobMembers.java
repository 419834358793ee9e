package upshot.app.store;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Who shares which job. */
public interface JobMembers extends Repository<JobMember, JobMember.Key> {

    JobMember save(JobMember member);

    void delete(JobMember member);

    List<JobMember> findByJobId(UUID jobId);

    Optional<JobMember> findByJobIdAndAccountId(UUID jobId, UUID accountId);
}
