package upshot.app.cut;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Use;

/** Moves a use one place earlier or later in the cut, or to a place of it. */
@Component
class MoveUse implements Gesture {

    @Override
    public String name() {
        return "move-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Use use = arguments.chosen(context.plan(), RecordKind.USE, "id");
        List<Use> uses = context.plan().uses();
        int from = uses.indexOf(use);
        int to = arguments.text("to").isEmpty()
                ? from + (arguments.text("way").equals("earlier") ? -1 : 1)
                : (int) CutEdits.frame(arguments, "to");
        return Proposal.of("move " + context.plan().shotOf(use).code(), Ranks.move(uses, use, to));
    }
}
