package upshot.app.cut;

import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.Change;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Use;

/** Puts a second use of the same shot and length behind a use, of seconds that are still open. */
@Component
class CopyUse implements Gesture {

    @Override
    public String name() {
        return "copy-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Placed placed = CutEdits.placed(context.plan(), new Arguments(sent));
        Use copy = RecordKind.USE
                .copy(placed.use(), context.ids().get())
                .withRank(Ranks.at(context.plan().uses(), placed.index() + 1))
                .withInS(Optional.empty())
                .withPinned(false);
        return Proposal.showing(
                "duplicate " + placed.shot().code(),
                new Change.Add(copy),
                Map.of("use", copy.id().toString()));
    }
}
