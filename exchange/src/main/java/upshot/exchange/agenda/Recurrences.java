package upshot.exchange.agenda;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import upshot.exchange.text.Unreadable;

/**
 * Counts how often the events of a calendar would be gone through before any of them is followed. A library goes from an
 * event's first day to the day that is asked for, so an old event that repeats at many hours takes as long as a file of
 * thousands.
 */
final class Recurrences {

    /** A hundred meetings every day for fifty years; the work of a second. */
    private static final long MOST_STEPS = 200_000;

    private static final int MOST_A_DAY = 48;
    private static final int EARLIEST_YEAR = 1990;
    private static final int LONGEST_RULE = 1000;
    private static final Set<String> TIMES_OF_DAY = Set.of("BYHOUR", "BYMINUTE", "BYSECOND");

    private long steps;

    /**
     * Counts an event.
     *
     * @param start its first day
     * @param asked the day to which it is followed
     * @throws Unreadable when it, or all events together, would be gone through too often
     */
    void count(VEvent event, String where, LocalDate start, LocalDate asked) {
        for (String property : new String[] {Property.RRULE, Property.EXRULE}) {
            for (Property rule : event.getProperties(property)) {
                steps += steps(rule.getValue().toUpperCase(Locale.ROOT), where, start, asked);
            }
        }
        for (String property : new String[] {Property.RDATE, Property.EXDATE}) {
            for (Property dates : event.getProperties(property)) {
                steps += dates.getValue().chars().filter(one -> one == ',').count() + 1;
            }
        }
        if (steps > MOST_STEPS) {
            throw new Unreadable(where, "The events repeat too often, and since too long ago, to be followed.");
        }
    }

    private static long steps(String rule, String where, LocalDate start, LocalDate asked) {
        if (rule.length() > LONGEST_RULE) {
            throw new Unreadable(where, "Its rule for repeating is too long.");
        }
        if (start.getYear() < EARLIEST_YEAR) {
            throw new Unreadable(where, "It has been repeating since before %d.".formatted(EARLIEST_YEAR));
        }
        String[] parts = rule.split(";");
        long aDay = 1;
        long choices = 1;
        for (String part : parts) {
            String name = part.substring(0, Math.max(0, part.indexOf('=')));
            long values = part.chars().filter(one -> one == ',').count() + 1;
            if (TIMES_OF_DAY.contains(name)) {
                aDay *= values;
            } else if (name.startsWith("BY")) {
                choices += values;
            }
        }
        if (aDay > MOST_A_DAY) {
            throw new Unreadable(where, "It repeats more than %d times a day.".formatted(MOST_A_DAY));
        }
        long days = Math.max(1, Math.min(ChronoUnit.DAYS.between(start, asked), 300L * 366));
        return (1 + days / period(parts, where)) * aDay * choices;
    }

    /** How many days lie between two repeats at least. */
    private static int period(String[] parts, String where) {
        if (Arrays.stream(parts).anyMatch(part -> part.matches("INTERVAL=[-+]?0+"))) {
            throw new Unreadable(where, "It repeats after no time at all.");
        }
        String frequency = Arrays.stream(parts)
                .filter(part -> part.startsWith("FREQ="))
                .map(part -> part.substring("FREQ=".length()))
                .findFirst()
                .orElse("");
        return switch (frequency) {
            case "DAILY" -> 1;
            case "WEEKLY" -> 7;
            case "MONTHLY" -> 28;
            case "YEARLY" -> 365;
            default -> throw new Unreadable(where, "It repeats more often than once a day.");
        };
    }
}
