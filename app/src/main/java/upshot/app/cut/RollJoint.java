package upshot.app.cut;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.Change;

/** Moves a joint: one of its uses gets longer by what the other loses, and nothing else moves. */
@Component
class RollJoint implements Gesture {

    @Override
    public String name() {
        return "roll-joint";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Placed into = CutEdits.placed(context.plan(), arguments);
        if (into.index() == 0) {
            throw new EditRefused("Before the first use there is no joint.");
        }
        Placed out = PaperCut.of(context.plan()).outOf(into.index() - 1);
        long to = arguments.text("to").isEmpty()
                ? CutEdits.next(
                        context.plan(),
                        CutEdits.snap(sent),
                        into.startFrame(),
                        arguments.text("way").equals("later"))
                : CutEdits.frame(arguments, "to");
        if (to <= out.startFrame() || to >= into.endFrame()) {
            throw new EditRefused("The joint stays between %s and %s."
                    .formatted(out.shot().code(), into.shot().code()));
        }
        return Proposal.of(
                "move joint %d".formatted(into.index()),
                Change.batch(List.of(
                        Change.edit(out.use(), one -> one.withFrames((int) (to - out.startFrame()))),
                        Change.edit(into.use(), one -> one.withFrames((int) (into.endFrame() - to))))));
    }
}
