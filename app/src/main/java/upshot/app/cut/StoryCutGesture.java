package upshot.app.cut;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.core.cut.StoryCut;

/** Lays the cut out in story order, over whatever cut there is. */
@Component
class StoryCutGesture implements Gesture {

    @Override
    public String name() {
        return "story-cut";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> arguments) {
        return Proposal.of("cut in story order", new StoryCut(context.ids()).propose(context.plan()));
    }
}
