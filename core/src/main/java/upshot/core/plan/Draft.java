package upshot.core.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** The one mutable moment of a plan: changes are applied to copies of the maps they touch, then all is checked. */
final class Draft {

    private final Map<RecordKind<?>, Map<UUID, PlanRecord>> records;
    private final Set<RecordKind<?>> copied = new HashSet<>();

    Draft(Map<RecordKind<?>, Map<UUID, PlanRecord>> records) {
        this.records = new HashMap<>(records);
    }

    void apply(Change change) {
        if (change instanceof Change.Add add) {
            add(add.added());
        } else if (change instanceof Change.Remove remove) {
            remove(remove.removed());
        } else if (change instanceof Change.Set set) {
            set(set, set.kind());
        } else {
            throw new IllegalArgumentException("Not a single step: " + change);
        }
    }

    /** What the changes have led to; untouched kinds share their maps with the plan they came from. */
    Map<RecordKind<?>, Map<UUID, PlanRecord>> records() {
        return records;
    }

    private void add(PlanRecord added) {
        RecordKind<?> kind = RecordKind.of(added);
        PlanRecord present = mutable(kind).putIfAbsent(added.id(), added);
        if (present != null) {
            throw new Conflict(
                    kind, added.id(), "", present, added, "This %s has been added already.".formatted(kind.name()));
        }
    }

    private void remove(PlanRecord removed) {
        RecordKind<?> kind = RecordKind.of(removed);
        PlanRecord present = mutable(kind).get(removed.id());
        if (present == null) {
            throw gone(kind, removed.id(), null);
        }
        if (!present.equals(removed)) {
            throw new Conflict(
                    kind,
                    removed.id(),
                    "",
                    present,
                    null,
                    "%s has been changed since; look again before removing it.".formatted(present.label()));
        }
        mutable(kind).remove(removed.id());
    }

    private <R extends PlanRecord> void set(Change.Set set, RecordKind<R> kind) {
        PlanRecord present = mutable(kind).get(set.id());
        if (present == null) {
            throw gone(kind, set.id(), set.after());
        }
        Field field = kind.field(set.field())
                .orElseThrow(() -> new InvalidField(
                        set.field(), "A %s has no %s that can be set.".formatted(kind.name(), set.field())));
        Object value = field.of(present);
        if (!value.equals(set.before())) {
            throw new Conflict(
                    kind,
                    set.id(),
                    set.field(),
                    value,
                    set.after(),
                    "%s has been changed since you last saw it.".formatted(present.label()));
        }
        mutable(kind).put(set.id(), kind.with(kind.type().cast(present), set.field(), set.after()));
    }

    private static Conflict gone(RecordKind<?> kind, UUID id, Object wanted) {
        return new Conflict(kind, id, "", null, wanted, "This %s has been removed.".formatted(kind.name()));
    }

    private Map<UUID, PlanRecord> mutable(RecordKind<?> kind) {
        if (copied.add(kind)) {
            records.put(kind, new LinkedHashMap<>(records.get(kind)));
        }
        return records.get(kind);
    }
}
