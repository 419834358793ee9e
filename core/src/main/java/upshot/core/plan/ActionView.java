package upshot.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** An action as it stands in a plan: with its shots, when the crews work, and all that is given. */
final class ActionView extends Sight implements AroundAction {

    private final Action action;
    private final List<ShotView> shots;
    private final List<ExtraCrew> shifts;
    private final int state;

    ActionView(Givens givens, Action action, int state, List<ShotView> shots, List<ExtraCrew> shifts) {
        super(givens);
        this.action = action;
        this.state = state;
        this.shots = shots;
        this.shifts = shifts;
    }

    /** Whether it would be equal to a new view of the same. */
    boolean shows(
            Givens nowGivens, Action nowAction, int nowState, List<ShotView> nowShots, List<ExtraCrew> nowShifts) {
        return action.equals(nowAction)
                && state == nowState
                && shots.equals(nowShots)
                && shifts.equals(nowShifts)
                && givens().equals(nowGivens);
    }

    @Override
    @SuppressWarnings("unchecked")
    public <R extends PlanRecord> List<R> list(RecordKind<R> kind) {
        return kind == RecordKind.SHIFT ? (List<R>) shifts : super.list(kind);
    }

    @Override
    public List<Shot> shotsOf(Action asked) {
        return mine(asked, shots.stream().map(ShotView::shot).toList());
    }

    @Override
    public int stateOf(Action asked) {
        return mine(asked, state);
    }

    private <T> T mine(Action asked, T answer) {
        if (!asked.id().equals(action.id())) {
            throw outOfSight(asked);
        }
        return answer;
    }

    private ShotView view(Shot shot) {
        return shots.stream()
                .filter(one -> one.shot().id().equals(shot.id()))
                .findFirst()
                .orElseThrow(() -> outOfSight(shot));
    }

    @Override
    public Action actionOf(Shot shot) {
        if (!shot.actionId().equals(action.id())) {
            throw outOfSight(shot);
        }
        return action;
    }

    @Override
    public List<Use> usesOf(Shot shot) {
        return view(shot).usesOf(shot);
    }

    @Override
    public boolean opensOrCloses(Shot shot) {
        return view(shot).opensOrCloses(shot);
    }

    @Override
    public Optional<Transition> outOf(Use use) {
        return shots.stream()
                .filter(one -> one.shot().id().equals(use.shotId()))
                .findFirst()
                .flatMap(one -> one.outOf(use));
    }

    @Override
    public <T> T remember(Class<T> what, Shot of, Function<Around, T> work) {
        return shots.stream()
                .filter(one -> one.shot() == of)
                .findFirst()
                .map(one -> one.remember(what, of, work))
                .orElseGet(() -> work.apply(this));
    }

    @Override
    public <T> T remember(Class<T> what, Action of, Function<AroundAction, T> work) {
        return of == action ? remembered(what, work) : work.apply(this);
    }

    <T> T remembered(Class<T> what, Function<AroundAction, T> work) {
        return remember(what, () -> work.apply(this));
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof ActionView that
                        && shows(that.givens(), that.action, that.state, that.shots, that.shifts);
    }

    @Override
    public int hashCode() {
        return action.hashCode();
    }
}
