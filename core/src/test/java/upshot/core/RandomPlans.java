package upshot.core;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Field;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** Plans and changes out of a seeded source, for properties that must hold for any of them. */
public final class RandomPlans {

    private final Random random;

    public RandomPlans(long seed) {
        this.random = new Random(seed);
    }

    /** A valid plan of a few actions, shots and uses with all kinds of values. */
    public Plan plan() {
        SamplePlan sample = new SamplePlan();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            Action action = sample.action();
            for (int j = 0; j < random.nextInt(4); j++) {
                Shot shot = sample.shot(action, random.nextInt(72) * 5.0);
                for (int k = 0; k < random.nextInt(3); k++) {
                    sample.use(shot);
                }
            }
        }
        Plan plan = sample.build();
        for (int i = 0; i < 30; i++) {
            plan = plan.apply(set(plan));
        }
        return plan;
    }

    /** A change that the plan accepts: an added shot or use, a removal with all it drags along, fields, or several. */
    public Change change(Plan plan) {
        return switch (random.nextInt(5)) {
            case 0 -> add(plan);
            case 1 -> Removal.of(plan, pick(removable(plan)));
            case 2 -> several(plan);
            default -> set(plan);
        };
    }

    private Change several(Plan plan) {
        List<Change> changes = new ArrayList<>();
        Plan grown = plan;
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            Change one = random.nextBoolean() ? set(grown) : add(grown);
            changes.add(one);
            grown = grown.apply(one);
        }
        return Change.batch(changes);
    }

    private Change add(Plan plan) {
        if (plan.actions().isEmpty() || random.nextInt(3) > 0 && !plan.shots().isEmpty()) {
            return plan.shots().isEmpty()
                    ? set(plan)
                    : new Change.Add(new Use(
                            id(),
                            pick(plan.shots()).id(),
                            Ranks.at(plan.uses(), random.nextInt(plan.uses().size() + 1)),
                            1 + random.nextInt(200),
                            random.nextBoolean() ? 1 : -2.5,
                            pick(List.of(Entry.values()))));
        }
        Action action = pick(plan.actions());
        String code = action.codePrefix() + (1000 + random.nextInt(9000));
        boolean taken = plan.shots().stream().anyMatch(shot -> shot.code().equals(code));
        return taken ? set(plan) : new Change.Add(Shot.draft(id(), action.id(), code, new FrameRate(24000, 1001)));
    }

    private static List<PlanRecord> removable(Plan plan) {
        List<PlanRecord> candidates = new ArrayList<>();
        candidates.addAll(plan.uses());
        candidates.addAll(plan.shots());
        candidates.addAll(plan.actions());
        candidates.addAll(plan.subjects());
        candidates.addAll(plan.spots());
        return candidates.isEmpty() ? List.of(plan.beats().get(0)) : candidates;
    }

    /** Sets a field of a record to another valid value of its type. */
    public Change set(Plan plan) {
        List<PlanRecord> all = new ArrayList<>();
        Kind.PARENT_FIRST.forEach(kind -> all.addAll(plan.all(kind)));
        // Maps keep no order worth relying on: sorted, the same seed picks the same record on every machine.
        Collections.sort(all, Comparator.comparing(PlanRecord::id));
        for (; ; ) {
            PlanRecord record = pick(all);
            Field field = pick(Kind.of(record).fields());
            Optional<Object> value = value(field);
            if (value.isEmpty()) {
                continue;
            }
            Change change = Change.set(record, field.name(), value.get());
            try {
                plan.apply(change);
                return change;
            } catch (IllegalArgumentException refused) {
                // The value does not suit this field; another is drawn.
            }
        }
    }

    private Optional<Object> value(Field field) {
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
            return field.name().startsWith("code") ? null : pick(TEXTS);
        }
        if (type.isEnum()) {
            return pick(List.of(type.getEnumConstants()));
        }
        return special(type);
    }

    private static final List<String> TEXTS =
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
        if (type == Cautions.class) {
            return Cautions.of(pick(List.of(Caution.values())), pick(List.of(Caution.values())));
        }
        return null;
    }

    private UUID id() {
        return new UUID(random.nextLong() & ~0xf000L | 0x4000L, random.nextLong() & ~(3L << 62) | 2L << 62);
    }

    private <T> T pick(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
