package upshot.core.order;

import java.util.Arrays;
import java.util.List;
import upshot.core.plan.Action;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Givens;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;
import upshot.core.plan.View;
import upshot.core.shot.ShotNumbers;

/** All of a plan that decides its day: everything but the cut, of which only the minutes are seen that it asks of a shot. */
final class DayView extends View {

    private final Plan plan;
    private final Givens givens;
    private final List<Action> actions;
    private final List<Shot> shots;
    private final List<ExtraCrew> shifts;
    private final List<Turn> turns;
    private final double[] shotTimesS;

    DayView(Plan plan) {
        this.plan = plan;
        this.givens = plan.givens();
        this.actions = plan.actions();
        this.shots = plan.shots();
        this.shifts = plan.list(RecordKind.SHIFT);
        this.turns = plan.list(RecordKind.TURN);
        this.shotTimesS = shots.stream()
                .mapToDouble(shot -> ShotNumbers.of(plan, shot).shotTimeS())
                .toArray();
    }

    DayPlan day() {
        return remember(DayPlan.class, () -> ShootingOrder.of(Shoot.of(plan)));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof DayView that
                && Arrays.equals(shotTimesS, that.shotTimesS)
                && actions.equals(that.actions)
                && shots.equals(that.shots)
                && shifts.equals(that.shifts)
                && turns.equals(that.turns)
                && givens.equals(that.givens);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(shotTimesS);
    }
}
