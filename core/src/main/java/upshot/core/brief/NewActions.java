package upshot.core.brief;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Focus;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;

/**
 * Puts new actions at the end of their beats, with the beats, spots and people that they name: found by name where the
 * plan has them, made where it has not. What it is given adds up to one change.
 */
public final class NewActions {

    private static final double ON_A_TABLE_M = 0.8;
    private static final double CHILDS_TABLE_M = 0.6;

    private final Plan plan;
    private final Supplier<UUID> ids;
    private final Set<String> prefixes = new HashSet<>();
    private final List<Change> changes = new ArrayList<>();
    private final Named<StoryBeat> beats;
    private final Named<Spot> spots;
    private final Named<Subject> subjects;
    private final Map<UUID, Action> lastOf = new HashMap<>();
    private int actions;

    public NewActions(Plan plan, Supplier<UUID> ids) {
        this.plan = plan;
        this.ids = ids;
        this.beats = new Named<>(plan.beats());
        this.spots = new Named<>(plan.spots());
        this.subjects = new Named<>(plan.subjects());
        this.actions = plan.actions().size();
        // In story order: the last of each beat stays.
        plan.actions().forEach(action -> {
            prefixes.add(action.codePrefix());
            lastOf.put(action.beatId(), action);
        });
    }

    /** Records by their names, those of the plan and those that were made. */
    private static final class Named<R extends PlanRecord> {

        private final List<R> all;
        private final Map<String, R> byName = new HashMap<>();

        Named(List<R> present) {
            all = new ArrayList<>(present);
            present.forEach(one -> byName.putIfAbsent(key(one.label()), one));
        }

        Optional<R> find(String name) {
            return Optional.ofNullable(byName.get(key(name)));
        }

        R add(R made) {
            all.add(made);
            byName.put(key(made.label()), made);
            return made;
        }

        void replace(R before, R after) {
            all.set(all.indexOf(before), after);
            byName.put(key(after.label()), after);
        }

        private static String key(String name) {
            return name.strip().toLowerCase(Locale.ROOT);
        }
    }

    /** Everything that was added so far, in order. */
    public Change.Batch changes() {
        return Change.batch(changes);
    }

    /** The names of people and things that a line may begin with. */
    public List<String> subjectNames() {
        return subjects.all.stream().map(Subject::name).toList();
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
        if (++actions > Plan.most(RecordKind.ACTION)) {
            throw new InvalidField("name", "A job can hold %d actions.".formatted(Plan.most(RecordKind.ACTION)));
        }
        String prefix = Codes.prefixFor(name, prefixes);
        Action last = lastOf.get(beatId);
        Action action = Action.draft(ids.get(), beatId, spotId, subject(subject), prefix, name)
                .withRank(Ranks.after(last == null ? List.of() : List.of(last)));
        for (Map.Entry<String, Object> value : values.entrySet()) {
            action = action.with(value.getKey(), value.getValue());
        }
        prefixes.add(prefix);
        lastOf.put(beatId, action);
        return put(action);
    }

    /** Adds what was understood of a line; where the line names a spot of the plan, there. */
    public Action add(ActionLine line, UUID beatId, UUID usualSpotId) {
        UUID spotId = line.spot().flatMap(spots::find).map(PlanRecord::id).orElse(usualSpotId);
        line.guess().ifPresent(guess -> drafted(line.subject().orElse(""), guess));
        UUID told = line.beat().map(this::begins).orElse(beatId);
        Action action = add(line.sentence(), told, spotId, line.subject().orElse(""), told(line));
        line.subjectHeightM().ifPresent(height -> {
            Subject subject = subjects.find(line.subject().orElse("")).orElseThrow();
            changes.add(Change.edit(subject, one -> one.withHeightM(height)));
            subjects.replace(subject, RecordKind.SUBJECT.with(subject, "heightM", height));
        });
        return action;
    }

    /** What the line says, and what its sentence tells beside; what is said wins. */
    private static Map<String, Object> told(ActionLine line) {
        Map<String, Object> values = new HashMap<>(line.values());
        line.guess().filter(guess -> !values.containsKey("feature")).ifPresent(guess -> {
            values.putIfAbsent("focus", guess.focus());
            if (guess.focus() == Focus.PLACE) {
                values.putIfAbsent("feature", true);
            }
            if (!guess.person() && guess.focus() == Focus.THING) {
                values.putIfAbsent("baseHeightM", ON_A_TABLE_M);
            }
            if (guess.person() && KnownWords.child(line.subject().orElse(""))) {
                values.putIfAbsent("thingBaseM", CHILDS_TABLE_M);
            }
            if (!guess.thing().isEmpty()) {
                values.putIfAbsent("thing", guess.thing());
            }
        });
        return values;
    }

    /** A subject that is nobody is no person and is not asked for consent; a child is smaller. */
    private void drafted(String name, Guess guess) {
        if (!name.isBlank() && subjects.find(name).isEmpty()) {
            put(subjects.add(guess.drafted(ids.get(), name)));
        }
    }

    /** The beat whose name begins so. */
    private UUID begins(String name) {
        return beats.all.stream()
                .filter(beat -> Named.key(beat.name()).startsWith(Named.key(name)))
                .findFirst()
                .map(PlanRecord::id)
                .orElseThrow(() -> new InvalidField(
                        "line",
                        "There is no beat #%s. There are %s."
                                .formatted(
                                        name,
                                        beats.all.stream().map(StoryBeat::name).collect(Collectors.joining(", ")))));
    }

    /** The beat of that name, made at the end of the story where there is none. */
    public UUID beat(String name) {
        return beats.find(name)
                .orElseGet(() ->
                        put(beats.add(StoryBeat.of(ids.get(), name, Ranks.after(beats.all), StoryBeat.Role.BODY))))
                .id();
    }

    /** The spot of that name, made where there is none. */
    public UUID spot(String name) {
        return spots.find(name)
                .orElseGet(() -> put(spots.add(Spot.draft(ids.get(), name).withRank(Ranks.after(spots.all)))))
                .id();
    }

    private UUID subject(String name) {
        return subjects.find(name)
                .orElseGet(() -> put(subjects.add(Subject.person(ids.get(), name))))
                .id();
    }

    private <R extends PlanRecord> R put(R added) {
        changes.add(new Change.Add(added));
        return added;
    }
}
