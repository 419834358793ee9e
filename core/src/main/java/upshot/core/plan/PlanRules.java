package upshot.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import upshot.core.house.Threshold;
import upshot.core.measure.Labelled;

/** What must hold between the records of a plan; each record has already checked itself. */
final class PlanRules {

    /** More than any job needs, and few enough that a hostile file cannot fill the memory. */
    private static final Map<RecordKind<?>, Integer> MOST = Map.ofEntries(
            Map.entry(RecordKind.BRIEF, 1),
            Map.entry(RecordKind.HOUSE, 1),
            Map.entry(RecordKind.ADJUSTMENT, Threshold.values().length),
            Map.entry(RecordKind.TEMPO, 2000),
            Map.entry(RecordKind.VOICE, 100),
            Map.entry(RecordKind.MOMENT, 500),
            Map.entry(RecordKind.BEAT, 100),
            Map.entry(RecordKind.SPOT, 200),
            Map.entry(RecordKind.WALK, 2000),
            Map.entry(RecordKind.SUBJECT, 500),
            Map.entry(RecordKind.BODY, 20),
            Map.entry(RecordKind.MODE, 200),
            Map.entry(RecordKind.LENS, 60),
            Map.entry(RecordKind.DIOPTRE, 20),
            Map.entry(RecordKind.ND, 20),
            Map.entry(RecordKind.CARRIER, 40),
            Map.entry(RecordKind.CARD, 40),
            Map.entry(RecordKind.LIGHT, 60),
            Map.entry(RecordKind.ACTION, 500),
            Map.entry(RecordKind.PERFORMER, 1000),
            Map.entry(RecordKind.SHOT, 3000),
            Map.entry(RecordKind.USE, 5000),
            Map.entry(RecordKind.ACCEPTED, 2000),
            Map.entry(RecordKind.SHIFT, 20),
            Map.entry(RecordKind.TURN, 3000),
            Map.entry(RecordKind.REST, 200),
            Map.entry(RecordKind.CORNER, 2000),
            Map.entry(RecordKind.STRETCH, 1000),
            Map.entry(RecordKind.STANDING, 2000),
            Map.entry(RecordKind.WAYPOINT, 5000),
            Map.entry(RecordKind.UNDERLAY, 200));

    private static final List<Distinct> DISTINCT = List.of(
            new Distinct(RecordKind.ACTION, "codePrefix", "Two actions cannot both begin their codes with %s."),
            new Distinct(RecordKind.SHOT, "code", "The code %s is taken."),
            new Distinct(RecordKind.ADJUSTMENT, "threshold", "The threshold %s is moved already."),
            new Distinct(RecordKind.TURN, "shotId", "That shot has its turn already."),
            new Distinct(RecordKind.TEMPO, "atQuarter", "There is a tempo at quarter %s already."));

    private PlanRules() {}

    static int most(RecordKind<?> kind) {
        return MOST.get(kind);
    }

    /**
     * @param changed whether records of a kind are others than in a plan that was checked before
     */
    static void check(Plan plan, Predicate<RecordKind<?>> changed) {
        MOST.forEach((kind, most) -> {
            if (plan.all(kind).size() > most) {
                throw new InvalidField(
                        kind.name(), "A job can hold %d %ss, this would be more.".formatted(most, kind.name()));
            }
        });
        if (plan.all(RecordKind.BRIEF).isEmpty()) {
            throw new InvalidField("brief", "The plan has no brief.");
        }
        if (plan.all(RecordKind.HOUSE).isEmpty()) {
            throw new InvalidField("house", "The plan has no house rules.");
        }
        checkReferences(plan, changed);
        checkKit(plan);
        DISTINCT.stream().filter(one -> changed.test(one.kind)).forEach(one -> one.check(plan));
    }

    private static void checkReferences(Plan plan, Predicate<RecordKind<?>> changed) {
        for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
            for (Field field : kind.references()) {
                RecordKind<?> target =
                        RecordKind.named(field.refersTo().orElseThrow()).orElseThrow();
                if (!changed.test(kind) && !changed.test(target)) {
                    continue;
                }
                for (PlanRecord one : plan.all(kind)) {
                    if (field.reference(one)
                            .filter(id -> plan.find(target, id).isEmpty())
                            .isPresent()) {
                        throw new InvalidField(
                                field.name(),
                                "This refers to a %s that the plan does not have.".formatted(target.name()));
                    }
                }
            }
        }
    }

    private static void checkKit(Plan plan) {
        if (plan.all(RecordKind.BODY).isEmpty()) {
            throw new InvalidField("body", "A job needs at least one camera body.");
        }
        Set<UUID> recording = new HashSet<>();
        plan.all(RecordKind.MODE).forEach(mode -> recording.add(((Mode) mode).bodyId()));
        for (PlanRecord body : plan.all(RecordKind.BODY)) {
            if (!recording.contains(body.id())) {
                throw new InvalidField(
                        "mode", "%s needs at least one mode in which it records.".formatted(body.label()));
            }
        }
    }

    /** A field that no two records of a kind may share. */
    private record Distinct(RecordKind<?> kind, String name, String message) {

        void check(Plan plan) {
            Field field = kind.field(name).orElseThrow();
            Set<Object> seen = new HashSet<>();
            for (PlanRecord one : plan.all(kind)) {
                Object value = field.of(one);
                if (!seen.add(value)) {
                    throw new InvalidField(
                            name, message.formatted(value instanceof Labelled known ? known.label() : value));
                }
            }
        }
    }
}
