package upshot.core.plan;

import static upshot.core.plan.Check.range;

/**
 * How the lens is set.
 *
 * @param focalLengthMm 4 to 1200 mm
 * @param apertureN the f-number, 0.7 to 45
 */
public record ShotGlass(double focalLengthMm, double apertureN) implements Part {

    public ShotGlass {
        focalLengthMm = range("focalLengthMm", "lens", focalLengthMm, 4, 1200, "mm");
        apertureN = range("apertureN", "aperture", apertureN, 0.7, 45, "");
    }

    ShotGlass withFocalLengthMm(double focalLengthMm) {
        return new ShotGlass(focalLengthMm, apertureN);
    }

    ShotGlass withApertureN(double apertureN) {
        return new ShotGlass(focalLengthMm, apertureN);
    }
}
