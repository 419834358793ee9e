package upshot.core.order;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import upshot.core.house.Threshold;
import upshot.core.plan.Support;
import upshot.day.Changes;

/** Which figure of the house says how long a part of a change takes. */
public final class ChangeFigure {

    private static final Map<Support, Threshold> RIGGING = new EnumMap<>(Map.of(
            Support.TRIPOD, Threshold.RIG_TRIPOD,
            Support.GROUND, Threshold.RIG_GROUND,
            Support.HAND_HELD, Threshold.RIG_HAND_HELD,
            Support.SHOULDER, Threshold.RIG_SHOULDER,
            Support.GIMBAL, Threshold.RIG_GIMBAL,
            Support.SLIDER, Threshold.RIG_SLIDER,
            Support.OVERHEAD, Threshold.RIG_OVERHEAD,
            Support.TURNTABLE, Threshold.RIG_TURNTABLE,
            Support.MOUNT, Threshold.RIG_MOUNT,
            Support.DRONE, Threshold.RIG_DRONE));

    private ChangeFigure() {}

    static Threshold rigging(Support support) {
        return RIGGING.get(support);
    }

    /**
     * The figure of a part.
     *
     * @param next the setup that is made ready
     * @param stands whether its support stands rigged there since before
     * @return none for a walk, whose minutes are the way's own
     */
    public static Optional<Threshold> of(Changes.Work work, Setup next, boolean stands) {
        return switch (work) {
            case WALK -> Optional.empty();
            case RIG -> Optional.of(stands ? Threshold.RIG_AGAIN : rigging(next.support()));
            case NEW_STAND -> Optional.of(Threshold.NEW_STAND);
            case LENS -> Optional.of(Threshold.LENS);
            case REBALANCE -> Optional.of(Threshold.REBALANCE);
            case RATE -> Optional.of(Threshold.RATE);
            case LAMPS_PLACED -> Optional.of(Threshold.LAMPS_PLACED);
            case LAMPS_OFF, LAMPS_ON -> Optional.of(Threshold.LAMPS_SWITCHED);
            case ANOTHER_ACTION -> Optional.of(Threshold.ANOTHER_ACTION);
        };
    }
}
