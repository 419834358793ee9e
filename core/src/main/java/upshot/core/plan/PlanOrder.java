package upshot.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;

/** How the lists of a plan are sorted: by rank, ties by id, actions and shots in story order and subjects by name. */
final class PlanOrder {

    private static final Comparator<PlanRecord> IN_ORDER =
            Comparator.comparingDouble(PlanRecord::rank).thenComparing(PlanRecord::id);

    /** The kinds on which the order of a kind depends, where it is not that kind alone. */
    private static final Map<RecordKind<?>, Set<RecordKind<?>>> ORDERED_BY = Map.of(
            RecordKind.ACTION,
            Set.of(RecordKind.ACTION, RecordKind.BEAT),
            RecordKind.SHOT,
            Set.of(RecordKind.SHOT, RecordKind.ACTION, RecordKind.BEAT));

    private PlanOrder() {}

    /** The kinds whose records decide the order of a kind. */
    static Set<RecordKind<?>> dependsOn(RecordKind<?> kind) {
        return ORDERED_BY.getOrDefault(kind, Set.of(kind));
    }

    /**
     * Changed records in the places of those they come from; empty where one is new or gone or belongs somewhere else.
     *
     * @param before in order
     */
    static Optional<List<PlanRecord>> inPlace(
            List<PlanRecord> before, Map<UUID, PlanRecord> changed, Comparator<PlanRecord> order) {
        boolean inPlace = before.size() == changed.size();
        PlanRecord[] now = new PlanRecord[before.size()];
        for (int i = 0; inPlace && i < now.length; i++) {
            PlanRecord earlier = before.get(i);
            now[i] = changed.get(earlier.id());
            inPlace = now[i] == earlier || now[i] != null && order.compare(earlier, now[i]) == 0;
        }
        return inPlace ? Optional.of(List.of(now)) : Optional.empty();
    }

    static Comparator<PlanRecord> of(RecordKind<?> kind, Plan plan) {
        if (kind == RecordKind.ACTION) {
            return story(plan, plannedRecord -> (Action) plannedRecord).thenComparing(IN_ORDER);
        }
        if (kind == RecordKind.SUBJECT) {
            return Comparator.comparing(PlanRecord::label, String.CASE_INSENSITIVE_ORDER)
                    .thenComparing(IN_ORDER);
        }
        if (kind == RecordKind.SHOT) {
            return story(plan, plannedRecord -> plan.actionOf((Shot) plannedRecord))
                    .thenComparing(IN_ORDER);
        }
        return IN_ORDER;
    }

    private static Comparator<PlanRecord> story(Plan plan, Function<PlanRecord, Action> action) {
        Comparator<PlanRecord> byBeat = Comparator.comparingDouble(
                one -> plan.get(RecordKind.BEAT, action.apply(one).beatId()).rank());
        return byBeat.thenComparing(one -> action.apply(one).beatId())
                .thenComparingDouble(one -> action.apply(one).rank())
                .thenComparing(one -> action.apply(one).id());
    }
}
