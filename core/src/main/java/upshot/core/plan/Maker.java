package upshot.core.plan;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.function.Predicate;

/** Takes a record apart into fields, those of its parts among its own, and makes it from their values. */
final class Maker<R> {

    private final Class<R> type;
    private final RecordComponent[] components;
    private final Constructor<R> constructor;
    private final List<Maker<?>> parts = new ArrayList<>();
    private final List<Field> fields = new ArrayList<>();

    Maker(Class<R> type) {
        this(type, List.of());
    }

    private Maker(Class<R> type, List<RecordComponent> way) {
        this.type = type;
        this.components = type.getRecordComponents();
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
        return with(present, component -> component.getType() == changed.getClass(), changed);
    }

    /** The same record with one field changed. */
    R with(R present, Field field, Object value) {
        RecordComponent own = field.path().get(0);
        return with(present, own::equals, field.path().size() == 1 ? value : part(present, field, value));
    }

    /** The part in which a field is, with that field changed. */
    @SuppressWarnings("unchecked")
    private Object part(R present, Field field, Object value) {
        int place = Arrays.asList(components).indexOf(field.path().get(0));
        Maker<Object> part = (Maker<Object>) parts.get(place);
        Object now = Field.read(components[place], present);
        return part.with(now, field.path().get(1)::equals, value);
    }

    private R with(R present, Predicate<RecordComponent> changed, Object value) {
        Object[] arguments = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            arguments[i] = changed.test(components[i]) ? value : Field.read(components[i], present);
        }
        return construct(arguments);
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
