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
import java.util.function.Predicate;
import java.util.function.Supplier;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;

/**
 * Everything known about one job, as a value: two plans with equal records are equal, and no plan ever changes.
 *
 * <p>Lists come sorted by rank, ties by id, actions in story order and subjects by name. References between records always resolve.
 */
public final class Plan {

    private final Map<Kind<?>, Map<UUID, PlanRecord>> records;
    private final Map<Kind<?>, List<PlanRecord>> sorted = new HashMap<>();
    private final Groups groups;
    private final Brief brief;
    private final HouseRules house;
    private final WorkedOut workedOut;

    /**
     * @param before the plan that this one was made from; what has not changed since is not checked and sorted again
     */
    Plan(Map<Kind<?>, Map<UUID, PlanRecord>> records, Optional<Plan> before) {
        this.records = Map.copyOf(records);
        Predicate<Kind<?>> changed =
                kind -> before.filter(earlier -> sharesWith(earlier, kind)).isEmpty();
        PlanRules.check(this, changed);
        for (Kind<?> kind : Kind.PARENT_FIRST) {
            boolean othersSame = PlanOrder.dependsOn(kind).stream()
                    .filter(one -> one != kind)
                    .noneMatch(changed);
            sorted.put(kind, inOrder(kind, before.filter(earlier -> othersSame)));
        }
        groups = new Groups(this, before);
        brief = list(Kind.BRIEF).get(0);
        house = list(Kind.HOUSE).get(0);
        workedOut = new WorkedOut(shots().size() + actions().size());
    }

    private boolean sharesWith(Plan other, Kind<?> kind) {
        return records.get(kind) == other.records.get(kind);
    }

    /**
     * @param before an earlier plan in which all that the order depends on beside the kind itself is the same
     */
    private List<PlanRecord> inOrder(Kind<?> kind, Optional<Plan> before) {
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
        Map<Kind<?>, Map<UUID, PlanRecord>> records = new HashMap<>();
        Kind.PARENT_FIRST.forEach(kind -> records.put(kind, new LinkedHashMap<>()));
        for (PlanRecord one : all) {
            if (records.get(Kind.of(one)).put(one.id(), one) != null) {
                throw new InvalidField("id", "The id %s stands twice.".formatted(one.id()));
            }
        }
        return new Plan(records, Optional.empty());
    }

    /** How many records of a kind a job can hold. */
    public static int most(Kind<?> kind) {
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

    public Brief brief() {
        return brief;
    }

    public HouseRules house() {
        return house;
    }

    /** What a rule holds things against here: the usual value, unless this job has moved it. */
    public double threshold(Threshold threshold) {
        return adjustment(threshold).map(Adjustment::value).orElse(threshold.usual());
    }

    public Optional<Adjustment> adjustment(Threshold threshold) {
        return Optional.ofNullable(groups.adjustments().get(threshold));
    }

    public List<Beat> beats() {
        return list(Kind.BEAT);
    }

    public List<Spot> spots() {
        return list(Kind.SPOT);
    }

    public List<Subject> subjects() {
        return list(Kind.SUBJECT);
    }

    public List<Body> bodies() {
        return list(Kind.BODY);
    }

    public List<Lens> lenses() {
        return list(Kind.LENS);
    }

    /** The mode in which a body records a rate, if it can. */
    public Optional<Mode> modeFor(Body body, FrameRate rate) {
        return modesOf(body).stream().filter(mode -> mode.records(rate)).findFirst();
    }

    public List<Mode> modesOf(Body body) {
        return groups.modesByBody().getOrDefault(body.id(), List.of());
    }

    /** Everything that makes up the kit, what is referred to first. */
    public List<PlanRecord> kit() {
        List<PlanRecord> kit = new ArrayList<>();
        Kind.KIT.forEach(kind -> kit.addAll(list(kind)));
        return List.copyOf(kit);
    }

    /** In story order: by beat, then within it. */
    public List<Action> actions() {
        return list(Kind.ACTION);
    }

    /** In story order of their actions, then by rank. */
    public List<Shot> shots() {
        return list(Kind.SHOT);
    }

    /** In edit order. */
    public List<Use> uses() {
        return list(Kind.USE);
    }

    public List<Action> actionsOf(Beat beat) {
        return actions().stream()
                .filter(action -> action.beatId().equals(beat.id()))
                .toList();
    }

    public List<Shot> shotsOf(Action action) {
        return groups.shotsByAction().getOrDefault(action.id(), List.of());
    }

    /** What the cut shows of a shot, in edit order. */
    public List<Use> usesOf(Shot shot) {
        return groups.usesByShot().getOrDefault(shot.id(), List.of());
    }

    /** The use that follows in edit order. */
    public Optional<Use> after(Use use) {
        return Optional.ofNullable(groups.nextUse().get(use.id()));
    }

    public Action actionOf(Shot shot) {
        return get(Kind.ACTION, shot.actionId());
    }

    public Subject subjectOf(Action action) {
        return get(Kind.SUBJECT, action.subjectId());
    }

    /** Whom a shot shows: its own subject, or the action's. */
    public Subject subjectOf(Shot shot) {
        return shot.subjectId().map(id -> get(Kind.SUBJECT, id)).orElseGet(() -> subjectOf(actionOf(shot)));
    }

    /** Who takes part beside the action's own subject, by rank. */
    public List<Performer> performersOf(Action action) {
        return groups.performersByAction().getOrDefault(action.id(), List.of());
    }

    public Spot spotOf(Action action) {
        return get(Kind.SPOT, action.spotId());
    }

    public Shot shotOf(Use use) {
        return get(Kind.SHOT, use.shotId());
    }

    /** The record with this id, when the plan has it. */
    public <R extends PlanRecord> Optional<R> find(Kind<R> kind, UUID id) {
        return Optional.ofNullable(kind.type().cast(records.get(kind).get(id)));
    }

    /** The record with this id, which must be there. */
    public <R extends PlanRecord> R get(Kind<R> kind, UUID id) {
        return find(kind, id).orElseThrow(() -> new IllegalArgumentException("No %s %s".formatted(kind, id)));
    }

    /** All records of a kind in no particular order. */
    public Collection<PlanRecord> all(Kind<?> kind) {
        return Collections.unmodifiableCollection(records.get(kind).values());
    }

    /** All records of a kind, sorted. */
    @SuppressWarnings("unchecked")
    public <R extends PlanRecord> List<R> list(Kind<R> kind) {
        return (List<R>) sorted.get(kind);
    }

    /** Whether another plan has the same records of a kind; plans that come from one another mostly share them. */
    public boolean hasSame(Kind<?> kind, Plan other) {
        return sharesWith(other, kind) || records.get(kind).equals(other.records.get(kind));
    }

    /**
     * What follows from this plan for one of its records, worked out the first time it is asked for: neither ever changes.
     * For a record that is only being thought of, it is worked out each time.
     *
     * @param what the type of the answer, which stands for the question too
     */
    public <T> T once(Class<T> what, PlanRecord of, Supplier<T> work) {
        return workedOut.once(what, of, this::has, work);
    }

    private boolean has(PlanRecord one) {
        return records.get(Kind.of(one)).get(one.id()) == one;
    }

    /**
     * Keeps what an earlier plan has worked out for one of its records; the caller vouches that all of it still holds.
     */
    public void keep(Plan earlier, PlanRecord of) {
        workedOut.keep(earlier.workedOut, of);
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
