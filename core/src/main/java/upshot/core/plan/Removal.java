package upshot.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;

/** Spells out what goes when a record is removed: first everything that depends on it, then the record. */
public final class Removal {

    private Removal() {}

    /** The explicit removes, dependants first, so that each step leaves no dangling reference behind. */
    public static Change.Batch of(Plan plan, PlanRecord removed) {
        List<Change> removes = new ArrayList<>();
        expand(plan, removed, removes);
        return Change.batch(removes);
    }

    private static void expand(Plan plan, PlanRecord removed, List<Change> removes) {
        dependants(plan, removed).forEach(dependant -> expand(plan, dependant, removes));
        removes.add(new Change.Remove(removed));
    }

    private static List<? extends PlanRecord> dependants(Plan plan, PlanRecord removed) {
        UUID id = removed.id();
        if (removed instanceof Shot) {
            return plan.uses().stream().filter(use -> use.shotId().equals(id)).toList();
        }
        if (removed instanceof Action action) {
            return plan.shotsOf(action);
        }
        if (removed instanceof Beat) {
            return actions(plan, action -> action.beatId().equals(id));
        }
        if (removed instanceof Spot) {
            return actions(plan, action -> action.spotId().equals(id));
        }
        if (removed instanceof Subject) {
            return actions(plan, action -> action.subjectId().equals(id));
        }
        return List.of();
    }

    private static List<Action> actions(Plan plan, Predicate<Action> which) {
        return plan.actions().stream().filter(which).toList();
    }
}
