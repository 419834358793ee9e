package upshot.day.log;

/** What a line of the log says. The names and their order are kept: they are written down. */
public enum What {
    /** A camera rolls on a shot; the line is the take. */
    ROLL,
    /** A camera rolls on something that nobody planned. */
    EXTRA,
    /** A bump, a passer-by, hunting focus, noise: the clean stretch ends and the next begins. */
    NOT_CLEAN,
    /** In one run, the next size begins. */
    NEXT_SIZE,
    STOP,
    /** The take is a keeper. */
    KEEP,
    /** The take is no keeper, for a reason. */
    AGAIN,
    /** A take that was rolled without the phone, with its clean seconds; a keeper. */
    ENTERED,
    /** An extra is given an action and a size. */
    NAMED,
    /** The clip and the card that a take is on. */
    CLIP,
    /** A setup waits until the next one is shot. */
    LATER,
    /** A shot will not be made. */
    LET_GO,
    /** The cautions of a setup are read. */
    READ,
    /** A ready check of a setup is ticked, or not any more. */
    CHECK,
    /** Somebody's consent is given, open or withdrawn. */
    CONSENT,
    /** Somebody may go. */
    RELEASED,
    /** A camera has filmed the phone's clock. */
    CLOCK,
    /** Somebody at the desk says something to everybody. */
    LINE,
    /** What is left, in another order, with its times. */
    ORDER,
    /** A line of the log does not count. */
    TAKEN_BACK;

    private static final What[] ALL = values();

    /** By its place; null for none. */
    static What at(int place) {
        return place < 0 || place >= ALL.length ? null : ALL[place];
    }

    /** Whether the line begins a take. */
    public boolean beginsTake() {
        return this == ROLL || this == EXTRA || this == ENTERED;
    }

    /** Whether the line speaks of another line, which then has to be named. */
    public boolean ofAnother() {
        return switch (this) {
            case NOT_CLEAN, NEXT_SIZE, STOP, KEEP, AGAIN, NAMED, CLIP, TAKEN_BACK -> true;
            default -> false;
        };
    }

    /** Whether the line has to say which shot, action or person it is about. */
    public boolean aboutSomething() {
        return switch (this) {
            case ROLL, NEXT_SIZE, ENTERED, NAMED, LATER, LET_GO, READ, CHECK, CONSENT, RELEASED -> true;
            default -> false;
        };
    }
}
