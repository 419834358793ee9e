package upshot.core.ground;

import upshot.core.measure.Degrees;
import upshot.core.measure.Labelled;

/** Which way something that moves or looks goes across the frame. */
public enum ScreenTravel implements Labelled {
    LEFT_TO_RIGHT("left to right"),
    RIGHT_TO_LEFT("right to left"),
    NEUTRAL("towards or away");

    private final String label;

    ScreenTravel(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /**
     * The sign of sin β, neutral when |sin β| &lt; sin of the given angle; reversed playback negates it.
     *
     * @param bearingDeg of the camera
     * @param reversed whether the use runs backwards
     * @param neutralWithinDeg within so many degrees of the line itself the picture has no direction, usually 20°
     */
    public static ScreenTravel of(double bearingDeg, boolean reversed, double neutralWithinDeg) {
        double across = Degrees.sin(bearingDeg);
        // The bound is computed the same way as the value, so that exactly the bound is on the clear side.
        if (Math.abs(across) < Degrees.sin(neutralWithinDeg) - 1e-12) {
            return NEUTRAL;
        }
        return across > 0 != reversed ? LEFT_TO_RIGHT : RIGHT_TO_LEFT;
    }

    /** The other way; neutral stays neutral. */
    public ScreenTravel turnedRound() {
        return switch (this) {
            case LEFT_TO_RIGHT -> RIGHT_TO_LEFT;
            case RIGHT_TO_LEFT -> LEFT_TO_RIGHT;
            case NEUTRAL -> NEUTRAL;
        };
    }

    /** Whether the other goes the opposite way; neutral opposes nothing. */
    public boolean opposes(ScreenTravel other) {
        return this != NEUTRAL && other != NEUTRAL && this != other;
    }
}
