package upshot.app.cut;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.app.web.Selected;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** Puts a shot into the cut: behind the chosen use or joint, or at the end. */
@Component
class AddUse implements Gesture {

    @Override
    public String name() {
        return "add-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Shot shot = arguments.chosen(plan, RecordKind.SHOT, "shotId");
        List<Use> uses = plan.uses();
        int position = Selected.of(plan, RecordKind.USE, sent, "after")
                .map(use -> uses.indexOf(use) + 1)
                .orElse(uses.size());
        Use use = Use.cut(context.ids().get(), shot.id(), Ranks.at(uses, position), CutEdits.usualFrames(plan));
        return Proposal.showing(
                "put %s into the cut".formatted(shot.code()),
                new Change.Add(use),
                Map.of("use", use.id().toString(), "joint", ""));
    }
}
