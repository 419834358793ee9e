package upshot.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * The shape of the delivered picture, width to height in lowest terms, each from 1 to 1000, so that 2.39:1 is 239:100.
 *
 * @param width parts across
 * @param height parts down
 */
public record Aspect(int width, int height) {

    /** Landscape television and web. */
    public static final Aspect WIDE = new Aspect(16, 9);

    public Aspect {
        if (width < 1 || width > 1000 || height < 1 || height > 1000) {
            throw new IllegalArgumentException(
                    "A shape (%d:%d) needs two numbers from 1 to 1000.".formatted(width, height));
        }
        int divisor = BigInteger.valueOf(width).gcd(BigInteger.valueOf(height)).intValue();
        width /= divisor;
        height /= divisor;
        if (width > 4 * height || height > 4 * width) {
            throw new IllegalArgumentException(
                    "A shape (%d:%d) may be at most four times as long as it is short.".formatted(width, height));
        }
    }

    /**
     * Reads {@code 16:9} or {@code 2.39:1}.
     *
     * @throws IllegalArgumentException when the text is no shape
     */
    public static Aspect parse(String text) {
        String[] sides = text.trim().split(":", 3);
        try {
            if (sides.length == 2) {
                BigDecimal across = Numbers.decimal(sides[0].trim());
                BigDecimal down = Numbers.decimal(sides[1].trim());
                int scale = Math.max(0, Math.max(across.scale(), down.scale()));
                return new Aspect(
                        across.movePointRight(scale).intValueExact(),
                        down.movePointRight(scale).intValueExact());
            }
        } catch (NumberFormatException | ArithmeticException notANumber) {
            throw new IllegalArgumentException(expected(text), notANumber);
        }
        throw new IllegalArgumentException(expected(text));
    }

    private static String expected(String text) {
        return "The shape (%s) is not one. Maybe 16:9, 9:16 or 2.39:1?".formatted(Numbers.shown(text));
    }

    /** Width divided by height. */
    public double ratio() {
        return (double) width / height;
    }

    /** The trade's way of writing it, which {@link #parse} reads back: 16:9, 2.39:1. */
    @Override
    public String toString() {
        boolean cinema = height > 16 && 100 % height == 0;
        return cinema
                ? BigDecimal.valueOf(width)
                                .divide(BigDecimal.valueOf(height), 2, RoundingMode.UNNECESSARY)
                                .toPlainString()
                        + ":1"
                : width + ":" + height;
    }
}
