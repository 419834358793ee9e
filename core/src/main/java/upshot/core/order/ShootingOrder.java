package upshot.core.order;

import upshot.core.plan.Memory;
import upshot.core.plan.Plan;
import upshot.core.plan.View;
import upshot.day.DayOrder;
import upshot.day.DayProblem;

/** The order of the day as it stands: the turns that were written down, and a construction for everything else. */
public final class ShootingOrder {

    private ShootingOrder() {}

    /** A day as numbers: those with equal numbers have equal orders. */
    private static final class Numbers extends View {

        private final DayProblem problem;

        Numbers(DayProblem problem) {
            this.problem = problem;
        }

        DayOrder constructed() {
            return remember(DayOrder.class, () -> DayOrder.constructed(problem));
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Numbers that && problem.equals(that.problem);
        }

        @Override
        public int hashCode() {
            return problem.size();
        }
    }

    /** The day of a plan, as far as it is not remembered. */
    public static DayPlan of(Plan plan) {
        return view(plan).day();
    }

    /** When its shots roll. */
    public static Rolls rolls(Plan plan) {
        DayView view = view(plan);
        return view.remember(Rolls.class, () -> Rolls.of(view.day()));
    }

    private static DayView view(Plan plan) {
        return plan.remember(DayView.class, () -> plan.memory().same(DayView.class, new DayView(plan)));
    }

    /** The day of a shoot. */
    public static DayPlan of(Shoot shoot) {
        Memory memory = shoot.plan().memory();
        Numbers numbers = memory.same(Numbers.class, new Numbers(shoot.problem()));
        return DayPlan.of(shoot, numbers.constructed());
    }
}
