package upshot.app.cut;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.Change;

/** Makes a use longer or shorter, a step of the grid at a time or up to a frame; what comes behind moves along. */
@Component
class LengthUse implements Gesture {

    @Override
    public String name() {
        return "length-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Placed placed = CutEdits.placed(context.plan(), arguments);
        long end = arguments.text("end").isEmpty()
                ? CutEdits.next(
                        context.plan(),
                        CutEdits.snap(sent),
                        placed.endFrame(),
                        arguments.text("way").equals("longer"))
                : CutEdits.frame(arguments, "end");
        long frames = end - placed.startFrame();
        if (frames < 1) {
            throw new EditRefused("%s would vanish: take it out instead."
                    .formatted(placed.shot().code()));
        }
        return Proposal.of(
                "%s %s"
                        .formatted(
                                frames > placed.use().frames() ? "lengthen" : "shorten",
                                placed.shot().code()),
                Change.edit(placed.use(), one -> one.withFrames((int) Math.min(frames, 100_000))));
    }
}
