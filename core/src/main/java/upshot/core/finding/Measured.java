package upshot.core.finding;

/**
 * A value against its limit.
 *
 * @param value what was measured
 * @param limit what it is held against
 * @param quantity what both are
 */
public record Measured(double value, double limit, Quantity quantity) {

    /** Something that should be and is not. */
    public static Measured missing() {
        return new Measured(0, 1, Quantity.YES_NO);
    }

    /** Something that is and should not be. */
    public static Measured unwanted() {
        return new Measured(1, 0, Quantity.YES_NO);
    }
}
