package upshot.core.optics;

import upshot.core.measure.Degrees;

/**
 * The part of a sensor that ends up in the delivered picture.
 *
 * @param widthMm s_w
 * @param heightMm s_h
 * @param cocMm the circle of confusion: the diagonal of the unsqueezed area by 1500
 * @param squeeze q, how much the lens squeezes the picture across; 1 for none
 */
public record Sensor(double widthMm, double heightMm, double cocMm, double squeeze) {

    private static final double COC_PER_DIAGONAL = 1500;
    private static final double FULL_FRAME_WIDTH_MM = 36;

    /**
     * An active area, its width multiplied by the lens's squeeze q first, then cropped to the delivered shape. The circle
     * of confusion is √((s_w/q)² + s_h²)/1500.
     *
     * @param squeeze q, 1 for a lens that does not squeeze
     */
    public static Sensor cropped(double activeWidthMm, double activeHeightMm, double squeeze, double aspect) {
        double width = Math.min(activeWidthMm * squeeze, activeHeightMm * aspect);
        double height = width / aspect;
        return new Sensor(width, height, Math.hypot(width / squeeze, height) / COC_PER_DIAGONAL, squeeze);
    }

    /** The smaller area that a punch-in leaves, with the smaller circle of confusion that it asks for. */
    public Sensor punchedIn(double punchIn) {
        return new Sensor(widthMm / punchIn, heightMm / punchIn, cocMm / punchIn, squeeze);
    }

    /** 2·atan(s_w/2f), the field of view across in degrees. */
    public double fieldOfViewDeg(double focalLengthMm) {
        return 2 * Degrees.atan(widthMm / (2 * focalLengthMm));
    }

    /** The lens that would see as much across on a sensor 36 mm wide, in mm. */
    public double fullFrameEquivalentMm(double focalLengthMm) {
        return focalLengthMm * FULL_FRAME_WIDTH_MM / widthMm;
    }

    /** d = f(F/s_h + 1): from the lens to the subject, in metres, for a frame F metres high there. */
    public double distanceM(double focalLengthMm, double frameHeightM) {
        return focalLengthMm / 1000 * (frameHeightM * 1000 / heightMm + 1);
    }

    /** F = s_h(d/f − 1): the height of the frame that a lens shows at a distance beyond its focal length, metres. */
    public double frameHeightM(double focalLengthMm, double distanceM) {
        return heightMm / 1000 * (distanceM * 1000 / focalLengthMm - 1);
    }

    /** f = d·s_h/(F + s_h), the inverse of {@link #distanceM}: the lens in mm that frames F metres from d metres. */
    public double focalLengthMm(double distanceM, double frameHeightM) {
        return distanceM * 1000 * heightMm / (frameHeightM * 1000 + heightMm);
    }

    /** d + f(1 + m), m = s_h/F: what the focus ring reads, measured from the sensor, in metres. */
    public double focusMarkM(double focalLengthMm, double frameHeightM) {
        double magnification = heightMm / (frameHeightM * 1000);
        return distanceM(focalLengthMm, frameHeightM) + focalLengthMm / 1000 * (1 + magnification);
    }

    /**
     * f²/(N(d−f)) × |D−d|/D as a percentage of the picture's long side: how big a point of the background becomes. Across,
     * a lens that squeezes blurs so much less.
     *
     * @param distanceM d, to the subject
     * @param backgroundM D, to the background; infinity is allowed
     */
    public double backgroundBlurPercent(double focalLengthMm, double apertureN, double distanceM, double backgroundM) {
        double magnification = focalLengthMm / (distanceM * 1000 - focalLengthMm);
        return blurPercent(focalLengthMm, apertureN, magnification, distanceM, backgroundM);
    }

    /**
     * The same where the magnification of the whole is another than the lens's own, behind a close-up glass: f·m/N.
     *
     * @param magnification m, sensor height by frame height
     */
    public double blurPercent(
            double focalLengthMm, double apertureN, double magnification, double distanceM, double backgroundM) {
        double share = Double.isInfinite(backgroundM) ? 1 : Math.abs(backgroundM - distanceM) / backgroundM;
        double discMm = focalLengthMm * magnification / apertureN * share;
        return 100 * discMm / (widthMm >= heightMm ? widthMm * squeeze : heightMm);
    }
}
