package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How much the edit needs the shot. */
public enum Priority implements Labelled {
    MUST("must"),
    SHOULD("should"),
    BONUS("bonus");

    private final String label;

    Priority(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
