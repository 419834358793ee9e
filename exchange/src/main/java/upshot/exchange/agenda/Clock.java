package upshot.exchange.agenda;

import java.time.DateTimeException;
import java.time.LocalTime;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Clock times as people write them: 19:40, 7.30 pm, 7pm. */
final class Clock {

    /** Five groups: hour and minute, or hour, minute and half of the day. */
    static final String PATTERN = "(?:(\\d{1,2})[:h](\\d{2})|(\\d{1,2})(?:[.:](\\d{2}))?\\s?([apAP][mM]))";

    static final int GROUPS = 5;

    private static final Pattern WHOLE = Pattern.compile(PATTERN + "(?::00)?");

    private Clock() {}

    /** A time, or empty when the text is none. */
    static Optional<LocalTime> parse(String text) {
        Matcher matcher = WHOLE.matcher(text.strip());
        return matcher.matches() ? at(matcher, 1) : Optional.empty();
    }

    /** The time of a match; empty when the figures are no time of day. */
    static Optional<LocalTime> at(Matcher found, int group) {
        try {
            if (found.group(group) != null) {
                return Optional.of(
                        LocalTime.of(Integer.parseInt(found.group(group)), Integer.parseInt(found.group(group + 1))));
            }
            int hour = Integer.parseInt(found.group(group + 2));
            int minute = found.group(group + 3) == null ? 0 : Integer.parseInt(found.group(group + 3));
            boolean afternoon = found.group(group + 4).equalsIgnoreCase("pm");
            return hour < 1 || hour > 12
                    ? Optional.empty()
                    : Optional.of(LocalTime.of(hour % 12 + (afternoon ? 12 : 0), minute));
        } catch (DateTimeException noTime) {
            return Optional.empty();
        }
    }
}
