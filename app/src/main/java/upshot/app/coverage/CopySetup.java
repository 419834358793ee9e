package upshot.app.coverage;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.coverage.Copies;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** Shoots other actions as this shot is shot: one of them, all of its beat, or all. Features are left alone. */
@Component
class CopySetup implements Gesture {

    static final String BEAT = "beat";
    static final String ALL = "all";

    @Override
    public String name() {
        return "copy-setup";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Shot shot = arguments.chosen(context.plan(), RecordKind.SHOT, "shotId");
        if (arguments.text("to").isEmpty()) {
            throw new InvalidField("to", "Choose which action gets it.");
        }
        List<Action> targets = targets(context.plan(), shot, arguments);
        if (targets.isEmpty()) {
            throw new EditRefused("There is no other action to copy it to.");
        }
        List<Change> adds = targets.stream()
                .map(action -> (Change) new Change.Add(Copies.forAction(
                        context.plan(),
                        shot,
                        action,
                        context.ids().get(),
                        context.codes().next(action.codePrefix()))))
                .toList();
        return Proposal.of(
                "copy the setup of %s to %s"
                        .formatted(
                                shot.code(),
                                targets.size() == 1 ? targets.get(0).name() : targets.size() + " actions"),
                Change.batch(adds));
    }

    private static List<Action> targets(Plan plan, Shot shot, Arguments arguments) {
        Action own = plan.actionOf(shot);
        return switch (arguments.text("to")) {
            case BEAT -> others(own, plan.actionsOf(plan.get(RecordKind.BEAT, own.beatId())));
            case ALL -> others(own, plan.actions());
            default -> List.of(arguments.chosen(plan, RecordKind.ACTION, "to"));
        };
    }

    private static List<Action> others(Action own, List<Action> actions) {
        return actions.stream()
                .filter(action -> !action.equals(own) && !action.feature())
                .toList();
    }
}
