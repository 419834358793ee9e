package upshot.app.cut;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Ranks;
import upshot.core.plan.Use;
import upshot.core.time.BeatGrid;

/** Cuts a use in two that go on where the first ends, at the place of the grid nearest to its middle. */
@Component
class SplitUse implements Gesture {

    @Override
    public String name() {
        return "split-use";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        PaperCut cut = PaperCut.of(context.plan());
        Placed placed = CutEdits.placed(context.plan(), arguments);
        Use use = placed.use();
        if (use.frames() < 2) {
            throw new EditRefused("One frame cannot be split.");
        }
        int first = (int) (at(context, placed, CutEdits.snap(sent)) - placed.startFrame());
        double from = use.inS().orElse(0.0);
        double split = from + placed.picture().realS() * first / use.frames();
        List<Use> uses = context.plan().uses();
        // Played backwards, the later seconds come first.
        boolean back = use.reversed();
        double firstIn = back ? from + placed.picture().realS() * (use.frames() - first) / use.frames() : from;
        Use second = new Use(
                context.ids().get(),
                use.shotId(),
                Ranks.at(uses, placed.index() + 1),
                use.frames() - first,
                use.frameStep(),
                Optional.of(back ? from : split),
                0,
                Entry.STRAIGHT,
                false,
                use.crop());
        return Proposal.showing(
                "split " + placed.shot().code(),
                Change.batch(List.of(
                        Change.edit(use, one -> one.withFrames(first)),
                        Change.edit(use, one -> one.withInS(Optional.of(firstIn))),
                        new Change.Add(second))),
                Map.of("use", second.id().toString()));
    }

    private static long at(GestureContext context, Placed placed, BeatGrid.Step snap) {
        long middle = placed.startFrame() + placed.use().frames() / 2;
        if (snap == BeatGrid.Step.FRAME) {
            return middle;
        }
        long nearest = BeatGrid.of(context.plan(), snap, placed.endFrame()).nearest(middle);
        return nearest > placed.startFrame() && nearest < placed.endFrame() ? nearest : middle;
    }
}
