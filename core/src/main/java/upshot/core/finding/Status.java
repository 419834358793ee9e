package upshot.core.finding;

import upshot.core.measure.Labelled;

/** How serious a finding is; later is worse. */
public enum Status implements Labelled {
    CLEAR("clear"),
    WATCH("watch"),
    BREAK("break");

    private final String label;

    Status(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    public Status worse(Status other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
