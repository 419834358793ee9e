package upshot.core.joint;

import upshot.core.ground.ViewAngle;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.shot.Stand;

/**
 * How far apart two framings of one subject are.
 *
 * <p>e = √((Δ/30)² + (ln r/ln 1.7)²): a turn of 30° alone, or a size step of 1.7 alone, is just enough.
 *
 * @param angleDeg Δ, the angle between the views
 * @param ratio r, the larger frame height by the smaller, 1 or more
 * @param sameAim whether the aims lie within half the smaller frame height
 */
public record Likeness(double angleDeg, double ratio, boolean sameAim) {

    public static final double ENOUGH_ANGLE_DEG = 30;
    public static final double ENOUGH_RATIO = 1.7;
    /** From here on two framings cut together. */
    public static final double CLEAR_FROM = 1;
    /** From here on it can pass. */
    public static final double WATCH_FROM = 0.75;

    /** Keeps a turn of exactly the limit on the clear side of it against rounding. */
    static final double ROUNDING = 1e-9;

    public static Likeness between(Plan plan, Shot one, Shot other) {
        Stand a = Stand.of(plan, one);
        Stand b = Stand.of(plan, other);
        double small = Math.min(a.framing().heightM(), b.framing().heightM());
        double large = Math.max(a.framing().heightM(), b.framing().heightM());
        return new Likeness(
                ViewAngle.betweenDeg(one.bearingDeg(), a.elevationDeg(), other.bearingDeg(), b.elevationDeg()),
                large / small,
                Math.abs(a.framing().aimM() - b.framing().aimM()) <= small / 2 + ROUNDING);
    }

    /** e */
    public double apart() {
        return Math.hypot(angleDeg / ENOUGH_ANGLE_DEG, Math.log(ratio) / Math.log(ENOUGH_RATIO));
    }

    public boolean clear() {
        return !sameAim || apart() >= CLEAR_FROM - ROUNDING;
    }

    public boolean passes() {
        return !sameAim || apart() >= WATCH_FROM - ROUNDING;
    }
}
