package upshot.core.order;

import java.util.List;

/**
 * Setups on the clock. Times are whole minutes after the call.
 *
 * @param slots in shooting order; two cameras on one moment share their times
 * @param dropped what does not fit
 * @param talkMin minutes of unloading and safety talk at the call
 * @param slackMin the most that can be lost at any one point while everything after it still happens; below zero it is
 *     what the dropped setups would need
 */
public record DayPlan(List<Slot> slots, List<Dropped> dropped, int talkMin, int slackMin) {

    /**
     * A setup that has its time.
     *
     * @param number 1 for the first
     * @param fixed whether the moment and not the crew decides when
     * @param items where the minutes go
     * @param why why it stands here
     */
    public record Slot(
            int number,
            Setup setup,
            int startMin,
            int endMin,
            boolean fixed,
            List<MinutesTable.Item> items,
            String why) {}

    /**
     * A setup that does not fit.
     *
     * @param needsMin what it would take
     * @param why why it was left out
     */
    public record Dropped(Setup setup, int needsMin, String why) {}

    public DayPlan {
        slots = List.copyOf(slots);
        dropped = List.copyOf(dropped);
    }
}
