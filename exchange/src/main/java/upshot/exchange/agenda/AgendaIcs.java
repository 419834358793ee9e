package upshot.exchange.agenda;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Moment;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Unreadable;

/**
 * iCalendar. Events that repeat are taken as they fall on the day of the shoot and the day after, never more than
 * {@value #MOST_REPEATS} of one event.
 */
public final class AgendaIcs {

    private static final int MOST_REPEATS = 50;
    private static final int MOST_EVENTS = Agenda.MOST;
    private static final int EARLIEST_YEAR = 1990;
    private static final Pattern CALENDAR_END = Pattern.compile("(?im)^END:VCALENDAR$");
    private static final Pattern EVENT = Pattern.compile("(?im)^BEGIN:VEVENT$");

    private AgendaIcs() {}

    /**
     * Reads a file.
     *
     * @throws Unreadable naming the event that cannot be read
     */
    public static Agenda read(byte[] bytes, Agenda.Frame frame) {
        List<VEvent> events = parse(oneCalendar(Decoded.text(bytes))).getComponents(Component.VEVENT);
        if (events.isEmpty()) {
            throw new Unreadable("", "The calendar holds no event.");
        }
        List<Moment> moments = new ArrayList<>();
        List<String> leftOut = new ArrayList<>();
        int number = 0;
        for (VEvent event : events) {
            number++;
            read(event, "Event %d (%s)".formatted(number, name(event)), frame, moments, leftOut);
        }
        return new Agenda(moments, leftOut);
    }

    /** The parser stops at the end of the first calendar and builds every event: both are seen to before it begins. */
    private static String oneCalendar(String text) {
        Matcher end = CALENDAR_END.matcher(text);
        if (end.find() && !text.substring(end.end()).isBlank()) {
            throw new Unreadable("", "More follows after the calendar's end. Save each calendar as a file of its own.");
        }
        if (EVENT.matcher(text).results().limit(MOST_EVENTS + 1L).count() > MOST_EVENTS) {
            throw new Unreadable("", "It holds more than %d events.".formatted(MOST_EVENTS));
        }
        return text;
    }

    private static Calendar parse(String text) {
        try {
            return new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException broken) {
            throw new Unreadable(
                    "Line " + Math.max(1, broken.getLineNo()),
                    "This is no iCalendar: %s".formatted(shortened(broken.getMessage())));
        } catch (IOException | RuntimeException broken) {
            throw new Unreadable("", "This is no iCalendar that can be read.");
        }
    }

    private static void read(
            VEvent event, String where, Agenda.Frame frame, List<Moment> moments, List<String> leftOut) {
        try {
            Temporal start = event.getProperty(Property.DTSTART)
                    .map(property -> (Temporal) ((DtStart<?>) property).getDate())
                    .orElseThrow(() -> new Unreadable(where, "It has no start."));
            if (start instanceof LocalDate) {
                leftOut.add("“%s” lasts all day and has no time.".formatted(name(event)));
            } else if (event.getProperty(Property.RRULE).isPresent()
                    || event.getProperty(Property.RDATE).isPresent()) {
                repeated(event, where, start, frame, moments, leftOut);
            } else {
                ZonedDateTime from = local(start, frame.zone());
                moments.add(moment(event, from, minutes(event, from, frame.zone()), frame));
            }
        } catch (InvalidField wrong) {
            throw new Unreadable(where, wrong.getMessage());
        } catch (DateTimeException | IllegalStateException | ArithmeticException | ClassCastException broken) {
            throw new Unreadable(where, "Its times cannot be read.");
        }
    }

    private static void repeated(
            VEvent event,
            String where,
            Temporal start,
            Agenda.Frame frame,
            List<Moment> moments,
            List<String> leftOut) {
        checkRule(event, where, local(start, frame.zone()));
        if (frame.day().isEmpty()) {
            leftOut.add("“%s” repeats; say the day of the shoot first.".formatted(name(event)));
            return;
        }
        ZonedDateTime from = frame.day().get().atStartOfDay(frame.zone());
        ZonedDateTime first = local(start, frame.zone());
        double minutes = minutes(event, first, frame.zone());
        List<ZonedDateTime> starts =
                event.calculateRecurrenceSet(new Period<ZonedDateTime>(from, from.plusDays(2))).stream()
                        .map(period -> local((Temporal) ((Period<?>) period).getStart(), frame.zone()))
                        .filter(at -> !at.isBefore(from))
                        .distinct()
                        .sorted()
                        .toList();
        if (starts.isEmpty()) {
            leftOut.add("“%s” does not fall on the day of the shoot.".formatted(name(event)));
        }
        starts.stream().limit(MOST_REPEATS).forEach(at -> moments.add(moment(event, at, minutes, frame)));
    }

    /** Rules that would run for minutes before they say anything are refused. */
    private static void checkRule(VEvent event, String where, ZonedDateTime start) {
        String rules = event.getProperties(Property.RRULE).toString().toUpperCase(Locale.ROOT);
        if (rules.matches("(?s).*FREQ=(SECONDLY|MINUTELY|HOURLY).*")) {
            throw new Unreadable(where, "It repeats more often than once a day.");
        }
        if (start.getYear() < EARLIEST_YEAR) {
            throw new Unreadable(where, "It has been repeating since before %d.".formatted(EARLIEST_YEAR));
        }
    }

    private static Moment moment(VEvent event, ZonedDateTime at, double minutes, Agenda.Frame frame) {
        return new Moment(
                frame.ids().get(),
                name(event),
                frame.dateOf(at.toLocalDate()),
                at.toLocalTime().withSecond(0).withNano(0),
                minutes,
                event.getProperty(Property.LOCATION)
                        .map(Property::getValue)
                        .map(place -> shortened(plain(place)))
                        .orElse(""));
    }

    private static double minutes(VEvent event, ZonedDateTime from, ZoneId zone) {
        Optional<Temporal> end = event.getEndDate(true).map(property -> (Temporal) property.getDate());
        return end.filter(given -> !(given instanceof LocalDate))
                .map(given -> Duration.between(from, local(given, zone)).toMinutes())
                .map(Long::doubleValue)
                .orElse(0.0);
    }

    /** The instant by the place's clock; a time without a zone is meant by that clock already. */
    private static ZonedDateTime local(Temporal time, ZoneId zone) {
        if (time instanceof LocalDateTime floating) {
            return floating.atZone(zone);
        }
        if (time instanceof ZonedDateTime zoned) {
            return zoned.withZoneSameInstant(zone);
        }
        if (time instanceof OffsetDateTime offset) {
            return offset.atZoneSameInstant(zone);
        }
        if (time instanceof Instant instant) {
            return instant.atZone(zone);
        }
        throw new DateTimeException("No time of day: " + time);
    }

    private static String name(VEvent event) {
        String name = event.getProperty(Property.SUMMARY)
                .map(Property::getValue)
                .map(AgendaIcs::plain)
                .orElse("");
        return name.isBlank() ? "without a name" : name.length() > 120 ? name.substring(0, 119) + "…" : name;
    }

    private static String plain(String text) {
        return text == null ? "" : text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    private static String shortened(String text) {
        String plain = plain(text);
        return plain.length() > 160 ? plain.substring(0, 159) + "…" : plain;
    }
}
