package upshot.core.order;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.plan.Brief;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.day.Minute;

/**
 * One crew on one of the days. Minutes are counted from the brief's call on the day of the shoot throughout, so that a
 * second day begins at about 1440.
 *
 * @param index place among the crews
 * @param shiftId the further shift that it is, none for the brief's own
 * @param name empty for the brief's own
 * @param dayOffset days after the day of the shoot
 * @param date of its day, when the day of the shoot is known
 * @param zone of the place
 * @param callTime local to the place
 * @param callMin when it starts
 * @param wrapMin when it must be done
 * @param cameras bodies that it has
 */
public record Crew(
        int index,
        Optional<UUID> shiftId,
        String name,
        int dayOffset,
        Optional<LocalDate> date,
        ZoneId zone,
        LocalTime callTime,
        int callMin,
        int wrapMin,
        int cameras) {

    private static final int DAY_MIN = 24 * 60;

    /** The brief's own crew, then the further ones in their order. */
    public static List<Crew> of(Plan plan) {
        Brief brief = plan.brief();
        List<ExtraCrew> shifts = plan.list(RecordKind.SHIFT);
        int lent = shifts.stream()
                .filter(shift -> shift.dayOffset() == 0)
                .mapToInt(ExtraCrew::cameras)
                .sum();
        List<Crew> crews = new ArrayList<>();
        crews.add(new Crew(
                0,
                Optional.empty(),
                "",
                0,
                brief.shootDate(),
                brief.clock(),
                brief.callTime(),
                0,
                brief.dayMinutes(),
                Math.max(1, plan.bodies().size() - lent)));
        shifts.forEach(shift -> crews.add(of(brief, shift, crews.size())));
        return crews;
    }

    private static Crew of(Brief brief, ExtraCrew shift, int index) {
        Optional<LocalDate> date = brief.shootDate().map(day -> day.plusDays(shift.dayOffset()));
        int call = date.map(day -> passes(
                        brief.shootDate().get().atTime(brief.callTime()), day.atTime(shift.callTime()), brief.clock()))
                .orElse(shift.dayOffset() * DAY_MIN
                        + shift.callTime().toSecondOfDay() / 60
                        - brief.callTime().toSecondOfDay() / 60);
        Crew untilCall = new Crew(
                index,
                Optional.of(shift.id()),
                shift.name(),
                shift.dayOffset(),
                date,
                brief.clock(),
                shift.callTime(),
                call,
                call,
                shift.cameras());
        return untilCall.until(untilCall.at(shift.wrapTime()));
    }

    private Crew until(int wrap) {
        return new Crew(index, shiftId, name, dayOffset, date, zone, callTime, callMin, wrap, cameras);
    }

    /** Minutes between two times of the place's clock, changes of the clock included. */
    private static int passes(LocalDateTime from, LocalDateTime until, ZoneId zone) {
        return (int) Duration.between(from.atZone(zone), until.atZone(zone)).toMinutes();
    }

    /** When a clock time is during the day of this crew, at the call or up to a day after it. */
    int at(LocalTime time) {
        return callMin
                + date.map(day -> passes(
                                day.atTime(callTime),
                                day.plusDays(time.isBefore(callTime) ? 1 : 0).atTime(time),
                                zone))
                        .orElse(Math.floorMod((time.toSecondOfDay() - callTime.toSecondOfDay()) / 60, DAY_MIN));
    }

    /** The instant of a minute of this crew's day, by the place's clock of that day. */
    public Instant instant(LocalDate shootDate, ZoneId zone, Minute minute) {
        Instant call =
                shootDate.plusDays(dayOffset).atTime(callTime).atZone(zone).toInstant();
        return call.plus(Duration.ofMinutes(minute.afterCall() - callMin));
    }
}
