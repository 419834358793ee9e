package upshot.core.plan;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upshot.core.measure.Numbers;

/**
 * Where on the earth, WGS 84.
 *
 * @param latitudeDeg north positive, −90 to 90
 * @param longitudeDeg east positive, −180 to 180
 */
public record Coordinates(double latitudeDeg, double longitudeDeg) {

    private static final int LONGEST = 80;
    private static final Pattern SPACES = Pattern.compile("\\s++");
    /** For text whose spaces are single ones: then nothing can be tried in more than a few ways. */
    private static final Pattern TYPED = Pattern.compile(
            "([-+−]?\\d{1,3}(?:\\.\\d++)?) ?°? ?([NS]?) ?[,; ] ?([-+−]?\\d{1,3}(?:\\.\\d++)?) ?°? ?([EW]?)",
            Pattern.CASE_INSENSITIVE);

    public Coordinates {
        if (!Numbers.within(latitudeDeg, -90, 90) || !Numbers.within(longitudeDeg, -180, 180)) {
            throw new IllegalArgumentException("A place (%s, %s) lies within 90° north or south and 180° east or west."
                    .formatted(latitudeDeg, longitudeDeg));
        }
        latitudeDeg += 0.0;
        longitudeDeg += 0.0;
    }

    /**
     * Reads {@code 52.63, 1.3}, {@code 52.63 N 1.3 E} and {@code 33.9° S, 18.4° E}.
     *
     * @throws IllegalArgumentException when it is no place
     */
    public static Coordinates parse(String text) {
        String shortened = text.length() > LONGEST ? text.substring(0, LONGEST) : text;
        Matcher typed = TYPED.matcher(SPACES.matcher(shortened.strip()).replaceAll(" "));
        if (text.length() > LONGEST || !typed.matches()) {
            throw new IllegalArgumentException(
                    "“%s” is no place on the map. Maybe 52.63, 1.30 or 52.63 N 1.30 E?".formatted(shortened.strip()));
        }
        return new Coordinates(
                signed(typed.group(1), typed.group(2), "S"), signed(typed.group(3), typed.group(4), "W"));
    }

    private static double signed(String number, String letter, String negative) {
        double value = Double.parseDouble(number.replace('−', '-'));
        return letter.equalsIgnoreCase(negative) ? -value : value;
    }

    /** The way it is read aloud: 52.63° N 1.30° E. */
    public String label() {
        return "%s %s".formatted(half(latitudeDeg, "N", "S"), half(longitudeDeg, "E", "W"));
    }

    private static String half(double degrees, String positive, String negative) {
        return String.format(Locale.ROOT, "%.2f° %s", Math.abs(degrees), degrees < 0 ? negative : positive);
    }

    /** The exact form, which {@link #parse} reads back. */
    @Override
    public String toString() {
        return plain(latitudeDeg) + ", " + plain(longitudeDeg);
    }

    private static String plain(double degrees) {
        return BigDecimal.valueOf(degrees).toPlainString();
    }
}
