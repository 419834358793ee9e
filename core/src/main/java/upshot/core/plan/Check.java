package upshot.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import upshot.core.measure.Numbers;

/** The checks that records make of their components; NaN and infinity fail every range. */
final class Check {

    private static final double RANK_LIMIT = 1e12;

    private Check() {}

    /** The value within its bounds, both included, with −0 made 0 so that equal plans are equal. */
    static double range(String field, String name, double value, double least, double most, String unit) {
        if (!Numbers.within(value, least, most)) {
            throw new InvalidField(field, outside(name, number(value), number(least), number(most), unit));
        }
        return value + 0.0;
    }

    static Optional<Double> range(
            String field, String name, Optional<Double> value, double least, double most, String unit) {
        return value.map(given -> range(field, name, given, least, most, unit));
    }

    static int whole(String field, String name, int value, int least, int most, String unit) {
        if (value < least || value > most) {
            throw new InvalidField(
                    field,
                    outside(name, Integer.toString(value), Integer.toString(least), Integer.toString(most), unit));
        }
        return value;
    }

    static double rank(double rank) {
        return range("rank", "place in the order", rank, -RANK_LIMIT, RANK_LIMIT, "");
    }

    static UUID present(String field, UUID id) {
        if (id == null) {
            throw new InvalidField(field, "The %s is missing.".formatted(field));
        }
        // Databases refuse identifiers of no known layout (RFC 9562), so the plan does too.
        if (id.variant() != 2 || id.version() < 1 || id.version() > 8) {
            throw new InvalidField(field, "The %s (%s) is no valid identifier.".formatted(field, id));
        }
        return id;
    }

    static <T> T chosen(String field, String name, T value) {
        if (value == null) {
            throw new InvalidField(field, "The %s is missing.".formatted(name));
        }
        return value;
    }

    /** A clock time on a whole minute: the day is planned in minutes, and a stored time must come back as it was. */
    static LocalTime minute(String field, String name, LocalTime time) {
        if (!chosen(field, name, time).equals(time.truncatedTo(ChronoUnit.MINUTES))) {
            throw new InvalidField(field, "The %s (%s) must be a whole minute.".formatted(name, time));
        }
        return time;
    }

    /** A day that somebody can be meant by it; half typed years are none. */
    static Optional<LocalDate> day(String field, String name, Optional<LocalDate> day) {
        chosen(field, name, day)
                .filter(date -> date.getYear() < 1970 || date.getYear() > 2200)
                .ifPresent(date -> {
                    throw new InvalidField(field, "The %s (%s) must lie between 1970 and 2200.".formatted(name, date));
                });
        return day;
    }

    /** A line of text without control characters, trimmed, at least and at most so many characters long. */
    static String text(String field, String name, String text, int least, int most) {
        String trimmed = chosen(field, name, text).strip();
        if (trimmed.length() < least) {
            throw new InvalidField(field, "The %s is empty.".formatted(name));
        }
        if (trimmed.length() > most) {
            throw new InvalidField(
                    field,
                    "The %s is %d characters long; %d is the most that fits.".formatted(name, trimmed.length(), most));
        }
        if (trimmed.chars().anyMatch(Character::isISOControl)
                || !trimmed.codePoints().allMatch(Check::isCharacter)) {
            throw new InvalidField(field, "The %s holds a character that cannot be shown.".formatted(name));
        }
        return trimmed;
    }

    /** Half of a pair is none: a database or a page would make something else of it. */
    private static boolean isCharacter(int codePoint) {
        return Character.isDefined(codePoint) && Character.getType(codePoint) != Character.SURROGATE;
    }

    private static String outside(String name, String value, String least, String most, String unit) {
        String unitText = unit.isEmpty() ? "" : " " + unit;
        return "The %s (%s) must be between %s and %s%s.".formatted(name, value, least, most, unitText);
    }

    private static String number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : String.format(Locale.ROOT, "%s", value);
    }
}
