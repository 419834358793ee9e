package upshot.core.plan;

import upshot.core.measure.Labelled;

/** Whether somebody agreed to be filmed. */
public enum Consent implements Labelled {
    OPEN("not asked yet"),
    GIVEN("given"),
    REFUSED("refused");

    private final String label;

    Consent(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
