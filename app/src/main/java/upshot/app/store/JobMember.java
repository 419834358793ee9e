package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;

/** Somebody with whom a job is shared. */
@Entity
@Table(name = "job_member")
@IdClass(JobMember.Key.class)
public class JobMember {

    @Id
    private UUID jobId;

    @Id
    private UUID accountId;

    private Instant addedAt;

    protected JobMember() {}

    public JobMember(UUID jobId, UUID accountId, Instant addedAt) {
        this.jobId = jobId;
        this.accountId = accountId;
        this.addedAt = addedAt;
    }

    public UUID accountId() {
        return accountId;
    }

    /** A job and a person. */
    public static final class Key implements Serializable {
        private static final long serialVersionUID = 1L;

        private UUID jobId;
        private UUID accountId;

        protected Key() {}

        @Override
        public boolean equals(Object other) {
            return other instanceof Key that
                    && Objects.equals(jobId, that.jobId)
                    && Objects.equals(accountId, that.accountId);
        }

        @Override
        public int hashCode() {
            return Objects.hash(jobId, accountId);
        }
    }
}
