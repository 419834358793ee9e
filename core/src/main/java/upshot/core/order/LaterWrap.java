package upshot.core.order;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;

/**
 * A later wrap, where something is to happen after the one that stands. It is tried and not guessed: the day is ordered anew
 * up to the later wrap.
 *
 * @param wrap when it could be
 * @param before the wrap as it stands
 * @param late setups that are left out because of it
 * @param back how many of all that are left out would be shot again
 */
public record LaterWrap(LocalTime wrap, LocalTime before, int late, int back) {

    /** What happens later than so long after the call was rather meant before it. */
    private static final int LONGEST_DAY_MIN = 14 * 60;

    private static final int AFTER_THE_LAST_MIN = 15;
    private static final int QUARTER_MIN = 15;

    /** None where nothing is left out for the wrap's sake, or nothing would come back. */
    public static Optional<LaterWrap> of(Plan plan, DayPlan day) {
        Brief brief = plan.brief();
        List<Integer> ends = day.dropped().stream()
                .map(one -> one.setup().action())
                .map(action -> endMin(brief, action))
                .filter(end -> end > brief.dayMinutes() && end <= LONGEST_DAY_MIN)
                .toList();
        if (ends.isEmpty()) {
            return Optional.empty();
        }
        int last = ends.stream().max(Integer::compare).orElseThrow() + AFTER_THE_LAST_MIN;
        LocalTime wrap = quarter(brief.clockAt(last));
        DayPlan other = ShootingOrder.of(plan.apply(Change.edit(brief, one -> one.withWrapTime(wrap))));
        int back = day.dropped().size() - other.dropped().size();
        return back > 0 && nothingMoreLost(day, other)
                ? Optional.of(new LaterWrap(wrap, brief.wrapTime(), ends.size(), back))
                : Optional.empty();
    }

    /** When what has a time of its own is over, in minutes after the call; 0 where it has none. */
    private static int endMin(Brief brief, Action action) {
        return Stream.of(action.fixedTime(), action.fromTime())
                .flatMap(Optional::stream)
                .mapToInt(time -> brief.minutesAfterCall(time) + (int) Math.ceil(action.durationS() / 60))
                .max()
                .orElse(0);
    }

    private static LocalTime quarter(LocalTime time) {
        int over = time.getMinute() % QUARTER_MIN;
        return over == 0 ? time : time.plusMinutes(QUARTER_MIN - over);
    }

    private static boolean nothingMoreLost(DayPlan day, DayPlan other) {
        return Arrays.stream(Priority.values()).allMatch(priority -> lost(other, priority) <= lost(day, priority));
    }

    private static long lost(DayPlan day, Priority priority) {
        return day.dropped().stream()
                .filter(one -> one.setup().priority() == priority)
                .count();
    }

    /** "5 setups lie after the wrap at 17:00. With the wrap at 20:45 nothing of that is left out." */
    public String sentence() {
        return "%s %s after the wrap at %s. With the wrap at %s %s."
                .formatted(
                        Wording.count(late, "setup"),
                        late == 1 ? "lies" : "lie",
                        before,
                        wrap,
                        back >= late ? "nothing of that is left out" : "%d of them can be shot".formatted(back));
    }
}
