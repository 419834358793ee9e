package upshot.core.order;

/** What no order may break. */
public enum Limit {
    WRAP("the wrap"),
    HOURS("the hours"),
    MOMENT("the fixed moment"),
    PINNED("the pinned time"),
    ONCE("it happens once"),
    BEFORE("what must come first"),
    TWO_PLACES("nobody is in two places");

    private final String label;

    Limit(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
