package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How loud a spot is for recording sound. */
public enum Noise implements Labelled {
    QUIET("quiet"),
    SOME("some noise"),
    LOUD("loud");

    private final String label;

    Noise(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
