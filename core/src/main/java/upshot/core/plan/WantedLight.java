package upshot.core.plan;

import upshot.core.measure.Labelled;

/** The light that something asks for. */
public enum WantedLight implements Labelled {
    ANY("any light"),
    DAYLIGHT("daylight"),
    GOLDEN("golden light"),
    GOLDEN_MORNING("golden light after sunrise"),
    GOLDEN_EVENING("golden light before sunset"),
    BLUE("blue hour"),
    BLUE_MORNING("blue hour before sunrise"),
    BLUE_EVENING("blue hour after sunset"),
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
