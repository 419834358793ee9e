package upshot.core.optics;

/**
 * The light that an exposure wants: 250·N_e²/(t·ISO) lux, with N_e = N(1 + m)·2^(ND/2).
 *
 * @param lux on the subject
 */
public record NeededLight(double lux) {

    private static final double CONSTANT = 250;

    /** A night without a moon; no camera tells what is darker apart. */
    private static final double DARKEST_LUX = 1e-4;

    /**
     * @param apertureN N
     * @param magnification m, sensor height by frame height
     * @param ndStops grey glass in front
     * @param shutterS t, seconds
     */
    public static NeededLight of(double apertureN, double magnification, double ndStops, double shutterS, double iso) {
        double effective = apertureN * (1 + magnification) * Math.pow(2, ndStops / 2);
        return new NeededLight(CONSTANT * effective * effective / (shutterS * iso));
    }

    /** How many stops a place is short of it, negative where it is brighter. */
    public double missingStops(double spotLux) {
        return Math.log(lux / Math.max(spotLux, DARKEST_LUX)) / Math.log(2);
    }
}
