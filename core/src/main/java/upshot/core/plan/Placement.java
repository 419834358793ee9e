package upshot.core.plan;

import upshot.core.measure.Labelled;

/** Where in the frame the subject stands. */
public enum Placement implements Labelled {
    LEFT_THIRD("left third"),
    CENTRE("centre"),
    RIGHT_THIRD("right third");

    private final String label;

    Placement(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
