package upshot.app.ground;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.FloorPlan;
import upshot.core.plan.Change;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;

/** Puts the room to stand back that a plan gives, to a decimetre, in the place of what was typed. */
@Component
class RoomFromPlan implements Gesture {

    private static final double TENTHS = 10;

    @Override
    public String name() {
        return "room-from-plan";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Spot spot = new Arguments(sent).chosen(context.plan(), RecordKind.SPOT, "spotId");
        double longest = FloorPlan.of(context.plan(), spot).longestM();
        return Proposal.of(
                "the room of " + spot.name(), Change.set(spot, "roomM", Math.floor(longest * TENTHS) / TENTHS));
    }
}
