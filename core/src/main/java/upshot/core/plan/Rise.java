package upshot.core.plan;

import upshot.core.measure.Labelled;

/** Whether what happens goes up or down: what is poured, falls or rises. */
public enum Rise implements Labelled {
    NEITHER("neither"),
    UP("rises"),
    DOWN("pours or falls");

    private final String label;

    Rise(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
