package upshot.core.plan;

import java.util.ArrayList;
import java.util.List;

/** Spells out what goes when a record is removed: first everything that depends on it, then the record. */
public final class Removal {

    private Removal() {}

    /** The explicit removes, dependants first, so that each step leaves no dangling reference behind. */
    public static Change.Batch of(Plan plan, PlanRecord removed) {
        List<Change> removes = new ArrayList<>();
        expand(plan, removed, removes);
        return Change.batch(removes);
    }

    /** The same for several at once: what depends on two of them goes once. */
    public static Change.Batch ofAll(Plan plan, List<? extends PlanRecord> removed) {
        List<Change> removes = new ArrayList<>();
        for (PlanRecord one : removed) {
            if (removes.stream().noneMatch(change -> removes(change, one))) {
                expand(plan, one, removes);
            }
        }
        return Change.batch(removes);
    }

    private static void expand(Plan plan, PlanRecord removed, List<Change> removes) {
        for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
            for (PlanRecord one : plan.list(kind)) {
                if (refers(one, removed) && removes.stream().noneMatch(change -> removes(change, one))) {
                    expand(plan, one, removes);
                }
            }
        }
        removes.add(new Change.Remove(removed));
    }

    private static boolean refers(PlanRecord one, PlanRecord target) {
        String kind = RecordKind.of(target).name();
        return RecordKind.of(one).references().stream()
                .anyMatch(field -> field.refersTo().orElseThrow().equals(kind)
                        && field.reference(one).filter(target.id()::equals).isPresent());
    }

    /** A record that refers to the same one twice, like a walk, goes once. */
    private static boolean removes(Change change, PlanRecord one) {
        return change instanceof Change.Remove remove && remove.removed().equals(one);
    }
}
