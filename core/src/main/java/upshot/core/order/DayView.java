package upshot.core.order;

import java.util.List;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.ShotView;
import upshot.core.plan.View;
import upshot.core.shot.ShotNumbers;

/** All of a plan that decides its day: everything but the cut, of which only the minutes are seen that it asks of a shot. */
final class DayView extends View {

    private final Plan plan;

    DayView(Plan plan) {
        this.plan = plan;
    }

    DayPlan day() {
        return remember(DayPlan.class, () -> ShootingOrder.of(Shoot.of(plan)));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof DayView that
                && plan.givens().equals(that.plan.givens())
                && plan.list(RecordKind.SHIFT).equals(that.plan.list(RecordKind.SHIFT))
                && plan.list(RecordKind.TURN).equals(that.plan.list(RecordKind.TURN))
                && plan.actions().equals(that.plan.actions())
                && sameShots(that.plan);
    }

    /** Those that are seen as they were take as long as they did. */
    private boolean sameShots(Plan other) {
        if (!plan.shots().equals(other.shots())) {
            return false;
        }
        List<ShotView> now = plan.shotViews();
        List<ShotView> before = other.shotViews();
        boolean same = true;
        for (int i = 0; same && i < now.size(); i++) {
            same = now.get(i) == before.get(i) || takesS(now.get(i)) == takesS(before.get(i));
        }
        return same;
    }

    private static double takesS(ShotView view) {
        return ShotNumbers.of(view, view.shot()).shotTimeS();
    }

    @Override
    public int hashCode() {
        return plan.shots().size();
    }
}
