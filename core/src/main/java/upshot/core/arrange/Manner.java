package upshot.core.arrange;

import upshot.core.measure.Labelled;
import upshot.core.size.SizeClass;

/** In which of several good ways a cut is told; each is good at something else. */
public enum Manner implements Labelled {
    PLACE_FIRST("Place first", "Runs open wide, so that one always knows where one is."),
    DETAIL_FIRST("Details first", "Runs open with what hands do and stand a little shorter: one is in it at once."),
    FEWER("Fewer and longer", "What must be seen, with time to read it; what is only a choice is left out.");

    private static final double QUICKER = 0.85;
    private static final double CALMER = 1.5;

    private final String label;
    private final String goodAt;

    Manner(String label, String goodAt) {
        this.label = label;
        this.goodAt = goodAt;
    }

    @Override
    public String label() {
        return label;
    }

    /** What a cut of this kind is good at, in a sentence. */
    public String goodAt() {
        return goodAt;
    }

    /** How long a picture stands, in shares of what the house wants. */
    double pace() {
        return switch (this) {
            case PLACE_FIRST -> 1;
            case DETAIL_FIRST -> QUICKER;
            case FEWER -> CALMER;
        };
    }

    /** With which size a run opens. */
    SizeClass opens() {
        return this == DETAIL_FIRST ? SizeClass.DETAIL : SizeClass.WIDE;
    }
}
