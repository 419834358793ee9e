package upshot.core.ground;

import java.util.Optional;
import java.util.function.Predicate;
import upshot.core.house.Threshold;
import upshot.core.measure.Degrees;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** Looks for the smallest turn of a camera round its subject that stays on its side of the line. */
public final class OtherBearing {

    private static final int STEP_DEG = 5;
    private static final int FARTHEST_DEG = 120;

    private OtherBearing() {}

    /** The bearing nearest to the shot's own, in steps of 5°, that the test accepts. */
    public static Optional<Double> smallest(Around plan, Shot shot, Predicate<Shot> accepted) {
        double neutral = plan.threshold(Threshold.NEUTRAL_WITHIN);
        ScreenTravel side = ScreenTravel.of(shot.bearingDeg(), false, neutral);
        double round = Math.round(shot.bearingDeg() / STEP_DEG) * (double) STEP_DEG;
        for (int turn = STEP_DEG; turn <= FARTHEST_DEG; turn += STEP_DEG) {
            for (int way : new int[] {1, -1}) {
                double bearing = Degrees.wrap(round + way * turn);
                boolean sameSide = !ScreenTravel.of(bearing, false, neutral).opposes(side);
                if (sameSide && accepted.test(shot.withBearingDeg(bearing))) {
                    return Optional.of(bearing);
                }
            }
        }
        return Optional.empty();
    }
}
