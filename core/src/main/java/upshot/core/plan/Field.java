package upshot.core.plan;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One component of a kind of record: its name, the type of its value and whether it may be left empty.
 *
 * <p>An optional component is an {@link Optional} in the record and in changes alike.
 */
public final class Field {

    private final List<RecordComponent> path;
    private final RecordComponent component;
    private final Class<?> type;
    private final boolean optional;
    private final Optional<String> refersTo;

    /**
     * @param path from the record through its part to the component itself
     */
    Field(List<RecordComponent> path) {
        this.path = path;
        this.component = path.get(path.size() - 1);
        Refers refers = component.getAnnotation(Refers.class);
        this.refersTo = Optional.ofNullable(refers).map(Refers::to);
        this.optional = component.getType() == Optional.class;
        this.type = optional
                ? (Class<?>) ((ParameterizedType) component.getGenericType()).getActualTypeArguments()[0]
                : component.getType();
    }

    /** From the record through its part to the component itself. */
    List<RecordComponent> path() {
        return path;
    }

    /** The name of the kind whose id this field holds. */
    public Optional<String> refersTo() {
        return refersTo;
    }

    public String name() {
        return component.getName();
    }

    /** The type of the value, inside the {@link Optional} where there is one; primitives as themselves. */
    public Class<?> type() {
        return type;
    }

    public boolean optional() {
        return optional;
    }

    /** The value that a record holds here. */
    public Object of(PlanRecord plannedRecord) {
        Object value = plannedRecord;
        for (RecordComponent step : path) {
            value = read(step, value);
        }
        return value;
    }

    static Object read(RecordComponent component, Object from) {
        try {
            return component.getAccessor().invoke(from);
        } catch (IllegalAccessException | InvocationTargetException broken) {
            throw new IllegalStateException("The field " + component.getName() + " cannot be read", broken);
        }
    }

    /** The id of the record that this field refers to; empty where an optional reference is left empty. */
    Optional<UUID> reference(PlanRecord plannedRecord) {
        Object value = of(plannedRecord);
        return value instanceof Optional<?> given ? given.map(UUID.class::cast) : Optional.of((UUID) value);
    }

    @Override
    public String toString() {
        return component.getDeclaringRecord().getSimpleName() + "." + name();
    }
}
