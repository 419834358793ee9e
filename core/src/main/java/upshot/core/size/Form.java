package upshot.core.size;

import upshot.core.measure.Labelled;

/** What a thing looks like, as far as a drawn frame needs to know. */
public enum Form implements Labelled {
    ROUND("round"),
    BOX("box"),
    FLAT("flat"),
    TALL("tall"),
    WHEEL("wheel"),
    BICYCLE("bicycle"),
    VEHICLE("car or van"),
    LIQUID("poured liquid"),
    BUILDING("building");

    private final String label;

    Form(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
