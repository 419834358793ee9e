package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What a shot is aimed at, where it is something else than what its size and its action say. */
public enum Aim implements Labelled {
    UNSAID("as the action"),
    WHOLE("the whole"),
    FACE("the face"),
    HANDS("hands"),
    THING("the thing"),
    FEET("feet");

    private final String label;

    Aim(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
