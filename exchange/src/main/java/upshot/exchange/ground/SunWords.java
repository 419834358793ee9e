package upshot.exchange.ground;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upshot.core.light.SunDay;
import upshot.core.plan.Brief;

/** When and where the sun rises and sets, in words. */
public final class SunWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final int SOLSTICE = 21;

    private SunWords() {}

    /** On a day and on the longest and the shortest of its year; empty where the place is unknown. */
    public static String risesAndSets(Brief brief, LocalDate date) {
        return brief.coordinates()
                .map(place -> Stream.of(
                                date,
                                LocalDate.of(date.getYear(), Month.JUNE, SOLSTICE),
                                LocalDate.of(date.getYear(), Month.DECEMBER, SOLSTICE))
                        .distinct()
                        .map(on -> risesAndSets(new SunDay(place, on, brief.clock())))
                        .collect(Collectors.joining("; ")))
                .orElse("");
    }

    private static String risesAndSets(SunDay day) {
        return DAY.format(day.date()) + ": "
                + day.up().stream()
                        .findFirst()
                        .map(window -> "up %s at %.0f° to %s at %.0f°"
                                .formatted(
                                        clock(day, window.from()),
                                        day.azimuthDeg(window.from()),
                                        clock(day, window.until()),
                                        day.azimuthDeg(window.until())))
                        .orElse("the sun stays down");
    }

    private static LocalTime clock(SunDay day, Instant at) {
        return at.atZone(day.zone()).toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    }
}
