package upshot.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.day.Cost;

/**
 * Two days side by side.
 *
 * @param lines what they have and cost
 * @param lost shots that only the first makes
 * @param won shots that only the second makes
 * @param moved setups that both make at another time
 */
public record Comparison(List<Line> lines, List<Shot> lost, List<Shot> won, int moved) {

    /**
     * One thing in which they are compared.
     *
     * @param before in the unit, in the first of the two
     * @param after likewise, in the second
     * @param unit "shots" or "min"
     * @param moreIsBetter whether the second is better where it has more
     */
    public record Line(String what, double before, double after, String unit, boolean moreIsBetter) {

        /** 1 where the second is better, −1 where it is worse, 0 where both are the same to a tenth. */
        public int better() {
            long gained = Math.round(10 * after) - Math.round(10 * before);
            return Long.signum(moreIsBetter ? gained : -gained);
        }
    }

    public static Comparison of(DayPlan before, DayPlan after) {
        List<Line> lines = new ArrayList<>();
        for (Priority priority : Priority.values()) {
            lines.add(new Line(
                    "%s shots made".formatted(priority.label()),
                    made(before, priority),
                    made(after, priority),
                    "shots",
                    true));
        }
        for (Cost cost : Cost.values()) {
            lines.add(new Line(
                    cost.label(), before.order().minutes(cost), after.order().minutes(cost), "min", false));
        }
        lines.add(new Line(
                "all minutes, as they count",
                before.order().merit().minutes(),
                after.order().merit().minutes(),
                "min",
                false));
        lines.add(new Line("slack", before.slackMin(), after.slackMin(), "min", true));
        lines.removeIf(line -> line.before() == 0 && line.after() == 0);
        Set<UUID> first = before.byShot().keySet();
        Set<UUID> second = after.byShot().keySet();
        return new Comparison(List.copyOf(lines), only(before, second), only(after, first), moved(before, after));
    }

    private static int made(DayPlan day, Priority priority) {
        return day.slots().stream()
                .filter(slot -> slot.setup().priority() == priority)
                .mapToInt(slot -> slot.setup().shots().size())
                .sum();
    }

    private static List<Shot> only(DayPlan day, Set<UUID> elsewhere) {
        return day.slots().stream()
                .flatMap(slot -> slot.setup().shots().stream())
                .filter(shot -> !elsewhere.contains(shot.id()))
                .toList();
    }

    private static int moved(DayPlan before, DayPlan after) {
        var then = after.slots().stream()
                .collect(Collectors.toMap(slot -> slot.setup().first().id(), DayPlan.Slot::times, (one, two) -> one));
        return (int) before.slots().stream()
                .filter(slot -> then.containsKey(slot.setup().first().id())
                        && !then.get(slot.setup().first().id())
                                .gettingReady()
                                .equals(slot.times().gettingReady()))
                .count();
    }
}
