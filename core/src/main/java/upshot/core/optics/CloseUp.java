package upshot.core.optics;

/**
 * A close-up glass of strength P (1/m) in front of a lens, metres throughout. For a frame F metres high on a sensor s_h
 * metres high through a focal length f, the lens is set to x = (s_h − F·f·P)/(f(F + s_h)) per metre, and the subject is
 * 1/(x + P) away. The limits of focus map by 1/(1/near + P) and 1/(1/far + P), where 1/∞ is 0.
 *
 * @param settingPerM x; below 0 the frame is too wide for the glass, above 1/near it is too tight
 * @param distanceM from the glass to the subject
 */
public record CloseUp(double settingPerM, double distanceM) {

    /**
     * @param strengthPerM P, above 0
     */
    public static CloseUp of(Sensor sensor, double focalLengthMm, double frameHeightM, double strengthPerM) {
        double focal = focalLengthMm / 1000;
        double height = sensor.heightMm() / 1000;
        double setting = (height - frameHeightM * focal * strengthPerM) / (focal * (frameHeightM + height));
        return new CloseUp(setting, 1 / (setting + strengthPerM));
    }

    /** Where something at a lens's own distance lies with the glass in front; infinity maps to 1/P. */
    public static double mappedM(double lensDistanceM, double strengthPerM) {
        double own = Double.isInfinite(lensDistanceM) ? 0 : 1 / lensDistanceM;
        return 1 / (own + strengthPerM);
    }

    /** m = f·x/(1 − f·x): the magnification that the lens makes by itself, set to x; 0 where it is set to infinity. */
    public double lensMagnification(double focalLengthMm) {
        double drawn = Math.max(0, settingPerM) * focalLengthMm / 1000;
        return drawn / Math.max(1 - drawn, 1e-3);
    }

    /** Whether the frame is wider than the glass can focus. */
    public boolean tooWide() {
        return settingPerM < 0;
    }

    /** Whether the lens would have to be set nearer than it goes. */
    public boolean tooTight(double nearLimitM) {
        return settingPerM > 1 / nearLimitM;
    }
}
