package upshot.core.plan;

import java.util.UUID;

/** A change that was made for a plan which has since moved on. Nothing of it is applied. */
public final class Conflict extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String kind;
    private final UUID id;
    private final String field;
    private final transient Object present;
    private final transient Object wanted;

    Conflict(RecordKind<?> kind, UUID id, String field, Object present, Object wanted, String message) {
        super(message);
        this.kind = kind.name();
        this.id = id;
        this.field = field;
        this.present = present;
        this.wanted = wanted;
    }

    public String kind() {
        return kind;
    }

    public UUID id() {
        return id;
    }

    /** The field in question; empty when the whole record is missing or taken. */
    public String field() {
        return field;
    }

    /** What the plan holds now; null when there is no such record. */
    public Object present() {
        return present;
    }

    /** What the change wanted to put there; null when it wanted to remove. */
    public Object wanted() {
        return wanted;
    }
}
