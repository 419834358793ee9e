package upshot.day.log;

import java.util.List;

/**
 * What the log is held against: the day as it was planned.
 *
 * @param shots all that the plan has
 * @param setups in the order in which they are to be shot
 * @param people how many there are
 */
public record LogTable(List<Shot> shots, List<Setup> setups, int people) {

    private static final double HALF_A_DAY_MS = 43_200_000;

    public LogTable {
        shots = List.copyOf(shots);
        setups = List.copyOf(setups);
    }

    boolean isShot(int about) {
        return about >= 0 && about < shots.size();
    }

    /** The setup of a shot, −1 where there is none. */
    int setupOf(int shot) {
        return isShot(shot) ? shots.get(shot).setup() : -1;
    }

    /** Whether it is the day, or within half of one before or after it. */
    public boolean isItsDay(double nowMs) {
        double from = Double.MAX_VALUE;
        for (Setup setup : setups) {
            if (setup.endMs() > 0) {
                from = Math.min(from, setup.readyMs());
            }
        }
        return nowMs >= from - HALF_A_DAY_MS && nowMs <= overMs();
    }

    /** Half a day after the last setup of the plan, milliseconds since 1970. */
    double overMs() {
        double until = 0;
        for (Setup setup : setups) {
            until = Math.max(until, setup.endMs());
        }
        return until + HALF_A_DAY_MS;
    }

    /**
     * A setup of the day. Its times are milliseconds since 1970, 0 while the day has no date.
     *
     * @param readyMs when getting ready for it begins
     * @param rollMs when it rolls
     * @param endMs when it ends
     * @param people places of those in front of the camera
     */
    public record Setup(double readyMs, double rollMs, double endMs, List<Integer> people) {

        public Setup {
            people = List.copyOf(people);
        }
    }

    /**
     * A shot of the day.
     *
     * @param setup which it belongs to, −1 for one that is not shot on this day
     * @param settleS until the support is still
     * @param reframeS until its size stands, where a run goes on to it
     * @param needS what its uses in the cut need of it, clean and real seconds; 0 where the cut does not use it
     * @param cleanS the hold that it is planned with
     * @param lostAfterMs when its moment has passed, milliseconds since 1970; 0 for one that can wait
     * @param mayComeLate whether people make that moment and may be late, as the sun is not
     */
    public record Shot(
            int setup,
            double settleS,
            double reframeS,
            double needS,
            double cleanS,
            double lostAfterMs,
            boolean mayComeLate) {

        private static final double LEAST_S = 3;

        /** Clean seconds that a keeper has at least. */
        public double enoughS() {
            return Math.max(LEAST_S, needS > 0 ? needS : cleanS);
        }
    }
}
