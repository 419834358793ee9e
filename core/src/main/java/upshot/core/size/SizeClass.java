package upshot.core.size;

import upshot.core.measure.Labelled;

/** The three classes that a scene needs: where we are, who does it, what it is. */
public enum SizeClass implements Labelled {
    WIDE("wide"),
    MID("mid"),
    DETAIL("detail");

    private final String label;

    SizeClass(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
