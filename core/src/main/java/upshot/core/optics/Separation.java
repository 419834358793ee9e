package upshot.core.optics;

/**
 * How far behind the subject the background has to be for a blur of one percent of the picture's long side.
 *
 * <p>κ = 100 f²/(N(d−f)s) is the blur, in percent, of a background infinitely far away; with κ above 1 a background at
 * D = d/(1 − 1/κ) is one percent soft.
 *
 * @param kappa κ
 * @param backgroundM D from the lens, positive infinity where one percent cannot be reached
 */
public record Separation(double kappa, double backgroundM) {

    public static Separation of(Sensor sensor, double focalLengthMm, double apertureN, double distanceM) {
        double kappa = sensor.backgroundBlurPercent(focalLengthMm, apertureN, distanceM, Double.POSITIVE_INFINITY);
        return new Separation(kappa, kappa <= 1 ? Double.POSITIVE_INFINITY : distanceM / (1 - 1 / kappa));
    }

    public boolean reachable() {
        return kappa > 1;
    }
}
