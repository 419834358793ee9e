package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;

/** One confirmed edit of a job, with everything needed to take it back. */
@Entity
@Table(name = "revision")
@IdClass(Revision.Key.class)
public class Revision {

    @Id
    private UUID jobId;

    @Id
    private long version;

    private UUID accountId;
    private Instant madeAt;
    private String label;
    private Long undoes;
    private Long redoes;
    private String changes;

    protected Revision() {}

    /**
     * @param undoes the version this one takes back, or null
     * @param redoes the undo this one takes back, or null
     */
    public Revision(Key key, UUID accountId, Instant madeAt, String label, Long undoes, Long redoes, String changes) {
        this.jobId = key.jobId;
        this.version = key.version;
        this.accountId = accountId;
        this.madeAt = madeAt;
        this.label = label;
        this.undoes = undoes;
        this.redoes = redoes;
        this.changes = changes;
    }

    public long version() {
        return version;
    }

    public String label() {
        return label;
    }

    public String changes() {
        return changes;
    }

    /** A job and the number of a revision of it. */
    public static final class Key implements Serializable {
        private static final long serialVersionUID = 1L;

        private UUID jobId;
        private long version;

        protected Key() {}

        public Key(UUID jobId, long version) {
            this.jobId = jobId;
            this.version = version;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Key that && Objects.equals(jobId, that.jobId) && version == that.version;
        }

        @Override
        public int hashCode() {
            return Objects.hash(jobId, version);
        }
    }
}
