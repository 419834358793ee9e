package upshot.app.cut;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
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
    public Proposal propose(Desk desk, Map<String, String> arguments) {
        return Proposal.of("cut in story order", new StoryCut(desk.ids()).propose(desk.plan()));
    }
}
