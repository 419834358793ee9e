package upshot.core.ground;

import upshot.core.measure.Degrees;

/** The angle between two views of one subject. */
public final class ViewAngle {

    private ViewAngle() {}

    /**
     * cos Δ = cos ε₁ cos ε₂ cos(β₁ − β₂) + sin ε₁ sin ε₂.
     *
     * @return 0 to 180 degrees
     */
    public static double betweenDeg(
            double bearing1Deg, double elevation1Deg, double bearing2Deg, double elevation2Deg) {
        double cosine = Degrees.cos(elevation1Deg) * Degrees.cos(elevation2Deg) * Degrees.cos(bearing1Deg - bearing2Deg)
                + Degrees.sin(elevation1Deg) * Degrees.sin(elevation2Deg);
        return Degrees.acos(cosine);
    }
}
