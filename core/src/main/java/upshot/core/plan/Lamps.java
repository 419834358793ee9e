package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What a spot is lit by besides daylight. */
public enum Lamps implements Labelled {
    NONE("no lamps"),
    FLICKERING("lamps that flicker with the mains"),
    FLICKER_FREE("flicker-free lamps");

    private final String label;

    Lamps(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
