package upshot.core.finding;

import upshot.core.measure.Labelled;

/** How serious a finding is; later is worse. */
public enum Status implements Labelled {
    CLEAR("clear", 0),
    WATCH("watch", 1),
    BREAK("break", 10);

    private final String label;
    private final int weight;

    Status(String label, int weight) {
        this.label = label;
        this.weight = weight;
    }

    /** How much a finding counts when two cuts are compared: a break as much as ten watches. */
    public int weight() {
        return weight;
    }

    @Override
    public String label() {
        return label;
    }

    public Status worse(Status other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
