package upshot.core.order;

import upshot.core.plan.Plan;
import upshot.day.DayOrder;

/** The order of the day as it stands: the turns that were written down, and a construction for everything else. */
public final class ShootingOrder {

    private ShootingOrder() {}

    /** The day of a plan. */
    public static DayPlan of(Plan plan) {
        return of(Shoot.of(plan));
    }

    /** The same, where the day of an earlier plan is known: equal problems have equal orders. */
    public static DayPlan after(DayPlan before, Plan plan) {
        Shoot shoot = Shoot.of(plan);
        return shoot.problem().equals(before.order().problem()) ? DayPlan.of(shoot, before.order()) : of(shoot);
    }

    /** The day of a shoot. */
    public static DayPlan of(Shoot shoot) {
        return DayPlan.of(shoot, DayOrder.constructed(shoot.problem()));
    }
}
