package upshot.core.size;

import upshot.core.measure.Labelled;

/** Where the camera is, in words, from its height against the subject's top and from how steeply it looks. */
public enum CameraHeight implements Labelled {
    LOW("low"),
    WAIST("waist"),
    EYE("eye"),
    HIGH("high"),
    OVERHEAD("overhead");

    /** From this elevation on the camera looks from overhead. */
    public static final double OVERHEAD_FROM_DEG = 60;

    private static final double WAIST_FROM = 0.35;
    private static final double EYE_FROM = 0.75;
    private static final double EYE_TO = 1.05;

    private final String label;

    CameraHeight(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /**
     * @param cameraM the lens above the floor
     * @param topM the subject's crown or upper edge above the floor, above 0
     * @param elevationDeg how far the camera looks down, negative when it looks up
     */
    public static CameraHeight of(double cameraM, double topM, double elevationDeg) {
        if (elevationDeg >= OVERHEAD_FROM_DEG) {
            return OVERHEAD;
        }
        double share = cameraM / topM;
        if (share < WAIST_FROM) {
            return LOW;
        }
        if (share < EYE_FROM) {
            return WAIST;
        }
        return share <= EYE_TO ? EYE : HIGH;
    }
}
