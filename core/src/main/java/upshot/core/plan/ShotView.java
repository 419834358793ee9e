package upshot.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A shot as it stands in a plan: with its action, what the cut shows of it, how it leaves that, and all that is given. */
public final class ShotView extends Sight implements Around {

    private final Shot shot;
    private final Action action;
    private final List<Use> uses;
    private final List<Optional<Transition>> outOf;
    private final boolean opensOrCloses;
    private final int state;

    ShotView(Plan plan, Shot shot, Action action, int state) {
        super(plan.given());
        this.shot = shot;
        this.action = action;
        this.uses = plan.usesOf(shot);
        this.outOf = uses.isEmpty() ? List.of() : uses.stream().map(plan::outOf).toList();
        this.opensOrCloses = plan.opensOrCloses(shot);
        this.state = state;
    }

    /** Whether it would be equal to a new view of the same. */
    boolean shows(Plan plan, Shot now, Action nowAction, int nowState) {
        return sees(plan.given(), now, nowAction, nowState)
                && opensOrCloses == plan.opensOrCloses(now)
                && uses.equals(plan.usesOf(now))
                && sameWaysOut(plan);
    }

    private boolean sameWaysOut(Plan plan) {
        for (int i = 0; i < uses.size(); i++) {
            if (!plan.outOf(uses.get(i)).equals(outOf.get(i))) {
                return false;
            }
        }
        return true;
    }

    private boolean sees(Givens now, Shot nowShot, Action nowAction, int nowState) {
        return shot.equals(nowShot) && action.equals(nowAction) && state == nowState && givens().equals(now);
    }

    public Shot shot() {
        return shot;
    }

    public Action action() {
        return action;
    }

    /** How far the thing of its action has come. */
    public int state() {
        return state;
    }

    @Override
    public Action actionOf(Shot asked) {
        if (!asked.actionId().equals(action.id())) {
            throw outOfSight(asked);
        }
        return action;
    }

    @Override
    public List<Use> usesOf(Shot asked) {
        return mine(asked, uses);
    }

    @Override
    public boolean opensOrCloses(Shot asked) {
        return mine(asked, opensOrCloses);
    }

    private <T> T mine(Shot asked, T answer) {
        if (!asked.id().equals(shot.id())) {
            throw outOfSight(asked);
        }
        return answer;
    }

    @Override
    public Optional<Transition> outOf(Use use) {
        int place = uses.indexOf(use);
        if (place < 0) {
            throw outOfSight(use);
        }
        return outOf.get(place);
    }

    @Override
    public int stateOf(Action asked) {
        if (!asked.id().equals(action.id())) {
            throw outOfSight(asked);
        }
        return state;
    }

    @Override
    public <T> T remember(Class<T> what, Shot of, Function<Around, T> work) {
        return of == shot ? remembered(what, work) : work.apply(this);
    }

    <T> T remembered(Class<T> what, Function<Around, T> work) {
        return remember(what, () -> work.apply(this));
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof ShotView that
                        && sees(that.givens(), that.shot, that.action, that.state)
                        && opensOrCloses == that.opensOrCloses
                        && uses.equals(that.uses)
                        && outOf.equals(that.outOf);
    }

    @Override
    public int hashCode() {
        return shot.hashCode();
    }
}
