package upshot.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import upshot.core.house.Threshold;

/** What is given in a plan. Plans that come from one another share it until something of it changes. */
final class PlanGivens extends View implements Givens {

    /** What is planned: all else is given. */
    private static final Set<RecordKind<?>> PLANNED = Set.of(
            RecordKind.ACTION, RecordKind.SHOT, RecordKind.USE, RecordKind.ACCEPTED, RecordKind.SHIFT, RecordKind.TURN);

    static final List<RecordKind<?>> GIVEN = RecordKind.PARENT_FIRST.stream()
            .filter(kind -> !PLANNED.contains(kind))
            .toList();

    private final Map<RecordKind<?>, List<? extends PlanRecord>> lists = new HashMap<>();
    private final Map<RecordKind<?>, Map<UUID, PlanRecord>> records = new HashMap<>();
    private final Brief brief;
    private final HouseRules house;
    private final Map<UUID, List<Performer>> performersByAction;
    private final Map<UUID, List<Mode>> modesByBody;
    private final Map<Threshold, Adjustment> adjustments;

    private PlanGivens(Plan plan) {
        for (RecordKind<?> kind : GIVEN) {
            lists.put(kind, plan.list(kind));
            records.put(kind, plan.byId(kind));
        }
        brief = plan.list(RecordKind.BRIEF).get(0);
        house = plan.list(RecordKind.HOUSE).get(0);
        performersByAction = plan.groups().performersByAction();
        modesByBody = plan.groups().modesByBody();
        adjustments = plan.groups().adjustments();
    }

    /**
     * @param before the plan that it was made from
     */
    static PlanGivens of(Plan plan, Optional<Plan> before) {
        return before.filter(earlier -> GIVEN.stream().allMatch(kind -> earlier.byId(kind) == plan.byId(kind)))
                .map(Plan::given)
                .orElseGet(() -> new PlanGivens(plan));
    }

    @Override
    public Givens givens() {
        return this;
    }

    @Override
    public Brief brief() {
        return brief;
    }

    @Override
    public HouseRules house() {
        return house;
    }

    @Override
    public Optional<Adjustment> adjustment(Threshold threshold) {
        return Optional.ofNullable(adjustments.get(threshold));
    }

    @Override
    @SuppressWarnings("unchecked")
    public <R extends PlanRecord> List<R> list(RecordKind<R> kind) {
        return (List<R>) inSight(lists, kind);
    }

    @Override
    public <R extends PlanRecord> Optional<R> find(RecordKind<R> kind, UUID id) {
        return Optional.ofNullable(kind.type().cast(inSight(records, kind).get(id)));
    }

    private static <T> T inSight(Map<RecordKind<?>, T> all, RecordKind<?> kind) {
        T found = all.get(kind);
        if (found == null) {
            throw new IllegalArgumentException("No %s is in sight from here.".formatted(kind));
        }
        return found;
    }

    @Override
    public List<Mode> modesOf(Body body) {
        return modesByBody.getOrDefault(body.id(), List.of());
    }

    @Override
    public List<Performer> performersOf(Action action) {
        return performersByAction.getOrDefault(action.id(), List.of());
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof PlanGivens that && lists.equals(that.lists);
    }

    @Override
    public int hashCode() {
        return lists.hashCode();
    }
}
