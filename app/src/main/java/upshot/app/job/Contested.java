package upshot.app.job;

import upshot.core.plan.Conflict;

/** A conflict with the name of whoever changed the thing last. */
final class Contested extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient Conflict conflict;
    private final String who;

    /**
     * @param who empty when it is not known any more
     */
    Contested(Conflict conflict, String who) {
        super(conflict.getMessage(), conflict);
        this.conflict = conflict;
        this.who = who;
    }

    Conflict conflict() {
        return conflict;
    }

    String who() {
        return who;
    }
}
