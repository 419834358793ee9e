package upshot.core.house;

import upshot.core.measure.Labelled;

/** A number that a rule holds things against, which a job may move; everything else about the rule stays. */
public enum Threshold implements Labelled {
    ALIKE_ANGLE("turn that makes two views different", 30, 5, 90, "°"),
    ALIKE_RATIO("size step that makes two views different", 1.7, 1.1, 4, "×"),
    ALIKE_WATCH("share of it that can still pass", 0.75, 0.1, 1, ""),
    NEUTRAL_WITHIN("angle off the line that shows no direction", 20, 0, 60, "°"),
    HAND_HELD_RUN("hand-held on end", 6, 1, 120, "s"),
    EYE_SHORT("way of the eye across the frame, to a picture of a second or less", 20, 5, 100, "%"),
    EYE_MEDIUM("way of the eye across the frame, to a picture of up to two seconds", 30, 5, 100, "%"),
    LONG_USE("a picture stands at most, half as long again at the ends", 4, 1, 120, "s"),
    HANDLE("playback kept on each side of a use", 1, 0, 10, "s"),
    TAIL("roll after the last clean second", 2, 0, 30, "s"),
    READY_BEFORE("ready before a fixed moment", 10, 0, 120, "min"),
    MARGIN("margin on rigging and shooting", 10, 0, 100, "%"),
    SAFETY_TALK("unloading and safety talk at the call", 15, 0, 180, "min"),
    BREAK_AFTER("work at a stretch before a break", 180, 30, 1440, "min"),
    BREAK("break", 10, 0, 120, "min"),
    MEAL_BY("meal begins after the call at the latest", 360, 60, 1440, "min"),
    MEAL("meal", 30, 0, 180, "min"),
    WALK("walk between spots that have none of their own", 3, 0, 600, "min"),
    ALONE("start, walk in and look at a take, filming alone", 2, 0, 60, "min"),
    RIG_AGAIN("a support that stands rigged there, taken up again", 1, 0, 60, "min"),
    ANOTHER_ACTION("another action: people told, things laid out, light looked at", 3, 0, 60, "min"),
    RIG_TRIPOD("rig the tripod", 3, 0, 120, "min"),
    RIG_GROUND("place the ground plate or bag", 2, 0, 120, "min"),
    RIG_HAND_HELD("rig for hand-held", 1, 0, 120, "min"),
    RIG_SHOULDER("rig the shoulder rig", 2, 0, 120, "min"),
    RIG_GIMBAL("rig the gimbal", 5, 0, 120, "min"),
    RIG_SLIDER("rig the slider", 6, 0, 120, "min"),
    RIG_OVERHEAD("rig the overhead rig", 12, 0, 120, "min"),
    RIG_TURNTABLE("rig the turntable", 3, 0, 120, "min"),
    RIG_MOUNT("rig the vehicle or body mount", 10, 0, 120, "min"),
    RIG_DRONE("rig the drone", 8, 0, 120, "min"),
    NEW_STAND("new stand on the same support", 1.5, 0, 60, "min"),
    LENS("change the lens", 2, 0, 60, "min"),
    REBALANCE("balance the gimbal after a change of lens", 4, 0, 60, "min"),
    LAMPS_PLACED("place lamps of one's own", 10, 0, 180, "min"),
    LAMPS_SWITCHED("switch the lamps of the spot", 2, 0, 60, "min"),
    RATE("change the frame rate", 0.5, 0, 60, "min");

    private final String label;
    private final double usual;
    private final double least;
    private final double most;
    private final String unit;

    Threshold(String label, double usual, double least, double most, String unit) {
        this.label = label;
        this.usual = usual;
        this.least = least;
        this.most = most;
        this.unit = unit;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether it belongs to the minutes of the day, and not to what shots are held against. */
    public boolean ofTheDay() {
        return compareTo(READY_BEFORE) >= 0;
    }

    /** What holds where nobody moved it. */
    public double usual() {
        return usual;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }

    public String unit() {
        return unit;
    }
}
