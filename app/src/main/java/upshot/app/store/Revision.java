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
    private UUID editId;
    private String shown;
    private Long undoes;
    private Long redoes;
    private String changes;

    protected Revision() {}

    /**
     * How an edit is known and shown.
     *
     * @param editId by which its page knows it, or null
     * @param shown JSON of what the page selects afterwards
     */
    public record Said(Instant madeAt, String label, UUID editId, String shown) {}

    /**
     * @param undoes the version this one takes back, or null
     * @param redoes the undo this one takes back, or null
     */
    public Revision(Key key, UUID accountId, Said said, Long undoes, Long redoes, String changes) {
        this.jobId = key.jobId;
        this.version = key.version;
        this.accountId = accountId;
        this.madeAt = said.madeAt();
        this.label = said.label();
        this.editId = said.editId();
        this.shown = said.shown();
        this.undoes = undoes;
        this.redoes = redoes;
        this.changes = changes;
    }

    public UUID accountId() {
        return accountId;
    }

    public String shown() {
        return shown;
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
