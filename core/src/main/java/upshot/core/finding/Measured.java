package upshot.core.finding;

/**
 * A value against its limit.
 *
 * @param value what was measured
 * @param limit what it is held against
 * @param unit the unit of both, empty for a plain ratio
 */
public record Measured(double value, double limit, String unit) {}
