package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How the joint into a use is meant, where it is meant to be anything but straight. */
public enum Entry implements Labelled {
    STRAIGHT("straight cut"),
    JUMP("jump on purpose"),
    RETURN("declared return"),
    MATCHED("matched");

    private final String label;

    Entry(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
