package upshot.core.measure;

/** Checks of ranges that also refuse what is not a number. */
public final class Numbers {

    private Numbers() {}

    /** Whether a value lies within two bounds, both included; false for NaN. */
    public static boolean within(double value, double least, double most) {
        return value >= least && value <= most;
    }

    /** The value, or the nearer bound. */
    public static double clamp(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
