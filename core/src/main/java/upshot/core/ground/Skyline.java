package upshot.core.ground;

import java.util.List;
import upshot.core.measure.Degrees;
import upshot.core.plan.Outline.Corner;

/** How high what stands on a plan reaches above a point of its floor, seen from there. */
public final class Skyline {

    /** Further than any floor is wide. */
    private static final double FAR_M = 3000;

    private final FloorPlan plan;
    private final Corner at;

    public Skyline(FloorPlan plan, Corner at) {
        this.plan = plan;
        this.at = at;
    }

    /**
     * The altitude up to which the sky is hidden in a direction, 0 to 90°: h above the floor at d metres is atan(h/d). What
     * the point lies in or on hides nothing of it.
     *
     * @param towardsDeg clockwise from the direction in which the spot goes deep
     */
    public double altitudeDeg(double towardsDeg) {
        Corner far = Floor.from(at, towardsDeg, FAR_M);
        double highest = 0;
        for (FloorPlan.Thing thing : plan.things()) {
            if (thing.heightM() > 0 && !thing.holds(at)) {
                List<Corner> corners = thing.corners();
                for (int i = 0; i < corners.size(); i++) {
                    Corner next = corners.get((i + 1) % corners.size());
                    highest = Math.max(highest, over(far, corners.get(i), next, thing.heightM()));
                }
            }
        }
        for (FloorPlan.Wall wall : plan.walls()) {
            highest = Math.max(highest, over(far, wall.from(), wall.to(), wall.heightM()));
        }
        return highest;
    }

    /** Whether the sun there is behind what stands on the plan. */
    public boolean hides(double sunAltitudeDeg, double towardsDeg) {
        return sunAltitudeDeg <= altitudeDeg(towardsDeg);
    }

    private double over(Corner far, Corner from, Corner to, double heightM) {
        double share = LineOfSight.crossing(at, far, from, to);
        return share > 0 && heightM > 0 ? Degrees.atan(heightM / (share * FAR_M)) : 0;
    }
}
