package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What carries the camera, with the seconds it needs to settle and the minutes it takes to rig. */
public enum Support implements Labelled {
    TRIPOD("tripod", 3, 3),
    HAND_HELD("hand-held", 3, 1),
    SHOULDER("shoulder rig", 3, 2),
    GIMBAL("gimbal", 4, 5),
    SLIDER("slider", 4, 6),
    OVERHEAD("overhead rig", 4, 12),
    TURNTABLE("turntable", 4, 3);

    private final String label;
    private final double settleS;
    private final double rigMin;

    Support(String label, double settleS, double rigMin) {
        this.label = label;
        this.settleS = settleS;
        this.rigMin = rigMin;
    }

    @Override
    public String label() {
        return label;
    }

    /** Seconds before the picture is still enough to count. */
    public double settleS() {
        return settleS;
    }

    /** Minutes to rig it from nothing. */
    public double rigMin() {
        return rigMin;
    }
}
