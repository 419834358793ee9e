package upshot.core.order;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import upshot.core.plan.Shot;

/** When each shot of a day rolls. */
public final class Rolls {

    private final Map<UUID, Integer> minutes = new HashMap<>();

    private Rolls() {}

    public static Rolls of(DayPlan day) {
        Rolls rolls = new Rolls();
        for (DayPlan.Slot slot : day.slots()) {
            for (Shot shot : slot.setup().shots()) {
                rolls.minutes.put(shot.id(), slot.times().roll().afterCall());
            }
        }
        return rolls;
    }

    /** Minutes after the brief's call; none for a shot that has no time. */
    public OptionalInt of(Shot shot) {
        Integer minute = minutes.get(shot.id());
        return minute == null ? OptionalInt.empty() : OptionalInt.of(minute);
    }
}
