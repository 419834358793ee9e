package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What an action is about, and so what a detail of it shows. */
public enum Focus implements Labelled {
    UNSAID("not said"),
    HANDS("hands"),
    THING("the thing"),
    FACE("the face"),
    FEET("feet"),
    WHEELS("wheels"),
    BODY("the whole body"),
    PLACE("the place");

    private final String label;

    Focus(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
