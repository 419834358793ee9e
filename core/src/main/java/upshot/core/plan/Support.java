package upshot.core.plan;

import upshot.core.measure.Labelled;

/** What carries the camera, with the seconds it needs to settle and how fast it moves. */
public enum Support implements Labelled {
    TRIPOD("tripod", 3, 0),
    GROUND("ground plate or bag", 3, 0),
    HAND_HELD("hand-held", 3, 1.5),
    SHOULDER("shoulder rig", 3, 1.5),
    GIMBAL("gimbal", 4, 1.5),
    SLIDER("slider", 4, 0.5),
    OVERHEAD("overhead rig", 4, 0.5),
    TURNTABLE("turntable", 4, 0),
    MOUNT("vehicle or body mount", 5, 30),
    DRONE("drone", 6, 10);

    private final String label;
    private final double settleS;
    private final double quickestMps;

    Support(String label, double settleS, double quickestMps) {
        this.label = label;
        this.settleS = settleS;
        this.quickestMps = quickestMps;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether a person carries it and can walk and run with it. */
    public boolean onFoot() {
        return this == HAND_HELD || this == SHOULDER || this == GIMBAL;
    }

    /** Seconds before the picture is still enough to count. */
    public double settleS() {
        return settleS;
    }

    /** The speed at which it still moves the camera cleanly, metres a second; 0 where it does not move it. */
    public double quickestMps() {
        return quickestMps;
    }
}
