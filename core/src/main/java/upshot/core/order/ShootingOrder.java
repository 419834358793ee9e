package upshot.core.order;

import upshot.core.plan.Plan;

/** The order of the day as it stands: the turns that were written down, and a construction for everything else. */
public final class ShootingOrder {

    private ShootingOrder() {}

    /** The day of a plan. */
    public static DayPlan of(Plan plan) {
        return of(Shoot.of(plan));
    }

    /** The day of a shoot. */
    public static DayPlan of(Shoot shoot) {
        return DayPlan.of(Construction.of(shoot));
    }
}
