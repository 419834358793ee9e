package upshot.exchange.agenda;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import upshot.core.plan.Moment;

/** An event of a calendar as its unfolded lines say it, read without the library that the importer uses. */
record WrittenEvent(List<String> lines) {

    private static final Pattern START =
            Pattern.compile("DTSTART(?:;TZID=([A-Za-z_/]+))?:(\\d{8}T\\d{6})(Z?)", Pattern.CASE_INSENSITIVE);

    /** All events of a calendar. */
    static List<WrittenEvent> all(String text) {
        List<WrittenEvent> events = new ArrayList<>();
        for (String part : text.replaceAll("\\R[ \t]", "").split("(?i)BEGIN:VEVENT\\R")) {
            events.add(new WrittenEvent(part.lines().toList()));
        }
        return events.subList(1, events.size());
    }

    /** How often it can fall on the day of the shoot and the day after. */
    int mostTimes() {
        boolean allDay = value("DTSTART").filter(start -> start.length() == 8).isPresent();
        return allDay ? 0 : repeats() ? 2 : 1;
    }

    private boolean repeats() {
        return value("RRULE").isPresent();
    }

    boolean is(Moment moment) {
        return moment.name()
                .equals(value("SUMMARY").filter(name -> !name.isBlank()).orElse("without a name"));
    }

    /** Fails when the moment does not start when the event says, where it says so in one of the usual ways. */
    void startsLike(Moment moment, Agenda.Frame frame) {
        lines.stream().map(START::matcher).filter(Matcher::matches).findFirst().ifPresent(start -> {
            LocalDateTime written =
                    LocalDateTime.parse(start.group(2), DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss"));
            ZoneId zone = !start.group(3).isEmpty()
                    ? ZoneOffset.UTC
                    : start.group(1) == null ? frame.zone() : ZoneId.of(start.group(1));
            ZonedDateTime local = written.atZone(zone).withZoneSameInstant(frame.zone());
            assertThat(moment.startTime().toString())
                    .isEqualTo(local.toLocalTime().toString().substring(0, 5));
            if (!repeats()) {
                assertThat(moment.date().or(frame::day)).contains(local.toLocalDate());
            }
        });
    }

    private Optional<String> value(String property) {
        return lines.stream()
                .filter(line -> line.matches("(?i)" + property + "[:;].*"))
                .map(line -> line.substring(line.indexOf(':') + 1).strip())
                .findFirst();
    }
}
