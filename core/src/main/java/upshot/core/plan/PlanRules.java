package upshot.core.plan;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** What must hold between the records of a plan; each record has already checked itself. */
final class PlanRules {

    /** More than any job needs, and few enough that a hostile file cannot fill the memory. */
    private static final Map<Kind<?>, Integer> MOST = Map.of(
            Kind.BRIEF, 1,
            Kind.BEAT, 100,
            Kind.SPOT, 200,
            Kind.SUBJECT, 500,
            Kind.BODY, 20,
            Kind.LENS, 60,
            Kind.ACTION, 500,
            Kind.SHOT, 3000,
            Kind.USE, 5000);

    private PlanRules() {}

    static void check(Plan plan) {
        if (plan.all(Kind.BRIEF).isEmpty()) {
            throw new InvalidField("brief", "The plan has no brief.");
        }
        MOST.forEach((kind, most) -> {
            if (plan.all(kind).size() > most) {
                throw new InvalidField(
                        kind.name(), "A job can hold %d %ss, this would be more.".formatted(most, kind.name()));
            }
        });
        if (plan.all(Kind.BODY).isEmpty()) {
            throw new InvalidField("body", "A job needs at least one camera body.");
        }
        checkActions(plan);
        checkShots(plan);
        for (PlanRecord one : plan.all(Kind.USE)) {
            refer(plan, Kind.SHOT, ((Use) one).shotId(), "shotId");
        }
    }

    private static void checkActions(Plan plan) {
        Set<String> prefixes = new HashSet<>();
        for (PlanRecord one : plan.all(Kind.ACTION)) {
            Action action = (Action) one;
            refer(plan, Kind.BEAT, action.beatId(), "beatId");
            refer(plan, Kind.SPOT, action.spotId(), "spotId");
            refer(plan, Kind.SUBJECT, action.subjectId(), "subjectId");
            if (!prefixes.add(action.codePrefix())) {
                throw new InvalidField(
                        "codePrefix",
                        "Two actions cannot both begin their codes with %s.".formatted(action.codePrefix()));
            }
        }
    }

    private static void checkShots(Plan plan) {
        Set<String> codes = new HashSet<>();
        for (PlanRecord one : plan.all(Kind.SHOT)) {
            Shot shot = (Shot) one;
            refer(plan, Kind.ACTION, shot.actionId(), "actionId");
            if (!codes.add(shot.code())) {
                throw new InvalidField("code", "The code %s is taken.".formatted(shot.code()));
            }
        }
    }

    private static void refer(Plan plan, Kind<?> kind, UUID id, String field) {
        if (plan.find(kind, id).isEmpty()) {
            throw new InvalidField(field, "This refers to a %s that the plan does not have.".formatted(kind.name()));
        }
    }
}
