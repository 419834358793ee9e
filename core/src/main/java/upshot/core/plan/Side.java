package upshot.core.plan;

import upshot.core.measure.Labelled;

/** The side of the line that is kept, named for the travel it shows on screen. */
public enum Side implements Labelled {
    LEFT_TO_RIGHT("left to right"),
    RIGHT_TO_LEFT("right to left");

    private final String label;

    Side(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
