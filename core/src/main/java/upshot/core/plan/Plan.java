package upshot.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import upshot.core.house.Threshold;

/**
 * Everything known about one job, as a value: two plans with equal records are equal, and no plan ever changes.
 *
 * <p>Lists come sorted by rank, ties by id, actions in story order and subjects by name. References between records always resolve.
 */
public final class Plan extends View implements AroundAction {

    private static final int MOST_REMEMBERED = 1000;
    private static final int REMEMBERED_OF_EACH = 4;

    private final Map<RecordKind<?>, Map<UUID, PlanRecord>> records;
    private final Map<RecordKind<?>, List<PlanRecord>> sorted = new HashMap<>();
    private final Groups groups;
    private final PlanGivens givens;
    private final Memory memory;
    private volatile PlanViews views;

    /**
     * @param before the plan that this one was made from; what has not changed since is not checked and sorted again
     */
    Plan(Map<RecordKind<?>, Map<UUID, PlanRecord>> records, Optional<Plan> before) {
        this.records = Map.copyOf(records);
        Predicate<RecordKind<?>> changed =
                kind -> before.filter(earlier -> sharesWith(earlier, kind)).isEmpty();
        PlanRules.check(this, changed);
        for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
            boolean othersSame = PlanOrder.dependsOn(kind).stream()
                    .filter(one -> one != kind)
                    .noneMatch(changed);
            sorted.put(kind, inOrder(kind, before.filter(earlier -> othersSame)));
        }
        groups = new Groups(this, before);
        givens = PlanGivens.of(this, before);
        int things = shots().size() + actions().size() + uses().size();
        memory = before.map(Plan::memory).orElseGet(() -> new Memory(things));
        memory.bound(MOST_REMEMBERED + REMEMBERED_OF_EACH * things);
    }

    private boolean sharesWith(Plan other, RecordKind<?> kind) {
        return records.get(kind) == other.records.get(kind);
    }

    /**
     * @param before an earlier plan in which all that the order depends on beside the kind itself is the same
     */
    private List<PlanRecord> inOrder(RecordKind<?> kind, Optional<Plan> before) {
        if (before.filter(earlier -> sharesWith(earlier, kind)).isPresent()) {
            return before.get().sorted.get(kind);
        }
        Comparator<PlanRecord> order = PlanOrder.of(kind, this);
        return before.flatMap(earlier -> PlanOrder.inPlace(earlier.sorted.get(kind), records.get(kind), order))
                .orElseGet(() -> all(kind).stream().sorted(order).toList());
    }

    /**
     * A plan of these records.
     *
     * @throws InvalidField when a reference is missing, a code is doubled or there is not exactly one brief
     */
    public static Plan of(Collection<? extends PlanRecord> all) {
        Map<RecordKind<?>, Map<UUID, PlanRecord>> records = new HashMap<>();
        RecordKind.PARENT_FIRST.forEach(kind -> records.put(kind, new LinkedHashMap<>()));
        for (PlanRecord one : all) {
            if (records.get(RecordKind.of(one)).put(one.id(), one) != null) {
                throw new InvalidField("id", "The id %s stands twice.".formatted(one.id()));
            }
        }
        return new Plan(records, Optional.empty());
    }

    /** How many records of a kind a job can hold. */
    public static int most(RecordKind<?> kind) {
        return PlanRules.most(kind);
    }

    /**
     * The plan after a change.
     *
     * @throws Conflict when the change was made for another state of what it touches
     * @throws InvalidField when the result would not be a valid plan
     */
    public Plan apply(Change change) {
        Draft draft = new Draft(records);
        change.steps().forEach(draft::apply);
        return new Plan(draft.records(), Optional.of(this));
    }

    Groups groups() {
        return groups;
    }

    /** All that is given; the same for all plans among which nothing of it has changed. */
    @Override
    public Givens givens() {
        return givens;
    }

    PlanGivens given() {
        return givens;
    }

    Map<UUID, PlanRecord> byId(RecordKind<?> kind) {
        return records.get(kind);
    }

    /** What is remembered from plan to plan. */
    public Memory memory() {
        return memory;
    }

    @Override
    public Brief brief() {
        return givens.brief();
    }

    @Override
    public HouseRules house() {
        return givens.house();
    }

    @Override
    public Optional<Adjustment> adjustment(Threshold threshold) {
        return givens.adjustment(threshold);
    }

    @Override
    public List<Mode> modesOf(Body body) {
        return givens.modesOf(body);
    }

    /** Everything that makes up the kit, what is referred to first. */
    public List<PlanRecord> kit() {
        List<PlanRecord> kit = new ArrayList<>();
        RecordKind.KIT.forEach(kind -> kit.addAll(list(kind)));
        return List.copyOf(kit);
    }

    /** In story order: by beat, then within it. */
    public List<Action> actions() {
        return list(RecordKind.ACTION);
    }

    /** In story order of their actions, then by rank. */
    public List<Shot> shots() {
        return list(RecordKind.SHOT);
    }

    /** In edit order. */
    public List<Use> uses() {
        return list(RecordKind.USE);
    }

    /**
     * The place of an action of this plan in its story, 0 for the first.
     *
     * @throws IllegalArgumentException when the plan has no such action
     */
    public int placeInStory(UUID actionId) {
        Integer place = groups.actionPlaces().get(actionId);
        if (place == null) {
            throw new IllegalArgumentException("No action of this plan: " + actionId);
        }
        return place;
    }

    public List<Action> actionsOf(StoryBeat beat) {
        return actions().stream()
                .filter(action -> action.beatId().equals(beat.id()))
                .toList();
    }

    @Override
    public List<Shot> shotsOf(Action action) {
        return groups.shotsByAction().getOrDefault(action.id(), List.of());
    }

    @Override
    public List<Use> usesOf(Shot shot) {
        return groups.usesByShot().getOrDefault(shot.id(), List.of());
    }

    @Override
    public Optional<Transition> outOf(Use use) {
        return Optional.ofNullable(groups.nextUse().get(use.id())).map(Use::transition);
    }

    @Override
    public Action actionOf(Shot shot) {
        return get(RecordKind.ACTION, shot.actionId());
    }

    @Override
    public List<Performer> performersOf(Action action) {
        return givens.performersOf(action);
    }

    @Override
    public boolean opensOrCloses(Shot shot) {
        List<Use> all = uses();
        boolean inTheCut = !all.isEmpty()
                && (all.get(0).shotId().equals(shot.id())
                        || all.get(all.size() - 1).shotId().equals(shot.id()));
        return inTheCut
                || shot.size().fullOrWider()
                        && remember(StoryEnds.class, () -> StoryEnds.of(this))
                                .actionIds()
                                .contains(shot.actionId());
    }

    @Override
    public int stateOf(Action action) {
        return groups.stateOf(action);
    }

    /** All shots, action by action as the story tells them. */
    public List<Shot> shotsAsTold() {
        return beats().stream()
                .flatMap(beat -> actionsOf(beat).stream())
                .flatMap(action -> shotsOf(action).stream())
                .toList();
    }

    public Shot shotOf(Use use) {
        return get(RecordKind.SHOT, use.shotId());
    }

    @Override
    public <R extends PlanRecord> Optional<R> find(RecordKind<R> kind, UUID id) {
        return Optional.ofNullable(kind.type().cast(records.get(kind).get(id)));
    }

    /** All records of a kind in no particular order. */
    public Collection<PlanRecord> all(RecordKind<?> kind) {
        return Collections.unmodifiableCollection(records.get(kind).values());
    }

    @Override
    @SuppressWarnings("unchecked")
    public <R extends PlanRecord> List<R> list(RecordKind<R> kind) {
        return (List<R>) sorted.get(kind);
    }

    /** A shot as it stands here. */
    public ShotView view(Shot shot) {
        return views().of(shot.id());
    }

    /** The shot that a use shows. */
    public ShotView shownBy(Use use) {
        return views().of(use.shotId());
    }

    /** All shots as they stand here, in the order of {@link #shots}. */
    public List<ShotView> shotViews() {
        return views().all();
    }

    /** Made when somebody first asks; two who ask at once may both make them. */
    private PlanViews views() {
        PlanViews made = views;
        if (made == null) {
            made = new PlanViews(this, memory);
            views = made;
        }
        return made;
    }

    @Override
    public <T> T remember(Class<T> what, Shot of, Function<Around, T> work) {
        ShotView own = views().own(of);
        return own == null ? work.apply(this) : own.remembered(what, work);
    }

    @Override
    public <T> T remember(Class<T> what, Action of, Function<AroundAction, T> work) {
        ActionView own = views().own(of);
        return own == null ? work.apply(this) : own.remembered(what, work);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Plan that && records.equals(that.records);
    }

    @Override
    public int hashCode() {
        return records.hashCode();
    }

    @Override
    public String toString() {
        return "Plan[%s, %d actions, %d shots, %d uses]"
                .formatted(brief().name(), actions().size(), shots().size(), uses().size());
    }
}
