package upshot.core.optics;

import upshot.core.measure.Labelled;

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

    /** What a blur looks like. */
    public enum Look implements Labelled {
        READABLE("readable"),
        SOFT("soft"),
        APART("stands apart");

        private static final double SOFT_FROM = 0.3;
        private static final double APART_FROM = 1;

        private final String label;

        Look(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

        /**
         * @param blurPercent of the picture's long side
         */
        public static Look of(double blurPercent) {
            return blurPercent < SOFT_FROM ? READABLE : blurPercent < APART_FROM ? SOFT : APART;
        }
    }

    public boolean reachable() {
        return kappa > 1;
    }
}
