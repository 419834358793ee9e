package upshot.app.day;

import java.util.UUID;
import upshot.app.job.EditRefused;
import upshot.app.web.Arguments;
import upshot.core.order.DayPlan;
import upshot.core.order.Setup;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/** The day as a gesture finds it, and the setup that the gesture is about. */
record DayDesk(DayPlan day, Setup setup) {

    /** The setup of the shot that an argument names. */
    static DayDesk of(Plan plan, Arguments arguments) {
        UUID shot = arguments.chosen(plan, RecordKind.SHOT, "id").id();
        DayPlan day = ShootingOrder.of(plan);
        Setup setup = day.shoot().setups().stream()
                .filter(one -> one.shots().stream().anyMatch(made -> made.id().equals(shot)))
                .findFirst()
                .orElseThrow(() -> new EditRefused("This setup was let go; take it back first."));
        return new DayDesk(day, setup);
    }

    /** Its slot, where it has one. */
    DayPlan.Slot slot() {
        return day.slotOf(setup.first()).orElseThrow(() -> new EditRefused("This setup has no time of the day."));
    }
}
