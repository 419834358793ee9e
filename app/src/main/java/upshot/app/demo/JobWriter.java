package upshot.app.demo;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import upshot.app.account.SignedIn;
import upshot.app.job.Edits;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.exchange.json.ChangeJson;

/**
 * Writes a job the way a person does: gestures and fields through the door, one revision each. Values are given as
 * they would be typed, {@code "takes = 3; bearingDeg = 60"}.
 */
final class JobWriter {

    private final Edits edits;
    private final Map<String, Gesture> gestures;
    private final UUID jobId;
    private final SignedIn who;
    private final Map<String, String> codes = new HashMap<>();

    JobWriter(Edits edits, List<Gesture> gestures, UUID jobId, SignedIn who) {
        this.edits = edits;
        this.gestures = gestures.stream().collect(Collectors.toMap(Gesture::name, Function.identity()));
        this.jobId = jobId;
        this.who = who;
    }

    /** Does what a gesture proposes for these arguments. */
    void gesture(String name, Function<Plan, Map<String, String>> arguments) {
        edits.edit(jobId, who, context -> gestures.get(name).propose(context, arguments.apply(context.plan())));
    }

    void change(String label, Function<GestureContext, Change> change) {
        edits.edit(jobId, who, context -> Proposal.of(label, change.apply(context)));
    }

    /** Types one line of the talk. */
    void line(String beat, String spot, String line) {
        gesture(
                "add-line",
                plan -> Map.of(
                        "line", line,
                        "beatId", named(plan, RecordKind.BEAT, beat).id().toString(),
                        "spotId", named(plan, RecordKind.SPOT, spot).id().toString()));
    }

    /** Adds a record by its name. */
    void add(RecordKind<?> kind, String name) {
        gesture("add-record", plan -> Map.of("kind", kind.name(), "name", name));
    }

    /** Sets fields of one record, found by its label; the brief needs none. */
    void set(RecordKind<?> kind, String label, String typed) {
        change("set " + label, context -> {
            PlanRecord found = kind == RecordKind.BRIEF ? context.plan().brief() : named(context.plan(), kind, label);
            return Change.batch(values(kind, typed).entrySet().stream()
                    .map(one -> Change.set(found, one.getKey(), one.getValue()))
                    .toList());
        });
    }

    /**
     * Adds a shot of an action, its draft changed as typed.
     *
     * @param name by which this writer remembers the shot's code
     */
    void shot(String name, String actionName, String typed) {
        change("add a shot of " + actionName, context -> {
            Action action = (Action) named(context.plan(), RecordKind.ACTION, actionName);
            Shot shot = Shot.draft(
                            context.ids().get(),
                            action.id(),
                            context.codes().next(action.codePrefix()),
                            context.plan().brief().rate())
                    .withRank(Ranks.after(context.plan().shotsOf(action)));
            for (Map.Entry<String, Object> one : values(RecordKind.SHOT, typed).entrySet()) {
                shot = shot.with(one.getKey(), one.getValue());
            }
            codes.put(name, shot.code());
            return new Change.Add(shot);
        });
    }

    /** The shot that was added under a name. */
    Shot shot(Plan plan, String name) {
        return (Shot) named(plan, RecordKind.SHOT, codes.get(name));
    }

    static PlanRecord named(Plan plan, RecordKind<?> kind, String label) {
        return plan.all(kind).stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No %s %s".formatted(kind, label)));
    }

    private static Map<String, Object> values(RecordKind<?> kind, String typed) {
        Map<String, Object> values = new LinkedHashMap<>();
        for (String pair : typed.split(";")) {
            String[] parts = pair.split("=", 2);
            String name = parts[0].strip();
            values.put(name, ChangeJson.typed(kind.field(name).orElseThrow(), parts[1].strip()));
        }
        return values;
    }
}
