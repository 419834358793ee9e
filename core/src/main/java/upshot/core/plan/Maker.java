package upshot.core.plan;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;

/** Takes a record apart into fields, those of its parts among its own, and makes it from their values. */
final class Maker<R> {

    private final Class<R> type;
    private final Constructor<R> constructor;
    private final List<Maker<?>> parts = new ArrayList<>();
    private final List<Field> fields = new ArrayList<>();

    Maker(Class<R> type) {
        this(type, List.of());
    }

    private Maker(Class<R> type, List<RecordComponent> way) {
        this.type = type;
        RecordComponent[] components = type.getRecordComponents();
        for (RecordComponent component : components) {
            List<RecordComponent> path = new ArrayList<>(way);
            path.add(component);
            Maker<?> part =
                    Part.class.isAssignableFrom(component.getType()) ? new Maker<>(component.getType(), path) : null;
            parts.add(part);
            fields.addAll(part == null ? List.of(new Field(path)) : part.fields);
        }
        try {
            this.constructor = type.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
        } catch (NoSuchMethodException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** In the order of the components. */
    List<Field> fields() {
        return List.copyOf(fields);
    }

    /**
     * A record.
     *
     * @param values of the fields, in their order
     * @throws InvalidField when the record refuses a value
     */
    R make(Object... values) {
        return make(Arrays.asList(values).iterator());
    }

    private R make(Iterator<Object> values) {
        return construct(parts.stream()
                .map(part -> part == null ? values.next() : part.make(values))
                .toArray());
    }

    /** The same record with the part of its class changed. */
    R with(R present, Part changed) {
        return construct(Arrays.stream(type.getRecordComponents())
                .map(component -> component.getType() == changed.getClass() ? changed : Field.read(component, present))
                .toArray());
    }

    private R construct(Object[] arguments) {
        try {
            return constructor.newInstance(arguments);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException reason) {
                throw reason;
            }
            throw new IllegalStateException(refused);
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException("A %s cannot be made".formatted(type.getSimpleName()), broken);
        }
    }
}
