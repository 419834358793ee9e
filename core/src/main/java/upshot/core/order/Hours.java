package upshot.core.order;

import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upshot.core.light.SunDay;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;
import upshot.core.plan.WantedLight;

/**
 * When a setup can be shot: the action's own hours, those of its people and its spot, and the light that it asks for, all
 * at once. Whole minutes after the call.
 *
 * @param fromMin not before; 0 for the call
 * @param untilMin not after; the wrap where nothing else ends it
 * @param why what bounds it, for the sentences
 */
record Hours(int fromMin, int untilMin, String why) {

    static Hours of(Plan plan, Action action) {
        Brief brief = plan.brief();
        Subject subject = plan.subjectOf(action);
        Spot spot = plan.spotOf(action);
        List<Hours> all = new ArrayList<>();
        all.add(of(brief, action.fromTime(), action.untilTime(), action.name()));
        all.add(of(brief, subject.fromTime(), subject.untilTime(), subject.name()));
        all.add(of(brief, spot.opensTime(), spot.closesTime(), spot.name()));
        light(brief, action).ifPresent(all::add);
        return all.stream().reduce(new Hours(0, brief.dayMinutes(), ""), Hours::and);
    }

    private static Hours of(Brief brief, Optional<LocalTime> from, Optional<LocalTime> until, String why) {
        return new Hours(
                from.filter(time -> inTheDay(brief, time))
                        .map(brief::minutesAfterCall)
                        .orElse(0),
                until.filter(time -> inTheDay(brief, time))
                        .map(brief::minutesAfterCall)
                        .orElse(brief.dayMinutes()),
                why);
    }

    /** Hours that begin before the call or end after the wrap bound nothing. */
    private static boolean inTheDay(Brief brief, LocalTime time) {
        return brief.minutesAfterCall(time) <= brief.dayMinutes();
    }

    /** The first window of the wanted light that falls into the day; none where date or place are unknown. */
    private static Optional<Hours> light(Brief brief, Action action) {
        Optional<SunDay> known = SunDay.of(brief);
        if (action.wantedLight() == WantedLight.ANY || known.isEmpty()) {
            return Optional.empty();
        }
        SunDay day = known.get();
        Instant call = day.date().atTime(brief.callTime()).atZone(day.zone()).toInstant();
        return day.windows(action.wantedLight()).stream()
                .map(window -> new Hours(
                        (int) Math.max(
                                0,
                                ChronoUnit.MINUTES.between(call, window.from().plusSeconds(59))),
                        (int) Math.min(brief.dayMinutes(), ChronoUnit.MINUTES.between(call, window.until())),
                        action.wantedLight().label()))
                .filter(window -> window.untilMin > window.fromMin)
                .findFirst();
    }

    /** Both at once; the reason is that of whichever bounds it more. */
    private Hours and(Hours other) {
        boolean narrower = other.fromMin > fromMin || other.untilMin < untilMin;
        return new Hours(
                Math.max(fromMin, other.fromMin), Math.min(untilMin, other.untilMin), narrower ? other.why : why);
    }

    /** Whether anything but the day itself bounds it. */
    boolean bounded(Brief brief) {
        return fromMin > 0 || untilMin < brief.dayMinutes();
    }
}
