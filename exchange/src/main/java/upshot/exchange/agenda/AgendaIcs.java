package upshot.exchange.agenda;

import java.io.IOException;
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
import upshot.core.finding.Wording;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Moment;
import upshot.exchange.text.Decoded;
import upshot.exchange.text.Stoppable;
import upshot.exchange.text.Unreadable;

/**
 * iCalendar. Events that repeat are taken as they fall on the day of the shoot and the day after, never more than
 * {@value #MOST_REPEATS} of one event.
 */
public final class AgendaIcs {

    private static final int MOST_REPEATS = 50;
    private static final int MOST_EVENTS = Agenda.MOST;
    private static final int MOST_ZONES = 40;
    private static final int LONGEST_DATES = 2000;
    private static final int LONGEST_PARAMETERS = 1000;
    private static final List<String> TIMES_OF_DAY = List.of("BYHOUR", "BYMINUTE", "BYSECOND");
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
        Recurrences recurrences = new Recurrences();
        int number = 0;
        for (VEvent event : events) {
            number++;
            Stoppable.check();
            read(event, "Event %d (%s)".formatted(number, name(event)), frame, recurrences, moments, leftOut);
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
        checkLines(text);
        return text;
    }

    /**
     * Looks at the lines before the library does. A zone's clocks change a few times a year; one that says more would be
     * followed without an end. The parameters of a line are gone through again for each of them.
     */
    private static void checkLines(String text) {
        boolean inZone = false;
        int zones = 0;
        for (String line : (Iterable<String>) unfolded(text).lines()::iterator) {
            if (line.startsWith("BEGIN:VTIMEZONE")) {
                inZone = true;
                zones++;
            } else if (line.startsWith("END:VTIMEZONE")) {
                inZone = false;
            }
            if (zones > MOST_ZONES || inZone && changesOften(line)) {
                throw new Unreadable("", "Its time zones change too often to be true.");
            }
            if (line.indexOf(':') > LONGEST_PARAMETERS || line.indexOf(':') < 0 && line.length() > LONGEST_PARAMETERS) {
                throw new Unreadable("", "It holds a line with more parameters than can be meant.");
            }
        }
    }

    /** Long lines are broken, and go on behind a space or a tabulator. */
    private static String unfolded(String text) {
        return text.replace("\r\n", "\n").replace("\n ", "").replace("\n\t", "").toUpperCase(Locale.ROOT);
    }

    private static boolean changesOften(String line) {
        boolean rule = line.startsWith("RRULE")
                && (!line.contains("FREQ=YEARLY") || TIMES_OF_DAY.stream().anyMatch(line::contains));
        return rule || line.startsWith("RDATE") && line.length() > LONGEST_DATES;
    }

    private static Calendar parse(String text) {
        try {
            return new CalendarBuilder().build(Stoppable.reader(text));
        } catch (ParserException broken) {
            throw new Unreadable(
                    "Line " + Math.max(1, broken.getLineNo()),
                    "This is no iCalendar: %s".formatted(shortened(broken.getMessage())));
        } catch (IOException | RuntimeException broken) {
            throw new Unreadable("", "This is no iCalendar that can be read.");
        }
    }

    private static void read(
            VEvent event,
            String where,
            Agenda.Frame frame,
            Recurrences recurrences,
            List<Moment> moments,
            List<String> leftOut) {
        try {
            Temporal start = event.getProperty(Property.DTSTART)
                    .map(property -> (Temporal) ((DtStart<?>) property).getDate())
                    .orElseThrow(() -> new Unreadable(where, "It has no start."));
            if (start instanceof LocalDate) {
                leftOut.add("“%s” lasts all day and has no time.".formatted(name(event)));
            } else if (event.getProperty(Property.RRULE).isPresent()
                    || event.getProperty(Property.RDATE).isPresent()) {
                repeated(event, where, start, frame, recurrences, moments, leftOut);
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
            Recurrences recurrences,
            List<Moment> moments,
            List<String> leftOut) {
        if (frame.day().isEmpty()) {
            leftOut.add("“%s” repeats; say the day of the shoot first.".formatted(name(event)));
            return;
        }
        ZonedDateTime from = frame.day().get().atStartOfDay(frame.zone());
        ZonedDateTime first = local(start, frame.zone());
        recurrences.count(event, where, first.toLocalDate(), from.toLocalDate());
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
        return name.isBlank() ? "without a name" : Wording.shortened(name, 120);
    }

    private static String plain(String text) {
        return text == null ? "" : text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    private static String shortened(String text) {
        return Wording.shortened(plain(text), 160);
    }
}
