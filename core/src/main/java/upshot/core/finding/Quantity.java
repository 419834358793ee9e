package upshot.core.finding;

/** What kind of value a rule measures: all there are. */
public enum Quantity {
    METRES("m"),
    METRES_PER_SECOND("m/s"),
    DEGREES("°"),
    DEGREES_PER_SECOND("°/s"),
    SECONDS("s"),
    MINUTES("min"),
    FRAMES("frames"),
    FRAMES_PER_SECOND("fps"),
    LUX("lx"),
    PERCENT("%"),
    /** Of one: a part of the picture, of real time, of what a lamp gives. */
    SHARE(""),
    /** How often one goes into the other. */
    TIMES("×"),
    /** Of an angle: 1 for the same way, −1 for the opposite. */
    COSINE(""),
    /** How many, or the place in a row, from 1. */
    COUNT(""),
    /** 1 for yes and 0 for no. */
    YES_NO("");

    private final String unit;

    Quantity(String unit) {
        this.unit = unit;
    }

    /** The sign of the unit, empty where there is none. */
    public String unit() {
        return unit;
    }
}
