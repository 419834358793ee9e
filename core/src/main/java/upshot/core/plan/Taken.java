package upshot.core.plan;

import upshot.core.measure.Labelled;

/** How an action is taken. */
public enum Taken implements Labelled {
    SHOT_BY_SHOT("shot by shot"),
    REFRAMED("in one run, reframed"),
    TWO_CAMERAS("in one run, by two cameras");

    private final String label;

    Taken(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
