package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import upshot.core.verdict.Edition;

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
    private Instant archivedAt;
    private Instant deletedAt;
    private int rulesKnown;

    protected Job() {}

    public Job(UUID id, UUID ownerId, Instant now) {
        this.id = id;
        this.ownerId = ownerId;
        this.createdAt = now;
        this.changedAt = now;
        this.rulesKnown = Edition.LATEST.number();
    }

    public UUID id() {
        return id;
    }

    public UUID ownerId() {
        return ownerId;
    }

    /** Passes it on. */
    public void giveTo(UUID accountId) {
        ownerId = accountId;
    }

    public long version() {
        return version;
    }

    public Instant changedAt() {
        return changedAt;
    }

    public boolean archived() {
        return archivedAt != null;
    }

    public boolean deleted() {
        return deletedAt != null;
    }

    /** Whether the rules have been rewritten since its owner was last told of it. */
    public boolean rulesAreNews() {
        return rulesKnown < Edition.LATEST.number();
    }

    /** Its owner has seen what the rules are now. */
    public void knowRules() {
        rulesKnown = Edition.LATEST.number();
    }

    /** Puts it away, or takes it out again with null. */
    public void archive(Instant at) {
        archivedAt = at;
    }

    /** Throws it away; null brings it back. What is thrown away goes for good a while later. */
    public void delete(Instant at) {
        deletedAt = at;
    }

    /** Moves on to the next revision and returns its number. */
    public long advance(Instant now) {
        version++;
        changedAt = now;
        return version;
    }
}
