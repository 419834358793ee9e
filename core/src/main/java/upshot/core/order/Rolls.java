package upshot.core.order;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import upshot.core.plan.Shot;

/** When each shot of a day rolls. */
public final class Rolls {

    private final DayPlan day;
    private volatile Map<UUID, Integer> minutes;

    private Rolls(DayPlan day) {
        this.day = day;
    }

    /**
     * The same, but for shots that rolled at another time.
     *
     * @param otherwise by shot, minutes after the brief's call
     */
    public Rolls but(Map<UUID, Integer> otherwise) {
        Rolls rolls = new Rolls(day);
        Map<UUID, Integer> all = new HashMap<>(minutes());
        all.putAll(otherwise);
        rolls.minutes = all;
        return rolls;
    }

    public static Rolls of(DayPlan day) {
        return new Rolls(day);
    }

    /** Laid out when a shot is first asked for: most rules ask for none. */
    private Map<UUID, Integer> minutes() {
        if (minutes == null) {
            Map<UUID, Integer> all = new HashMap<>();
            for (DayPlan.Slot slot : day.slots()) {
                for (Shot shot : slot.setup().shots()) {
                    all.put(shot.id(), slot.times().roll().afterCall());
                }
            }
            minutes = all;
        }
        return minutes;
    }

    /** Minutes after the brief's call; none for a shot that has no time. */
    public OptionalInt of(Shot shot) {
        Integer minute = minutes().get(shot.id());
        return minute == null ? OptionalInt.empty() : OptionalInt.of(minute);
    }
}
