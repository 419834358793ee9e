package upshot.core.size;

import upshot.core.measure.Labelled;

/** Where the camera is, in words. */
public enum CameraHeight implements Labelled {
    LOW("low"),
    WAIST("waist"),
    EYE("eye"),
    HIGH("high"),
    LEVEL("level"),
    RAISED("raised"),
    FROM_45("from 45°"),
    OVERHEAD("overhead");

    /** From this elevation on the camera looks from overhead. */
    public static final double OVERHEAD_FROM_DEG = 60;

    private static final double WAIST_FROM = 0.35;
    private static final double EYE_FROM = 0.75;
    private static final double EYE_TO = 1.05;
    private static final double LEVEL_FROM_DEG = -10;
    private static final double LEVEL_TO_DEG = 15;
    private static final double RAISED_TO_DEG = 35;
    private static final double ON_THE_FLOOR_M = 0.35;

    private final String label;

    CameraHeight(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** The one that it counts as where heights are counted: level is for a thing what eye height is for a person. */
    public CameraHeight counted() {
        return this == LEVEL ? EYE : this;
    }

    /**
     * Of a person as a whole, or of a face.
     *
     * @param share the lens above the floor that the person stands on, in shares of the crown's height above it
     * @param elevationDeg how far the camera looks down, negative when it looks up
     */
    public static CameraHeight ofPerson(double share, double elevationDeg) {
        if (elevationDeg >= OVERHEAD_FROM_DEG) {
            return OVERHEAD;
        }
        if (share < WAIST_FROM) {
            return LOW;
        }
        if (share < EYE_FROM) {
            return WAIST;
        }
        return share <= EYE_TO ? EYE : HIGH;
    }

    /**
     * Of hands, feet, things and places, by how steeply the camera looks; on the floor it is low whatever it looks at.
     *
     * @param cameraM the lens above the floor
     * @param elevationDeg how far the camera looks down, negative when it looks up
     */
    public static CameraHeight ofThing(double cameraM, double elevationDeg) {
        if (cameraM < ON_THE_FLOOR_M || elevationDeg < LEVEL_FROM_DEG) {
            return LOW;
        }
        if (elevationDeg <= LEVEL_TO_DEG) {
            return LEVEL;
        }
        if (elevationDeg <= RAISED_TO_DEG) {
            return RAISED;
        }
        return elevationDeg < OVERHEAD_FROM_DEG ? FROM_45 : OVERHEAD;
    }
}
