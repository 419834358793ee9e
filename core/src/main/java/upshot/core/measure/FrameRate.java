package upshot.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * A frame rate as an exact fraction of frames per second, in lowest terms, from 1 to 1000.
 *
 * <p>The broadcast rates are multiples of 1000/1001 and are never held as decimals: an hour at 30000/1001 is
 * 107 892 frames and 108/1001 of one more, and no rounding may move that.
 *
 * @param numerator frames, 1 or more
 * @param denominator seconds, 1 or more
 */
public record FrameRate(int numerator, int denominator) implements Comparable<FrameRate> {

    private static final int SLOWEST = 1;
    private static final int FASTEST = 1000;

    public FrameRate {
        if (numerator < 1 || denominator < 1) {
            throw new IllegalArgumentException(
                    "A frame rate (%d/%d) needs two whole numbers above zero.".formatted(numerator, denominator));
        }
        int divisor = BigInteger.valueOf(numerator)
                .gcd(BigInteger.valueOf(denominator))
                .intValue();
        numerator /= divisor;
        denominator /= divisor;
        double perSecond = (double) numerator / denominator;
        if (perSecond < SLOWEST || perSecond > FASTEST) {
            throw new IllegalArgumentException("A frame rate (%s) must be between %d and %d frames a second."
                    .formatted(perSecond, SLOWEST, FASTEST));
        }
    }

    /** A rate of a whole number of frames a second. */
    public static FrameRate of(int framesPerSecond) {
        return new FrameRate(framesPerSecond, 1);
    }

    /**
     * Reads {@code 24}, {@code 24000/1001} or the usual short forms {@code 23.976}, {@code 23.98}, {@code 29.97},
     * {@code 59.94} and {@code 119.88}, which all mean the NTSC fraction.
     *
     * @throws IllegalArgumentException when the text is no rate, saying what is expected
     */
    public static FrameRate parse(String text) {
        String trimmed = text.trim();
        try {
            int slash = trimmed.indexOf('/');
            if (slash > 0) {
                return new FrameRate(
                        Integer.parseInt(trimmed.substring(0, slash).trim()),
                        Integer.parseInt(trimmed.substring(slash + 1).trim()));
            }
            BigDecimal decimal = Numbers.decimal(trimmed);
            if (decimal.stripTrailingZeros().scale() <= 0) {
                return of(decimal.intValueExact());
            }
            return ntsc(decimal, trimmed);
        } catch (NumberFormatException | ArithmeticException notANumber) {
            throw new IllegalArgumentException(
                    "The rate (%s) is not one. Maybe 24, 25, 29.97 or 24000/1001?".formatted(Numbers.shown(trimmed)),
                    notANumber);
        }
    }

    private static FrameRate ntsc(BigDecimal decimal, String text) {
        int nominal = decimal.setScale(0, RoundingMode.CEILING).intValueExact();
        FrameRate rate = new FrameRate(nominal * 1000, 1001);
        if (Math.abs(rate.perSecond() - decimal.doubleValue()) > 0.005) {
            throw new NumberFormatException(text);
        }
        return rate;
    }

    /** Frames a second as a decimal, for formulas that end in a measurement anyway. */
    public double perSecond() {
        return (double) numerator / denominator;
    }

    /**
     * The exact instant at which a frame begins, rounded to the nearest double only at the end: both sides of the division
     * are whole numbers that a double holds.
     *
     * @param frames up to 9·10¹² either way
     */
    public double secondsOf(long frames) {
        return (double) (frames * denominator) / numerator;
    }

    /**
     * How many frames a span of seconds holds.
     *
     * @param seconds finite
     * @param rounding what to do with a part of a frame
     */
    public long framesIn(double seconds, RoundingMode rounding) {
        return new BigDecimal(Double.toString(seconds))
                .multiply(BigDecimal.valueOf(numerator))
                .divide(BigDecimal.valueOf(denominator), 12, RoundingMode.HALF_EVEN)
                .setScale(0, rounding)
                .longValueExact();
    }

    /** This rate as a multiple of another: 120 on a 24 timeline is 5. */
    public double over(FrameRate other) {
        return (double) ((long) numerator * other.denominator) / ((long) denominator * other.numerator);
    }

    /** The way crews write it: {@code 24}, {@code 23.976}. */
    public String label() {
        if (denominator == 1) {
            return Integer.toString(numerator);
        }
        return BigDecimal.valueOf(perSecond())
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    @Override
    public int compareTo(FrameRate other) {
        return Long.compare((long) numerator * other.denominator, (long) other.numerator * denominator);
    }

    /** The exact form, which {@link #parse} reads back. */
    @Override
    public String toString() {
        return denominator == 1 ? Integer.toString(numerator) : numerator + "/" + denominator;
    }
}
