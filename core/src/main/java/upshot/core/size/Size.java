package upshot.core.size;

import java.util.Arrays;
import java.util.Comparator;
import upshot.core.measure.Labelled;

/** The rungs of the ladder, widest first. */
public enum Size implements Labelled {
    EXTREME_WIDE("extreme wide", SizeClass.WIDE, 6.0, 1.2),
    WIDE("wide", SizeClass.WIDE, 2.5, 0.75),
    FULL("full", SizeClass.WIDE, 1.15, 0.50),
    MEDIUM_FULL("medium full", SizeClass.MID, 0.70, 0.71),
    MEDIUM("medium", SizeClass.MID, 0.55, 0.775),
    MEDIUM_CLOSE("medium close", SizeClass.MID, 0.38, 0.84),
    CLOSE_UP("close-up", SizeClass.DETAIL, 0.25, 0.90),
    EXTREME_CLOSE_UP("extreme close-up", SizeClass.DETAIL, 0.12, 0.93),
    /** Its height is that of the thing shown, given on the shot; the factors here stay unused. */
    INSERT("insert", SizeClass.DETAIL, 1.3, 0.5);

    private final String label;
    private final SizeClass sizeClass;
    private final double heights;
    private final double centre;

    Size(String label, SizeClass sizeClass, double heights, double centre) {
        this.label = label;
        this.sizeClass = sizeClass;
        this.heights = heights;
        this.centre = centre;
    }

    @Override
    public String label() {
        return label;
    }

    public SizeClass sizeClass() {
        return sizeClass;
    }

    /** k: the frame's height in heights of the subject. */
    public double heights() {
        return heights;
    }

    /** k_c: where the frame's middle sits, in heights of the subject above its base. */
    public double centre() {
        return centre;
    }

    /**
     * The rung nearest to a frame, in log scale: what a lens shows from a distance.
     *
     * @param heights the frame's height in heights of the subject, above 0
     */
    public static Size nearest(double heights) {
        return Arrays.stream(values())
                .filter(size -> size != INSERT)
                .min(Comparator.comparingDouble(size -> Math.abs(Math.log(size.heights / heights))))
                .orElseThrow();
    }

    /** Whether the whole figure is in the frame. */
    public boolean fullOrWider() {
        return sizeClass == SizeClass.WIDE;
    }
}
