package upshot.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import upshot.core.house.Threshold;

/** A view with all that is given around it. */
public abstract class Sight extends View implements Givens {

    private final Givens givens;

    protected Sight(Givens givens) {
        this.givens = givens;
    }

    @Override
    public final Givens givens() {
        return givens;
    }

    protected static IllegalArgumentException outOfSight(PlanRecord one) {
        return new IllegalArgumentException("%s is not in sight from here.".formatted(one.label()));
    }

    @Override
    public final Brief brief() {
        return givens.brief();
    }

    @Override
    public final HouseRules house() {
        return givens.house();
    }

    @Override
    public final Optional<Adjustment> adjustment(Threshold threshold) {
        return givens.adjustment(threshold);
    }

    @Override
    public <R extends PlanRecord> List<R> list(RecordKind<R> kind) {
        return givens.list(kind);
    }

    @Override
    public final <R extends PlanRecord> Optional<R> find(RecordKind<R> kind, UUID id) {
        return givens.find(kind, id);
    }

    @Override
    public final List<Mode> modesOf(Body body) {
        return givens.modesOf(body);
    }

    @Override
    public final List<Performer> performersOf(Action action) {
        return givens.performersOf(action);
    }
}
