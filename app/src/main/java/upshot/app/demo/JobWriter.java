package upshot.app.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import upshot.app.account.SignedIn;
import upshot.app.job.Desk;
import upshot.app.job.Door;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Shot;

/** Writes a job the way a person does: gestures and fields through the door, one revision each. */
final class JobWriter {

    private final Door door;
    private final Map<String, Gesture> gestures;
    private final UUID jobId;
    private final SignedIn who;
    private final Map<String, String> codes = new HashMap<>();

    JobWriter(Door door, List<Gesture> gestures, UUID jobId, SignedIn who) {
        this.door = door;
        this.gestures = gestures.stream().collect(Collectors.toMap(Gesture::name, Function.identity()));
        this.jobId = jobId;
        this.who = who;
    }

    /** The changes a gesture proposes, for use inside {@link #change}. */
    Change proposed(String name, Desk desk, Map<String, String> arguments) {
        return gestures.get(name).propose(desk, arguments).change();
    }

    Plan gesture(String name, Map<String, String> arguments) {
        return door.edit(jobId, who, desk -> gestures.get(name).propose(desk, arguments))
                .plan();
    }

    Plan change(String label, Function<Desk, Change> change) {
        return door.edit(jobId, who, desk -> Proposal.of(label, change.apply(desk)))
                .plan();
    }

    /** Sets fields of one record, given by pairs of name and value. */
    Plan set(String label, Function<Plan, PlanRecord> which, Object... pairs) {
        return change(label, desk -> {
            PlanRecord found = which.apply(desk.plan());
            List<Change> sets = new ArrayList<>();
            for (int i = 0; i < pairs.length; i += 2) {
                sets.add(Change.set(found, (String) pairs[i], pairs[i + 1]));
            }
            return Change.batch(sets);
        });
    }

    /**
     * Adds a shot of an action, its draft changed by pairs of name and value.
     *
     * @param name by which this writer remembers the shot's code
     */
    void shot(String name, String actionName, Object... pairs) {
        change("add a shot of " + actionName, desk -> {
            Action action = named(desk.plan().actions(), actionName);
            Shot shot = Shot.draft(
                            desk.ids().get(),
                            action.id(),
                            desk.codes().next(action.codePrefix()),
                            desk.plan().brief().rate())
                    .with("rank", Ranks.after(desk.plan().shotsOf(action)));
            for (int i = 0; i < pairs.length; i += 2) {
                shot = shot.with((String) pairs[i], pairs[i + 1]);
            }
            codes.put(name, shot.code());
            return new Change.Add(shot);
        });
    }

    /** The shot that was added under a name. */
    Shot shot(Plan plan, String name) {
        return plan.shots().stream()
                .filter(shot -> shot.code().equals(codes.get(name)))
                .findFirst()
                .orElseThrow();
    }

    static <R extends PlanRecord> R named(List<R> records, String label) {
        return records.stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No " + label));
    }

    static String id(Kind<?> kind, Plan plan, String label) {
        return plan.all(kind).stream()
                .filter(one -> one.label().equals(label))
                .findFirst()
                .orElseThrow()
                .id()
                .toString();
    }
}
