package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What gives an action its line: the way it moves, the way it looks, or nothing. */
public enum Line implements Labelled {
    TRAVEL("travels"),
    LOOK("looks"),
    NONE("no direction");

    private final String label;

    Line(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
