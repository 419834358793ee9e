package upshot.day;

/** What no order may break. */
public enum Limit {
    /** The crew is done by the wrap. */
    WRAP,
    /** The action's own hours, those of its people and its spot, and the light that it asks for. */
    HOURS,
    /** A fixed moment finds the camera ready. */
    MOMENT,
    PINNED,
    /** What happens once is taken in one run, by as many cameras as there are. */
    ONCE,
    /** What must come before something else. */
    BEFORE,
    /** Nobody is with two crews at a time. */
    TWO_PLACES
}
