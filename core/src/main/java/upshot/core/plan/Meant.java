package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What a shot is meant for before there is a cut. */
public enum Meant implements Labelled {
    ANYTHING("anywhere"),
    MASTER("the master"),
    FIRST("a way in"),
    LAST("a way out");

    private final String label;

    Meant(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
