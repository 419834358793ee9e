package upshot.app.brief;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.brief.ActionLine;
import upshot.core.brief.NewActions;
import upshot.core.plan.Action;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;

/** Writes down an action from one typed line. */
@Component
class AddLine implements Gesture {

    @Override
    public String name() {
        return "add-line";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        ActionLine line = Lines.read(plan, arguments.text("line"));
        if (line.sentence().isEmpty()) {
            throw new InvalidField("line", "Say first who does what; the facts come behind it.");
        }
        NewActions added = new NewActions(plan, context.ids());
        try {
            Action action = added.add(
                    line,
                    arguments.chosen(plan, RecordKind.BEAT, "beatId").id(),
                    arguments.chosen(plan, RecordKind.SPOT, "spotId").id());
            return Proposal.of("add " + action.name(), added.changes());
        } catch (InvalidField wrong) {
            throw new InvalidField("line", wrong.getMessage());
        }
    }
}
