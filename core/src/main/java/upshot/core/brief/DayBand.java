package upshot.core.brief;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upshot.core.light.SunDay;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;

/**
 * The day of the shoot on the clock: when the crew and the people are there, what will not wait, and the sun.
 *
 * @param from first full hour shown
 * @param until last full hour shown
 * @param zone the place's clock
 * @param bars crew first, then people, then moments by time
 * @param sun the days that are shown, one or two; none while date or place are unknown
 */
public record DayBand(Instant from, Instant until, ZoneId zone, List<Bar> bars, List<SunDay> sun) {

    /** Before the call and after the wrap. */
    private static final Duration ROUND = Duration.ofMinutes(45);

    /** What a bar stands for. */
    public enum Role {
        CREW,
        PERSON,
        MOMENT,
        ONCE
    }

    /** A stretch of the day with a name. */
    public record Bar(Role role, String name, Instant from, Instant until) {}

    public static DayBand of(Plan plan) {
        Brief brief = plan.brief();
        ZoneId zone = brief.clock();
        // Without a date any will do: the clock is drawn all the same.
        LocalDate day = brief.shootDate().orElse(LocalDate.EPOCH);
        Instant call = day.atTime(brief.callTime()).atZone(zone).toInstant();
        LocalDate last = brief.wrapTime().isAfter(brief.callTime()) ? day : day.plusDays(1);
        Instant wrap = last.atTime(brief.wrapTime()).atZone(zone).toInstant();
        Clock clock = new Clock(day, zone, call);
        List<Bar> bars = new ArrayList<>();
        bars.add(
                new Bar(Role.CREW, "Crew, call %s, wrap %s".formatted(brief.callTime(), brief.wrapTime()), call, wrap));
        bars.addAll(people(plan, clock, call, wrap));
        bars.addAll(moments(plan, clock, day));
        Instant from = hour(call.minus(ROUND), zone);
        Instant until = hour(wrap.plus(ROUND).plus(1, ChronoUnit.HOURS).minusSeconds(1), zone);
        boolean known = brief.shootDate().isPresent() && brief.coordinates().isPresent();
        return new DayBand(
                from, until, zone, bars, known ? sun(brief.coordinates().get(), day, zone, until) : List.of());
    }

    /** Clock times of the shoot as instants: those before the call belong to the next morning. */
    private record Clock(LocalDate day, ZoneId zone, Instant call) {
        Instant at(LocalTime time) {
            ZonedDateTime sameDay = LocalDateTime.of(day, time).atZone(zone);
            boolean early = sameDay.toInstant().isBefore(call.minus(Duration.ofHours(6)));
            return early ? sameDay.plusDays(1).toInstant() : sameDay.toInstant();
        }
    }

    private static Instant hour(Instant at, ZoneId zone) {
        return at.atZone(zone).truncatedTo(ChronoUnit.HOURS).toInstant();
    }

    private static List<Bar> people(Plan plan, Clock clock, Instant call, Instant wrap) {
        List<Bar> bars = new ArrayList<>();
        for (Subject person : plan.subjects()) {
            if (person.fromTime().isPresent() || person.untilTime().isPresent()) {
                Instant from = person.fromTime().map(clock::at).orElse(call);
                Instant until = person.untilTime().map(clock::at).orElse(wrap);
                if (until.isAfter(from)) {
                    bars.add(new Bar(Role.PERSON, person.name(), from, until));
                }
            }
        }
        bars.sort(Comparator.comparing(Bar::from).thenComparing(Bar::name));
        return bars;
    }

    private static List<Bar> moments(Plan plan, Clock clock, LocalDate day) {
        List<Bar> bars = new ArrayList<>();
        for (Moment moment : plan.list(RecordKind.MOMENT)) {
            if (moment.date().filter(date -> !date.equals(day)).isEmpty()) {
                Instant from = clock.at(moment.startTime());
                bars.add(new Bar(
                        Role.MOMENT, moment.name(), from, from.plusSeconds((long) (moment.durationMin() * 60))));
            }
        }
        for (Action action : plan.actions()) {
            action.fixedTime().ifPresent(time -> {
                Instant from = clock.at(time);
                bars.add(new Bar(action.once() ? Role.ONCE : Role.MOMENT, action.name(), from, from.plusSeconds((long)
                        Math.max(60, action.durationS()))));
            });
        }
        bars.sort(Comparator.comparing(Bar::from).thenComparing(Bar::name));
        return bars;
    }

    private static List<SunDay> sun(Coordinates place, LocalDate day, ZoneId zone, Instant until) {
        SunDay first = new SunDay(place, day, zone);
        return first.ends().isBefore(until) ? List.of(first, new SunDay(place, day.plusDays(1), zone)) : List.of(first);
    }

    /** How far along the band an instant lies, 0 at its beginning, 1 at its end. */
    public double share(Instant at) {
        return (double) Duration.between(from, at).toMillis()
                / Duration.between(from, until).toMillis();
    }

    /** The first golden, blue and dark hours that fall into the band, said as clock times: "17:37". */
    public Optional<LocalTime> clock(Instant at) {
        return at.isBefore(from) || at.isAfter(until)
                ? Optional.empty()
                : Optional.of(at.atZone(zone).toLocalTime().truncatedTo(ChronoUnit.MINUTES));
    }
}
