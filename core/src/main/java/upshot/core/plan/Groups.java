package upshot.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import upshot.core.house.Threshold;

/** The records of a plan by what they belong to; what was grouped for the plan before is kept where its list is the same. */
record Groups(
        Map<UUID, List<Performer>> performersByAction,
        Map<UUID, List<Mode>> modesByBody,
        Map<Threshold, Adjustment> adjustments,
        Map<UUID, List<Shot>> shotsByAction,
        Map<UUID, List<Use>> usesByShot,
        Map<UUID, Use> nextUse,
        Map<String, List<String>> statesByThing,
        Map<UUID, Integer> actionPlaces,
        Map<UUID, Integer> shotPlaces) {

    /**
     * @param plan whose lists are sorted already
     * @param before the plan that it was made from
     */
    Groups(Plan plan, Optional<Plan> before) {
        this(
                kept(
                        plan,
                        before,
                        RecordKind.PERFORMER,
                        Groups::performersByAction,
                        () -> by(plan.list(RecordKind.PERFORMER), Performer::actionId)),
                kept(
                        plan,
                        before,
                        RecordKind.MODE,
                        Groups::modesByBody,
                        () -> by(plan.list(RecordKind.MODE), Mode::bodyId)),
                kept(plan, before, RecordKind.ADJUSTMENT, Groups::adjustments, () -> adjusted(plan)),
                kept(plan, before, RecordKind.SHOT, Groups::shotsByAction, () -> by(plan.shots(), Shot::actionId)),
                kept(plan, before, RecordKind.USE, Groups::usesByShot, () -> by(plan.uses(), Use::shotId)),
                kept(plan, before, RecordKind.USE, Groups::nextUse, () -> followers(plan.uses())),
                kept(plan, before, RecordKind.ACTION, Groups::statesByThing, () -> states(plan.actions())),
                kept(plan, before, RecordKind.ACTION, Groups::actionPlaces, () -> places(plan.actions())),
                kept(plan, before, RecordKind.SHOT, Groups::shotPlaces, () -> places(plan.shots())));
    }

    private static <T> T kept(
            Plan plan, Optional<Plan> before, RecordKind<?> kind, Function<Groups, T> known, Supplier<T> made) {
        return before.filter(earlier -> earlier.list(kind) == plan.list(kind))
                .map(Plan::groups)
                .map(known)
                .orElseGet(made);
    }

    private static <R extends PlanRecord> Map<UUID, List<R>> by(List<R> all, Function<R, UUID> owner) {
        return all.stream().collect(Collectors.groupingBy(owner, Collectors.toUnmodifiableList()));
    }

    private static Map<Threshold, Adjustment> adjusted(Plan plan) {
        return plan.list(RecordKind.ADJUSTMENT).stream()
                .collect(Collectors.toMap(Adjustment::threshold, one -> one, (first, second) -> first));
    }

    private static Map<UUID, Use> followers(List<Use> uses) {
        Map<UUID, Use> next = new HashMap<>();
        for (int i = 1; i < uses.size(); i++) {
            next.put(uses.get(i - 1).id(), uses.get(i));
        }
        return next;
    }

    private static Map<UUID, Integer> places(List<? extends PlanRecord> sorted) {
        Map<UUID, Integer> places = new HashMap<>(2 * sorted.size());
        sorted.forEach(one -> places.put(one.id(), places.size()));
        return places;
    }

    /** The states that the story sets of each thing, in its order. */
    private static Map<String, List<String>> states(List<Action> actions) {
        Map<String, List<String>> states = new HashMap<>();
        for (Action action : actions) {
            List<String> known = states.computeIfAbsent(action.thing(), none -> new ArrayList<>());
            if (action.hasThing() && !action.setsState().isEmpty() && !known.contains(action.setsState())) {
                known.add(action.setsState());
            }
        }
        return states;
    }

    /** The place of an action's state among those, −1 where it sets none. */
    int stateOf(Action action) {
        return statesByThing.getOrDefault(action.thing(), List.of()).indexOf(action.setsState());
    }
}
