package upshot.core.ground;

import java.util.Optional;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.plan.Action;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/**
 * How far apart two framings of one subject are.
 *
 * <p>e = √((Δ/30)² + (ln r/ln 1.7)²): a turn of 30° alone, or a size step of 1.7 alone, is just enough; half a degree is
 * given to Δ. Both bounds are {@link Threshold}s of the job.
 *
 * @param angleDeg Δ, the angle between the views
 * @param ratio r, the larger frame height by the smaller, 1 or more
 * @param sameAim whether they show one subject at one spot, with aims within half the smaller frame height
 * @param apart e
 * @param watchFrom from this e on it can pass, usually 0.75
 */
public record Likeness(double angleDeg, double ratio, boolean sameAim, double apart, double watchFrom) {

    /** From here on two framings cut together. */
    public static final double CLEAR_FROM = 1;

    /** Keeps a turn of exactly the limit on the clear side of it against rounding. */
    public static final double ROUNDING = 1e-9;

    private static final double GIVEN_DEG = 0.5;

    /**
     * How a subject is framed. Its aim is measured on the subject and turned with it, not on the floor: a walker stays one
     * subject along the path.
     *
     * @param thing what a detail shows in the hands or by itself, where it has a name
     * @param bearingDeg where the camera stands round the subject
     * @param elevationDeg how steeply it looks down
     * @param heightM F
     * @param acrossM the aim, to the subject's left
     * @param aheadM in front of it
     * @param upM above the floor
     */
    public record View(
            UUID subjectId,
            UUID spotId,
            Optional<String> thing,
            double bearingDeg,
            double elevationDeg,
            double heightM,
            double acrossM,
            double aheadM,
            double upM) {

        /** As it is planned. */
        public static View of(Around plan, Shot shot) {
            Stand stand = Stand.of(plan, shot);
            Action action = plan.actionOf(shot);
            boolean shown =
                    stand.aim().part() == AimedAt.Part.THING || stand.aim().part() == AimedAt.Part.HANDS;
            return new View(
                    plan.subjectOf(shot).id(),
                    action.spotId(),
                    shown && action.hasThing() ? Optional.of(action.thing()) : Optional.empty(),
                    shot.bearingDeg(),
                    stand.elevationDeg(),
                    stand.framing().heightM(),
                    0,
                    stand.aim().aheadM(),
                    stand.framing().aimM());
        }

        /** The same subject from elsewhere. */
        public View moved(double bearing, double elevation, double height, double across, double ahead, double up) {
            return new View(subjectId, spotId, thing, bearing, elevation, height, across, ahead, up);
        }

        /** A part of the same picture, so far to its right and so far up. */
        public View cropped(double height, double rightM, double higherM) {
            return moved(
                    bearingDeg,
                    elevationDeg,
                    height,
                    acrossM - rightM * Degrees.cos(bearingDeg),
                    aheadM + rightM * Degrees.sin(bearingDeg),
                    upM + higherM);
        }

        private double aimApartM(View other) {
            return Math.hypot(Math.hypot(acrossM - other.acrossM, aheadM - other.aheadM), upM - other.upM);
        }

        private boolean showsTheSame(View other) {
            boolean otherThing = thing.isPresent() && other.thing.isPresent() && !thing.equals(other.thing);
            return subjectId.equals(other.subjectId) && spotId.equals(other.spotId) && !otherThing;
        }
    }

    /** Of two shots as they are planned. */
    public static Likeness between(Around plan, Shot one, Shot other) {
        return between(plan, View.of(plan, one), View.of(plan, other));
    }

    public static Likeness between(Around plan, View a, View b) {
        double small = Math.min(a.heightM, b.heightM);
        double large = Math.max(a.heightM, b.heightM);
        double angle = ViewAngle.betweenDeg(a.bearingDeg, a.elevationDeg, b.bearingDeg, b.elevationDeg);
        boolean sameAim = a.showsTheSame(b) && a.aimApartM(b) <= small / 2 + ROUNDING;
        return new Likeness(
                angle,
                large / small,
                sameAim,
                apart(
                        angle + GIVEN_DEG,
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
