package upshot.core.handoff;

import upshot.core.measure.Labelled;

/** What an editor says of a use. */
public enum RemarkKind implements Labelled {
    UNUSABLE("unusable"),
    TOO_SHORT("too short"),
    WRONG_SIDE("wrong side"),
    DOES_NOT_CUT("does not cut"),
    GOOD("good as it is"),
    OTHER("something else");

    private final String label;

    RemarkKind(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
