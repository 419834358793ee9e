package upshot.exchange.json;

/** JSON that is no change or no value of its field; the message says where and what was expected. */
public final class UnreadableJson extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    public UnreadableJson(String message) {
        super(message);
    }

    public UnreadableJson(String message, Throwable cause) {
        super(message, cause);
    }
}
