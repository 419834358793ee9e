package upshot.core;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Field;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.plan.UseCrop;

/** Plans and changes out of a seeded source, for properties that must hold for any of them. */
public final class RandomPlans {

    private final Random random;
    private final RandomValues values;
    private final RandomExtras extras;

    public RandomPlans(long seed) {
        this.random = new Random(seed);
        this.values = new RandomValues(random);
        this.extras = new RandomExtras(random, values);
    }

    /** A valid plan of a few actions, shots and uses with all kinds of values. */
    public Plan plan() {
        SamplePlan sample = new SamplePlan();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            Action action = sample.action();
            for (int j = 0; j < random.nextInt(4); j++) {
                Shot shot = sample.shot(
                        action,
                        one -> one.with("bearingDeg", random.nextInt(72) * 5.0)
                                .with(
                                        "subjectId",
                                        random.nextInt(4) > 0 ? Optional.empty() : Optional.of(sample.otherPerson())));
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

    /** The same plan made from its records, of which nothing is known. */
    public static Plan anew(Plan plan) {
        return Plan.of(RecordKind.PARENT_FIRST.stream()
                .flatMap(kind -> plan.all(kind).stream())
                .toList());
    }

    /** A change that the plan accepts: an added shot or use, a removal with all it drags along, fields, or several. */
    public Change change(Plan plan) {
        return switch (random.nextInt(7)) {
            case 6 -> state(plan);
            case 5 -> extra(plan);
            case 0 -> add(plan);
            case 1 -> removed(plan);
            case 2 -> several(plan);
            default -> set(plan);
        };
    }

    /** Few things and states, so that actions share a thing and come back to a state of it. */
    private Change state(Plan plan) {
        if (plan.actions().isEmpty()) {
            return set(plan);
        }
        Change change = Change.edit(
                pick(plan.actions()),
                one -> one.with("thing", pick(List.of("pot", "pot", "wheel")))
                        .with("setsState", pick(List.of("raw", "glazed", "fired"))));
        return change.steps().findAny().isEmpty() ? set(plan) : change;
    }

    /** Never so much that little would be left to judge. */
    private Change removed(Plan plan) {
        List<PlanRecord> removable = removable(plan);
        Change change = removable.isEmpty() ? set(plan) : Removal.of(plan, pick(removable));
        return plan.apply(change).shots().size() < 2 ? set(plan) : change;
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
                            random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(9) / 2.0),
                            random.nextInt(3) * 6,
                            pick(List.of(Entry.values())),
                            random.nextBoolean(),
                            UseCrop.NONE));
        }
        Action action = pick(plan.actions());
        String code = action.codePrefix() + (1000 + random.nextInt(9000));
        boolean taken = plan.shots().stream().anyMatch(shot -> shot.code().equals(code));
        return taken ? set(plan) : new Change.Add(Shot.draft(id(), action.id(), code, new FrameRate(24000, 1001)));
    }

    private Change extra(Plan plan) {
        Change change = new Change.Add(extras.of(plan));
        try {
            plan.apply(change);
            return change;
        } catch (InvalidField doubled) {
            return set(plan);
        }
    }

    private static List<PlanRecord> removable(Plan plan) {
        List<PlanRecord> candidates = new ArrayList<>();
        candidates.addAll(plan.uses());
        candidates.addAll(plan.shots());
        candidates.addAll(plan.actions());
        candidates.addAll(plan.subjects());
        candidates.addAll(plan.spots());
        for (RecordKind<?> kind : RandomExtras.KINDS) {
            candidates.addAll(plan.list(kind));
        }
        return candidates;
    }

    /** Sets a field of a record to another valid value of its type. */
    public Change set(Plan plan) {
        List<PlanRecord> all = new ArrayList<>();
        RecordKind.PARENT_FIRST.forEach(kind -> all.addAll(plan.all(kind)));
        // Maps keep no order worth relying on: sorted, the same seed picks the same record on every machine.
        Collections.sort(all, Comparator.comparing(PlanRecord::id));
        for (; ; ) {
            PlanRecord record = pick(all);
            Field field = pick(RecordKind.of(record).fields());
            Optional<Object> value = values.value(field);
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

    private UUID id() {
        return values.id();
    }

    private <T> T pick(List<T> list) {
        return values.pick(list);
    }
}
