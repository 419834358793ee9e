package upshot.core.plan;

import upshot.core.measure.Labelled;

/** A way of composing a picture. */
public enum Device implements Labelled {
    LEADING_LINES("leading lines"),
    FRAME_IN_FRAME("frame in the frame"),
    REFLECTION("reflection"),
    SILHOUETTE("silhouette"),
    EMPTY_SIDE("empty side kept"),
    SYMMETRY("symmetry");

    private final String label;

    Device(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
