package upshot.core.plan;

import upshot.core.measure.Labelled;

/** The light that something asks for. */
public enum WantedLight implements Labelled {
    ANY("any light"),
    DAYLIGHT("daylight"),
    GOLDEN("golden light"),
    BLUE("blue hour"),
    DARK("dark");

    private final String label;

    WantedLight(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
