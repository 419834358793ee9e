package upshot.core.ground;

import upshot.core.house.Threshold;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/**
 * How far apart two framings of one subject are.
 *
 * <p>e = √((Δ/30)² + (ln r/ln 1.7)²): a turn of 30° alone, or a size step of 1.7 alone, is just enough. Both bounds are
 * {@link Threshold}s of the job.
 *
 * @param angleDeg Δ, the angle between the views
 * @param ratio r, the larger frame height by the smaller, 1 or more
 * @param sameAim whether they show one subject, with aims within half the smaller frame height
 * @param apart e
 * @param watchFrom from this e on it can pass, usually 0.75
 */
public record Likeness(double angleDeg, double ratio, boolean sameAim, double apart, double watchFrom) {

    /** From here on two framings cut together. */
    public static final double CLEAR_FROM = 1;

    /** Keeps a turn of exactly the limit on the clear side of it against rounding. */
    public static final double ROUNDING = 1e-9;

    public static Likeness between(Around plan, Shot one, Shot other) {
        Stand a = Stand.of(plan, one);
        Stand b = Stand.of(plan, other);
        double small = Math.min(a.framing().heightM(), b.framing().heightM());
        double large = Math.max(a.framing().heightM(), b.framing().heightM());
        double angle = ViewAngle.betweenDeg(one.bearingDeg(), a.elevationDeg(), other.bearingDeg(), b.elevationDeg());
        boolean sameAim = plan.subjectOf(one).equals(plan.subjectOf(other))
                && Math.abs(a.framing().aimM() - b.framing().aimM()) <= small / 2 + ROUNDING;
        return new Likeness(
                angle,
                large / small,
                sameAim,
                apart(
                        angle,
                        large / small,
                        plan.threshold(Threshold.ALIKE_ANGLE),
                        plan.threshold(Threshold.ALIKE_RATIO)),
                plan.threshold(Threshold.ALIKE_WATCH));
    }

    /** e for bounds of so many degrees and so large a size step. */
    public static double apart(double angleDeg, double ratio, double enoughDeg, double enoughRatio) {
        return Math.hypot(angleDeg / enoughDeg, Math.log(ratio) / Math.log(enoughRatio));
    }

    public boolean clear() {
        return !sameAim || apart >= CLEAR_FROM - ROUNDING;
    }

    public boolean passes() {
        return !sameAim || apart >= watchFrom - ROUNDING;
    }
}
