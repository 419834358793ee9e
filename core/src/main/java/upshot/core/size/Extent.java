package upshot.core.size;

import upshot.core.measure.Degrees;

/**
 * The room a subject takes up.
 *
 * @param person whether it has a crown and an eye line of its own
 * @param baseM z₀, what it stands on, above the floor
 * @param heightM h, its height when standing
 * @param topM z_t, the crown or upper edge above the floor, posture counted
 * @param widthM w, across its facing
 * @param lengthM ℓ, along its facing
 */
public record Extent(boolean person, double baseM, double heightM, double topM, double widthM, double lengthM) {

    /** How far below the crown the eyes are, in standing heights. */
    private static final double EYES_BELOW_CROWN = 0.064;

    public static Extent person(double baseM, double heightM, Posture posture, double widthM, double lengthM) {
        return new Extent(true, baseM, heightM, baseM + heightM * posture.crownShare(), widthM, lengthM);
    }

    public static Extent object(double baseM, double heightM, double widthM, double lengthM) {
        return new Extent(false, baseM, heightM, baseM + heightM, widthM, lengthM);
    }

    /** The eye line of a person, the middle of an object, in metres above the floor. */
    public double eyeLineM() {
        return person ? topM - EYES_BELOW_CROWN * heightM : middleM();
    }

    /** Half way up, in metres above the floor. */
    public double middleM() {
        return (baseM + topM) / 2;
    }

    /** ℓ|sin β| + w|cos β|: how broad it looks from a bearing, in metres. */
    public double breadthM(double bearingDeg) {
        return lengthM * Math.abs(Degrees.sin(bearingDeg)) + widthM * Math.abs(Degrees.cos(bearingDeg));
    }
}
