package upshot.core.measure;

import java.math.BigDecimal;

/** Checks of ranges that also refuse what is not a number. */
public final class Numbers {

    private static final int LONGEST = 20;

    private Numbers() {}

    /** Whether a value lies within two bounds, both included; false for NaN. */
    public static boolean within(double value, double least, double most) {
        return value >= least && value <= most;
    }

    /**
     * A plain decimal number of at most {@value #LONGEST} characters, without an exponent: ten to a billionth is eleven
     * characters long and would fill the memory when it is written out.
     *
     * @throws NumberFormatException when it is none
     */
    static BigDecimal decimal(String text) {
        if (text.length() > LONGEST || text.indexOf('e') >= 0 || text.indexOf('E') >= 0) {
            throw new NumberFormatException(shown(text));
        }
        return new BigDecimal(text);
    }

    /** As much of a text as a message repeats. */
    static String shown(String text) {
        return text.length() > 2 * LONGEST ? text.substring(0, 2 * LONGEST) + "…" : text;
    }

    /** The value, or the nearer bound. */
    public static double clamp(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
