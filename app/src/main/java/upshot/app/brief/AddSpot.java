package upshot.app.brief;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Ranks;
import upshot.core.plan.Spot;

/** Adds a spot by its name; its room is set in place afterwards. */
@Component
class AddSpot implements Gesture {

    private static final double USUAL_ROOM_M = 6;
    private static final double USUAL_BACKDROP_M = 2.5;

    @Override
    public String name() {
        return "add-spot";
    }

    @Override
    public Proposal propose(Desk desk, Map<String, String> sent) {
        String name = new Arguments(sent).text("spotName");
        if (name.isEmpty()) {
            throw new InvalidField("spotName", "Give the spot a name.");
        }
        Spot spot = new Spot(
                desk.ids().get(), name, Ranks.after(desk.plan().spots()), false, USUAL_ROOM_M, USUAL_BACKDROP_M);
        return Proposal.of("add " + name, new Change.Add(spot));
    }
}
