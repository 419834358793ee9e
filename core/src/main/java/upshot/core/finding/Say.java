package upshot.core.finding;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Figures inside sentences: rounded for reading, with trailing zeros gone. */
public final class Say {

    private Say() {}

    public static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        BigDecimal plain = rounded.signum() == 0 ? BigDecimal.ZERO : rounded.stripTrailingZeros();
        return plain.toPlainString();
    }

    public static String metres(double metres) {
        return number(metres, metres < 10 ? 2 : 1) + " m";
    }

    /** "1 stop", "1.3 stops". */
    public static String stops(double stops) {
        String amount = number(stops, 1);
        return amount.equals("1") ? "1 stop" : amount + " stops";
    }

    /** With a capital letter in front. */
    public static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    public static String degrees(double degrees) {
        return number(degrees, 0) + "°";
    }
}
