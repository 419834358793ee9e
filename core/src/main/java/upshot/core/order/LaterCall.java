package upshot.core.order;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.day.Cost;

/**
 * A later call, where people would wait for hours and nothing is lost by it. It is tried and not guessed: the day is
 * ordered anew from the later call.
 *
 * @param call when it could be
 * @param waitedMin minutes of waiting in the day as it is
 * @param waitsMin and with the later call
 */
public record LaterCall(LocalTime call, int waitedMin, int waitsMin) {

    private static final int MUCH_MIN = 60;
    private static final int LEAST_SAVED_MIN = 45;
    private static final int QUARTER_MIN = 15;

    /** Each puts the whole day in order anew. */
    private static final int TRIES = 4;

    /** By as much as the longest wait, or three quarters, half, a quarter of it, whichever saves waiting first; none where little is waited or something would be lost. */
    public static Optional<LaterCall> of(Plan plan, DayPlan day) {
        int longest = day.slots().stream().mapToInt(LaterCall::waitedMin).max().orElse(0);
        for (int quarters = TRIES; quarters > 0; quarters--) {
            int later = longest * quarters / TRIES / QUARTER_MIN * QUARTER_MIN;
            Optional<LaterCall> found = later < MUCH_MIN ? Optional.empty() : tried(plan, day, later);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<LaterCall> tried(Plan plan, DayPlan day, int laterMin) {
        LocalTime call = plan.brief().callTime().plusMinutes(laterMin);
        boolean sameDay = call.isAfter(plan.brief().callTime())
                && (call.isBefore(plan.brief().wrapTime())
                        || plan.brief().wrapTime().isBefore(plan.brief().callTime()));
        if (!sameDay) {
            return Optional.empty();
        }
        DayPlan other = ShootingOrder.of(plan.apply(Change.edit(plan.brief(), one -> one.withCallTime(call))));
        boolean nothingLost = lost(other).equals(lost(day));
        int waited = waited(day);
        int waits = waited(other);
        return nothingLost && waited - waits >= LEAST_SAVED_MIN
                ? Optional.of(new LaterCall(call, waited, waits))
                : Optional.empty();
    }

    private static List<Long> lost(DayPlan day) {
        return Arrays.stream(Priority.values())
                .map(priority -> day.dropped().stream()
                        .filter(one -> one.setup().priority() == priority)
                        .count())
                .toList();
    }

    private static int waitedMin(DayPlan.Slot slot) {
        return slot.state().hundredths(Cost.WAITING) / 100;
    }

    private static int waited(DayPlan day) {
        return day.slots().stream().mapToInt(LaterCall::waitedMin).sum();
    }

    /** "The day waits 3 h 21 min. With the call at 12:15 it waits 20 min, and nothing is lost." */
    public String sentence() {
        return "The day waits %s. With the call at %s it waits %s, and nothing is lost."
                .formatted(said(waitedMin), call, said(waitsMin));
    }

    private static String said(int minutes) {
        return minutes < 60
                ? "%d min".formatted(minutes)
                : "%d h%s".formatted(minutes / 60, minutes % 60 == 0 ? "" : " %d min".formatted(minutes % 60));
    }
}
