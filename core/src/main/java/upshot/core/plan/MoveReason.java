package upshot.core.plan;

import upshot.core.measure.Labelled;

/** Why the camera moves. */
public enum MoveReason implements Labelled {
    NONE("no reason given"),
    FOLLOWS("follows"),
    REVEALS("reveals"),
    HANDS_OVER("hands over to the next");

    private final String label;

    MoveReason(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
