package upshot.core.finding;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import upshot.core.measure.Degrees;

/** Figures inside sentences: rounded for reading, with trailing zeros gone. */
public final class Wording {

    private Wording() {}

    private static final double EIGHTH_DEG = 45;
    private static final List<String> PLACES = List.of(
            "the front",
            "the front right",
            "the right",
            "the back right",
            "behind",
            "the back left",
            "the left",
            "the front left");

    private record Round(double deg, String words) {}

    private static final List<Round> ROUND = List.of(
            new Round(0, "straight on"),
            new Round(22.5, "an eighth round"),
            new Round(45, "a quarter round"),
            new Round(60, "a third round"),
            new Round(90, "half round"),
            new Round(120, "two thirds round"),
            new Round(135, "three quarters round"),
            new Round(180, "all the way round"));

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

    /** At most so many characters, the last of them an ellipsis where something is left out; no character is cut in two. */
    public static String shortened(String text, int most) {
        return text.length() <= most ? text : begin(text, most - 1) + "…";
    }

    /** The first characters of a text, at most so many; half of a pair is left out. */
    public static String begin(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        return text.substring(0, Character.isHighSurrogate(text.charAt(most - 1)) ? most - 1 : most);
    }

    /** "a wide", "an extreme wide". */
    public static String one(String what) {
        return ("aeiou".indexOf(what.charAt(0)) >= 0 ? "an " : "a ") + what;
    }

    /** "1 use", "3 uses", "2 open holes". */
    public static String count(long count, String what) {
        return count == 1 ? "1 " + what : "%d %ss".formatted(count, what);
    }

    /** With a capital letter in front. */
    public static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /**
     * Where round a subject something stands, as it is said on set: the subject's own left and right in eighths, with the
     * angle. "the front right, 45°".
     *
     * @param bearingDeg clockwise from above, 0° in front of the subject
     */
    public static String place(double bearingDeg) {
        return "%s, %s".formatted(side(bearingDeg), degrees(bearingDeg));
    }

    /** "the front right". */
    public static String side(double bearingDeg) {
        return PLACES.get((int) Math.round(Degrees.wrap(bearingDeg) / EIGHTH_DEG) % PLACES.size());
    }

    /**
     * How far round a subject something stands, from straight in front to behind, whichever way: "a third round" is 60°.
     *
     * @param bearingDeg clockwise from above, 0° in front of the subject
     */
    public static String round(double bearingDeg) {
        double roundDeg = Degrees.wrap(bearingDeg);
        double awayDeg = Math.min(roundDeg, 360 - roundDeg);
        return ROUND.stream()
                .min(Comparator.comparingDouble(one -> Math.abs(one.deg() - awayDeg)))
                .orElseThrow()
                .words();
    }

    public static String degrees(double degrees) {
        return number(degrees, 0) + "°";
    }
}
