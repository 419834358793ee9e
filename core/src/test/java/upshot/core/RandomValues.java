package upshot.core;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Aspects;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Device;
import upshot.core.plan.Devices;
import upshot.core.plan.Field;
import upshot.core.plan.FrameRates;
import upshot.core.plan.Outline;
import upshot.core.plan.Zones;

/** Values of fields out of a seeded source. */
final class RandomValues {

    private final Random random;

    RandomValues(Random random) {
        this.random = random;
    }

    /** A value of the field's type, which its record may refuse; none where the field has to stay. */
    Optional<Object> value(Field field) {
        Object inner = inner(field);
        if (inner == null) {
            return Optional.empty();
        }
        return Optional.of(field.optional() ? Optional.ofNullable(random.nextInt(3) == 0 ? null : inner) : inner);
    }

    private Object inner(Field field) {
        Class<?> type = field.type();
        if (type == double.class || type == Double.class) {
            return random.nextBoolean() ? random.nextInt(300) / 7.0 : random.nextGaussian() * 40;
        }
        if (type == int.class) {
            return 1 + random.nextInt(99);
        }
        if (type == boolean.class) {
            return random.nextBoolean();
        }
        if (type == String.class) {
            // Codes and their letters stay: they never change once given.
            return field.name().startsWith("code")
                    ? null
                    : field.name().equals("zone") ? pick(List.of("", "Europe/Oslo", "Asia/Kolkata")) : pick(TEXTS);
        }
        if (type.isEnum()) {
            return pick(List.of(type.getEnumConstants()));
        }
        return special(type);
    }

    static final List<String> TEXTS =
            List.of("plain", "Ümläute & <b>tags</b>", "quote ' \" ; --", "日本語", "emoji 🎬 here", "=1+1", "two  spaces");

    private Object special(Class<?> type) {
        if (type == FrameRate.class) {
            return pick(
                    List.of(FrameRate.of(25), FrameRate.parse("29.97"), FrameRate.parse("59.94"), FrameRate.of(50)));
        }
        if (type == Aspect.class) {
            return pick(List.of(Aspect.WIDE, Aspect.parse("2.39:1"), Aspect.parse("9:16")));
        }
        if (type == LocalTime.class) {
            return LocalTime.of(random.nextInt(24), random.nextInt(60));
        }
        if (type == LocalDate.class) {
            return LocalDate.of(1970, 1, 1).plusDays(random.nextInt(40_000));
        }
        if (type == Aspects.class) {
            return Aspects.parse(pick(List.of("", "9:16", "1:1, 4:5, 2.39:1")));
        }
        if (type == FrameRates.class) {
            return FrameRates.parse(pick(List.of("24", "23.976, 25, 50", "30, 60, 120, 240")));
        }
        if (type == Outline.class) {
            return Outline.parse(pick(List.of("", "0 0, 5 0, 5 4", "-1.25 0, 7.5 0.1, 7 9, 0 8")));
        }
        if (type == Zones.class) {
            return Zones.parse(pick(List.of("", "0 0, 1 0, 1 1", "0 0, 5 0, 5 4 / -1.25 0, 7.5 0.1, 7 9")));
        }
        if (type == Coordinates.class) {
            return new Coordinates(
                    random.nextDouble() * 180 - 90, random.nextInt(3) == 0 ? 1e-7 : random.nextDouble() * 360 - 180);
        }
        if (type == Devices.class) {
            return Devices.of(pick(List.of(Device.values())), pick(List.of(Device.values())));
        }
        if (type == Cautions.class) {
            return Cautions.of(pick(List.of(Caution.values())), pick(List.of(Caution.values())));
        }
        return null;
    }

    UUID id() {
        return new UUID(random.nextLong() & ~0xf000L | 0x4000L, random.nextLong() & ~(3L << 62) | 2L << 62);
    }

    <T> T pick(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
