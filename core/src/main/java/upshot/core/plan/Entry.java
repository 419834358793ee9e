package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How the joint into a use is meant, where it is meant to be anything but straight. */
public enum Entry implements Labelled {
    STRAIGHT("straight cut"),
    JUMP("jump on purpose"),
    RETURN("declared return"),
    MATCHED("matched"),
    ACTION("cut on action"),
    WHIP("whip"),
    POSITION("matched position"),
    THROUGH("through the foreground"),
    LIFT_DROP("lift and drop"),
    DISSOLVE("dissolve"),
    WIPE("wipe"),
    REVEAL("reverse reveal"),
    RAMP("speed ramp"),
    REPEAT("repeated on purpose");

    private final String label;

    Entry(String label) {
        this.label = label;
    }

    /** Whether both pictures are seen at once for a while. */
    public boolean blends() {
        return this == DISSOLVE || this == WIPE;
    }

    @Override
    public String label() {
        return label;
    }
}
