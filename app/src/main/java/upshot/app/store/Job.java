package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A job's row: whose it is and how far its revisions have come. What it holds is in the plan's tables. */
@Entity
@Table(name = "job")
public class Job {

    @Id
    private UUID id;

    private UUID ownerId;
    private long version;
    private Instant createdAt;
    private Instant changedAt;

    protected Job() {}

    public Job(UUID id, UUID ownerId, Instant now) {
        this.id = id;
        this.ownerId = ownerId;
        this.createdAt = now;
        this.changedAt = now;
    }

    public UUID id() {
        return id;
    }

    public UUID ownerId() {
        return ownerId;
    }

    public long version() {
        return version;
    }

    public Instant changedAt() {
        return changedAt;
    }

    /** Moves on to the next revision and returns its number. */
    public long advance(Instant now) {
        version++;
        changedAt = now;
        return version;
    }
}
