package upshot.app.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** Shows another shot in a use's place; its length stays, where it begins is open again. */
@Component
class ReplaceUse implements Gesture {

    @Override
    public String name() {
        return "replace-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Placed placed = CutEdits.placed(context.plan(), arguments);
        Shot shot = arguments.chosen(context.plan(), RecordKind.SHOT, "shotId");
        Use use = placed.use();
        List<Change> changes = new ArrayList<>();
        if (!use.shotId().equals(shot.id())) {
            changes.add(Change.edit(use, one -> one.withShotId(shot.id())));
            use.inS().ifPresent(in -> changes.add(Change.edit(use, one -> one.withInS(Optional.empty()))));
            if (use.frameStep() != 1) {
                changes.add(Change.edit(use, one -> one.withFrameStep(1.0)));
            }
        }
        return Proposal.of(
                "show %s instead of %s".formatted(shot.code(), placed.shot().code()), Change.batch(changes));
    }
}
