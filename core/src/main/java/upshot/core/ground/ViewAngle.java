package upshot.core.ground;

import upshot.core.measure.Degrees;

/** The angle between two views of one subject. */
public final class ViewAngle {

    /** Up to so far above or below, going round counts in full. */
    private static final double FULL_UP_TO_DEG = 35;

    private ViewAngle() {}

    /**
     * Δ = √((Δβ·min(1, cos ε̄ / cos 35°))² + Δε²), Δβ the shorter way round, ε̄ the mean of the two elevations without
     * sign: from the eyes and from a little above, going round counts as people on set count it, and it shrinks towards
     * the view from the top, where going round only turns the picture.
     *
     * @return 0 to 255 degrees
     */
    public static double betweenDeg(
            double bearing1Deg, double elevation1Deg, double bearing2Deg, double elevation2Deg) {
        double round = Degrees.wrap(bearing1Deg - bearing2Deg);
        double shorter = Math.min(round, 360 - round);
        double steep = (Math.abs(elevation1Deg) + Math.abs(elevation2Deg)) / 2;
        double counts = Math.min(1, Degrees.cos(steep) / Degrees.cos(FULL_UP_TO_DEG));
        return Math.hypot(shorter * counts, elevation1Deg - elevation2Deg);
    }
}
