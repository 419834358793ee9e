package upshot.exchange.text;

import upshot.core.finding.Wording;

/** A file that cannot be read rightly; nothing of it is taken. The message says where and what was expected. */
public final class Unreadable extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;

    private static final int LONGEST = 260;

    /**
     * What it repeats of the file is cut short.
     *
     * @param where the line, event, row or record, as a person would look for it; empty for the whole file
     */
    public Unreadable(String where, String why) {
        super(where.isEmpty() ? shortened(why) : shortened(where) + ": " + shortened(why));
    }

    private static String shortened(String text) {
        return Wording.shortened(text, LONGEST);
    }
}
