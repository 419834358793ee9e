package upshot.core.measure;

/** Angles in degrees: radians appear nowhere outside this class and the projection. */
public final class Degrees {

    private Degrees() {}

    public static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    public static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    public static double asin(double ratio) {
        return Math.toDegrees(Math.asin(ratio));
    }

    /** The angle whose tangent is along/base, by their signs, −180 to 180°. */
    public static double atan2(double along, double base) {
        return Math.toDegrees(Math.atan2(along, base));
    }

    public static double atan(double ratio) {
        return Math.toDegrees(Math.atan(ratio));
    }

    /** Arc cosine in degrees, with the argument kept within −1 to 1 against rounding. */
    public static double acos(double ratio) {
        return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, ratio))));
    }

    /** The same direction as 0 up to, not including, 360. */
    public static double wrap(double degrees) {
        double wrapped = degrees % 360;
        return wrapped < 0 ? wrapped + 360 : wrapped;
    }
}
