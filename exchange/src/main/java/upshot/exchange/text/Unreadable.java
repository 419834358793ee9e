package upshot.exchange.text;

/** A file that cannot be read rightly; nothing of it is taken. The message says where and what was expected. */
public final class Unreadable extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    /**
     * @param where the line, event, row or record, as a person would look for it; empty for the whole file
     */
    public Unreadable(String where, String why) {
        super(where.isEmpty() ? why : where + ": " + why);
    }
}
