package upshot.app.ground;

import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.MovedStand;
import upshot.core.ground.Place;
import upshot.core.measure.Degrees;
import upshot.core.measure.Numbers;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;

/** Puts a camera elsewhere on the plan: to a point, round its subject, or a step back or in. */
@Component
class PutStand implements Gesture {

    private static final int FARTHEST_M = 1000;

    @Override
    public String name() {
        return "put-stand";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Shot shot = arguments.chosen(plan, RecordKind.SHOT, "id");
        MovedStand keeps = arguments.choice("keep", MovedStand.KEEPS_SIZE);
        Shot moved = moved(plan, shot, keeps, arguments);
        return Proposal.showing(
                "move the camera of " + shot.code(),
                Change.edit(shot, one -> moved),
                Map.of("shot", shot.id().toString()));
    }

    private static Shot moved(Plan plan, Shot shot, MovedStand keeps, Arguments arguments) {
        String way = arguments.text("way");
        if (!way.isEmpty()) {
            return keeps.step(plan, shot, way.equals("back"));
        }
        if (!arguments.text("turn").isEmpty()) {
            return shot.withBearingDeg(Degrees.wrap(shot.bearingDeg() + arguments.number("turn", 0)));
        }
        Place subject = Place.of(plan, plan.actionOf(shot))
                .orElseThrow(() -> new InvalidField("id", "Say first where it happens: put the action on the plan."));
        return keeps.to(plan, shot, subject, point(arguments));
    }

    static Corner point(Arguments arguments) {
        double across = arguments.number("across", 0);
        double deep = arguments.number("deep", 0);
        if (!Numbers.within(across, -FARTHEST_M, FARTHEST_M) || !Numbers.within(deep, -FARTHEST_M, FARTHEST_M)) {
            throw new InvalidField("across", "That is more than %d m away.".formatted(FARTHEST_M));
        }
        return new Corner(Snap.of(across), Snap.of(deep));
    }
}
