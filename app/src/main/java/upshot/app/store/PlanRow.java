package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.io.Serializable;
import java.util.Objects;
import java.util.UUID;

/**
 * A row of one of the plan's tables. Its fields carry the names of the record's components, so that {@link RowMapper}
 * can copy them; ids are unique within a job only.
 */
@MappedSuperclass
abstract class PlanRow {

    @Id
    @Column(name = "job_id")
    UUID jobId;

    @Id
    UUID id;

    /** The two columns that make a plan row unique. */
    static final class Key implements Serializable {
        private static final long serialVersionUID = 1L;

        UUID jobId;
        UUID id;

        @Override
        public boolean equals(Object other) {
            return other instanceof Key that && Objects.equals(jobId, that.jobId) && Objects.equals(id, that.id);
        }

        @Override
        public int hashCode() {
            return Objects.hash(jobId, id);
        }
    }
}
