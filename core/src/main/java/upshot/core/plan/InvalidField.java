package upshot.core.plan;

/** A value that a record cannot hold; the message is fit to be shown beside the field. */
public final class InvalidField extends IllegalArgumentException {

    private final String field;

    public InvalidField(String field, String message) {
        super(message);
        this.field = field;
    }

    /** The name of the record's component, for instance {@code bearingDeg}. */
    public String field() {
        return field;
    }
}
