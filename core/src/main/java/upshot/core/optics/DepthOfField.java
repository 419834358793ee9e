package upshot.core.optics;

/**
 * From where to where it is sharp.
 *
 * <p>H = f²/(N·coc) + f; near d(H−f)/(H+d−2f); far d(H−f)/(H−d), infinite when d ≥ H.
 *
 * @param nearM metres from the lens
 * @param farM metres from the lens, positive infinity when the horizon is sharp
 * @param hyperfocalM H in metres
 */
public record DepthOfField(double nearM, double farM, double hyperfocalM) {

    public static DepthOfField of(Sensor sensor, double focalLengthMm, double apertureN, double distanceM) {
        double focal = focalLengthMm;
        double hyperfocal = focal * focal / (apertureN * sensor.cocMm()) + focal;
        double distance = distanceM * 1000;
        double near = distance * (hyperfocal - focal) / (hyperfocal + distance - 2 * focal);
        double far = distance >= hyperfocal
                ? Double.POSITIVE_INFINITY
                : distance * (hyperfocal - focal) / (hyperfocal - distance);
        return new DepthOfField(near / 1000, far / 1000, hyperfocal / 1000);
    }
}
