package upshot.core.plan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** A step from one plan to the next. Everything needed to take it back is inside it. */
public sealed interface Change {

    /** The change that undoes this one when it is applied right after it. */
    Change inverse();

    /** The single steps, in order. */
    Stream<Change> steps();

    /** Puts a new record into the plan. */
    record Add(PlanRecord added) implements Change {
        @Override
        public Change inverse() {
            return new Remove(added);
        }

        @Override
        public Stream<Change> steps() {
            return Stream.of(this);
        }
    }

    /** Takes a record out; it must still be exactly as it is given here. */
    record Remove(PlanRecord removed) implements Change {
        @Override
        public Change inverse() {
            return new Add(removed);
        }

        @Override
        public Stream<Change> steps() {
            return Stream.of(this);
        }
    }

    /**
     * Gives one field another value.
     *
     * @param before what the field holds now; anything else is a conflict
     */
    record Set(RecordKind<?> kind, UUID id, String field, Object before, Object after) implements Change {
        @Override
        public Change inverse() {
            return new Set(kind, id, field, after, before);
        }

        @Override
        public Stream<Change> steps() {
            return Stream.of(this);
        }
    }

    /** Several changes that stand or fall together. */
    record Batch(List<Change> changes) implements Change {
        public Batch {
            changes = List.copyOf(changes);
        }

        @Override
        public Change inverse() {
            List<Change> inverses =
                    new ArrayList<>(changes.stream().map(Change::inverse).toList());
            Collections.reverse(inverses);
            return new Batch(inverses);
        }

        @Override
        public Stream<Change> steps() {
            return changes.stream().flatMap(Change::steps);
        }
    }

    /** Sets a field of a record as the plan holds it now. */
    static Set set(PlanRecord present, String field, Object after) {
        RecordKind<?> kind = RecordKind.of(present);
        Field found = kind.field(field).orElseThrow(() -> new IllegalArgumentException(kind + " has no " + field));
        return new Set(kind, present.id(), field, found.of(present), after);
    }

    /**
     * Sets what differs in another state of a record from the one that the plan holds now, in an order in which each step
     * is valid.
     *
     * @throws InvalidField when there is none, or the record refuses the state itself
     */
    static <R extends PlanRecord> Change edit(R present, UnaryOperator<R> edit) {
        R edited = edit.apply(present);
        RecordKind<R> kind = RecordKind.of(present);
        Deque<Field> left = new ArrayDeque<>(kind.fields().stream()
                .filter(field -> !field.of(present).equals(field.of(edited)))
                .toList());
        List<Set> sets = new ArrayList<>();
        R now = present;
        int refused = 0;
        while (!left.isEmpty()) {
            Field field = left.removeFirst();
            try {
                now = kind.with(now, field.name(), field.of(edited));
                sets.add(set(present, field.name(), field.of(edited)));
                refused = 0;
            } catch (InvalidField tooEarly) {
                left.addLast(field);
                refused++;
                if (refused > left.size()) {
                    throw tooEarly;
                }
            }
        }
        return sets.size() == 1 ? sets.get(0) : batch(sets);
    }

    static Batch batch(List<? extends Change> changes) {
        return new Batch(List.copyOf(changes));
    }
}
