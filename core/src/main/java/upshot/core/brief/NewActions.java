package upshot.core.brief;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.Action;
import upshot.core.plan.Beat;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Spot;
import upshot.core.plan.Subject;

/**
 * Puts new actions at the end of their beats, with the beats, spots and people that they name: found by name where the
 * plan has them, made where it has not. What it is given adds up to one change.
 */
public final class NewActions {

    private final Supplier<UUID> ids;
    private final Set<String> prefixes = new HashSet<>();
    private final List<Change> changes = new ArrayList<>();
    private Plan plan;

    public NewActions(Plan plan, Supplier<UUID> ids) {
        this.plan = plan;
        this.ids = ids;
        plan.actions().forEach(action -> prefixes.add(action.codePrefix()));
    }

    /** Everything that was added so far, in order. */
    public Change.Batch changes() {
        return Change.batch(changes);
    }

    /** The plan with everything that was added so far. */
    public Plan plan() {
        return plan;
    }

    /**
     * Adds an action.
     *
     * @param values further fields by name
     * @throws InvalidField when the name or the subject is empty, or a value does not fit its field
     */
    public Action add(String name, UUID beatId, UUID spotId, String subject, Map<String, Object> values) {
        if (name.isBlank()) {
            throw new InvalidField("name", "Say what happens.");
        }
        if (subject.isBlank()) {
            throw new InvalidField("subject", "Say who or what is seen.");
        }
        String prefix = Codes.prefixFor(name, prefixes);
        Beat beat = plan.get(Kind.BEAT, beatId);
        Action action = Action.draft(ids.get(), beatId, spotId, subject(subject), prefix, name)
                .with("rank", Ranks.after(plan.actionsOf(beat)));
        for (Map.Entry<String, Object> value : values.entrySet()) {
            action = action.with(value.getKey(), value.getValue());
        }
        prefixes.add(prefix);
        return put(action);
    }

    /** Adds what was understood of a line; where the line names a spot of the plan, there. */
    public Action add(ActionLine line, UUID beatId, UUID usualSpotId) {
        UUID spotId = line.spot()
                .flatMap(name -> named(plan.spots(), name))
                .map(PlanRecord::id)
                .orElse(usualSpotId);
        Action action = add(line.sentence(), beatId, spotId, line.subject().orElse(""), line.values());
        line.subjectHeightM().ifPresent(height -> {
            Change taller = Change.set(plan.subjectOf(action), "heightM", height);
            changes.add(taller);
            plan = plan.apply(taller);
        });
        return action;
    }

    /** The beat of that name, made at the end of the story where there is none. */
    public UUID beat(String name) {
        return named(plan.beats(), name)
                .orElseGet(() -> put(Beat.of(ids.get(), name, Ranks.after(plan.beats()), Beat.Role.BODY)))
                .id();
    }

    /** The spot of that name, made where there is none. */
    public UUID spot(String name) {
        return named(plan.spots(), name)
                .orElseGet(() -> put(Spot.draft(ids.get(), name).with("rank", Ranks.after(plan.spots()))))
                .id();
    }

    private UUID subject(String name) {
        return named(plan.subjects(), name)
                .orElseGet(() -> put(Subject.person(ids.get(), name)))
                .id();
    }

    private static <R extends PlanRecord> Optional<R> named(List<R> records, String name) {
        return records.stream()
                .filter(one -> one.label().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    private <R extends PlanRecord> R put(R added) {
        Change add = new Change.Add(added);
        changes.add(add);
        plan = plan.apply(add);
        return added;
    }
}
