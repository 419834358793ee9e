package upshot.core.light;

import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Brief;
import upshot.core.plan.WantedLight;

/**
 * When an action will most likely be shot, as far as that is known before there is an order of the day: its fixed time,
 * else the middle of the light that it asks for, else the middle of its own hours or of the day from call to wrap.
 *
 * @param hours between which it can be shot, by its own hours, the call and the wrap
 * @param windows of the light that it asks for, within these hours
 * @param at the instant
 */
public record LightHour(SunDay day, SunDay.Window hours, List<SunDay.Window> windows, Instant at) {

    /** Empty while date or place are unknown. */
    public static Optional<LightHour> of(Around plan, Action action) {
        return SunDay.of(plan.brief()).map(day -> of(day, plan.brief(), action));
    }

    private static LightHour of(SunDay day, Brief brief, Action action) {
        Instant from = at(day, brief, action.fromTime().orElse(brief.callTime()));
        Instant until = at(day, brief, action.untilTime().orElse(brief.wrapTime()));
        SunDay next = new SunDay(day.place(), day.date().plusDays(1), day.zone());
        SunDay.Window hours = new SunDay.Window(from, until.isAfter(from) ? until : day.ends());
        List<SunDay.Window> windows = Stream.of(day, next)
                .flatMap(one -> one.windows(action.wantedLight()).stream())
                .map(window -> window.and(hours))
                .filter(SunDay.Window::lasts)
                .toList();
        boolean asks = action.wantedLight() != WantedLight.ANY && !windows.isEmpty();
        Instant middle = (asks ? windows.get(0) : hours).middle();
        return new LightHour(
                day,
                hours,
                windows,
                action.fixedTime().map(time -> at(day, brief, time)).orElse(middle));
    }

    /** Of a shoot over midnight the hours before the call are those of the next morning. */
    private static Instant at(SunDay day, Brief brief, LocalTime time) {
        boolean overMidnight = !brief.wrapTime().isAfter(brief.callTime());
        boolean nextMorning = overMidnight && time.isBefore(brief.callTime());
        return day.date()
                .plusDays(nextMorning ? 1 : 0)
                .atTime(time)
                .atZone(day.zone())
                .toInstant();
    }

    /** By the place's clock. */
    public LocalTime clock(Instant instant) {
        return instant.atZone(day.zone()).toLocalTime();
    }
}
