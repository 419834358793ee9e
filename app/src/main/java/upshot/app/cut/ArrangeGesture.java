package upshot.app.cut;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.EditRefused;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.plan.Change;
import upshot.core.verdict.Verdict;

/** Replaces every use that is not pinned by a cut that was searched for; the same seed finds the same cut again. */
@Component
class ArrangeGesture implements Gesture {

    @Override
    public String name() {
        return "arrange";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        long seed = seed(arguments);
        Change.Batch change = new Arrange(context.ids(), manner(arguments), seed, Arrange.USUAL_STEPS)
                .propose(Verdict.of(context.plan()));
        if (change.changes().isEmpty()) {
            throw new EditRefused("There is nothing to arrange: no shot is planned yet.");
        }
        return Proposal.showing("arrange the cut", change, Map.of("use", "", "joint", ""));
    }

    static Manner manner(Arguments arguments) {
        return arguments.choice("manner", Manner.PLACE_FIRST);
    }

    static long seed(Arguments arguments) {
        return (long) Math.max(1, Math.min(1_000_000, arguments.number("seed", 1)));
    }
}
