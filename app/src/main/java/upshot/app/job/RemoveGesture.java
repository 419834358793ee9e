package upshot.app.job;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.web.Arguments;
import upshot.core.plan.InvalidField;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;

/** Removes a record of any kind with all that depends on it, as one edit that one undo brings back. */
@Component
class RemoveGesture implements Gesture {

    @Override
    public String name() {
        return "remove";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        RecordKind<?> kind = RecordKind.named(arguments.text("kind"))
                .orElseThrow(() -> new InvalidField("kind", "There is no such thing to remove."));
        PlanRecord removed = arguments.chosen(context.plan(), kind, "id");
        return Proposal.of("remove " + removed.label(), Removal.of(context.plan(), removed));
    }
}
