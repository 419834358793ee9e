package upshot.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;

/** The value types whose {@code toString} is exact and is read back by their own {@code parse}. */
public final class Written {

    private static final Map<Class<?>, Function<String, Object>> READERS = Map.of(
            FrameRate.class, FrameRate::parse,
            FrameRates.class, FrameRates::parse,
            Aspect.class, Aspect::parse,
            Aspects.class, Aspects::parse,
            Cautions.class, Cautions::parse,
            Coordinates.class, Coordinates::parse,
            Devices.class, Devices::parse,
            Outline.class, Outline::parse,
            Zones.class, Zones::parse);

    private static final Set<Class<?>> MAY_BE_EMPTY =
            Set.of(Aspects.class, Cautions.class, Devices.class, Outline.class, Zones.class);

    private Written() {}

    /** What reads values of a type, if it is one of these. */
    public static Optional<Function<String, Object>> reader(Class<?> type) {
        return Optional.ofNullable(READERS.get(type));
    }

    /** Whether an empty text is a value of the type: a list without anything in it. */
    public static boolean mayBeEmpty(Class<?> type) {
        return MAY_BE_EMPTY.contains(type);
    }
}
