package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What the camera does during the shot. */
public enum Move implements Labelled {
    STILL("still"),
    PAN("pan"),
    TILT("tilt"),
    SLIDE("slide"),
    PUSH("push in"),
    PULL("pull out"),
    ORBIT("orbit"),
    LIFT("lift"),
    FOLLOW("follow");

    private final String label;

    Move(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether the camera moves at all. */
    public boolean moving() {
        return this != STILL;
    }
}
