package upshot.app.ground;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.Place;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Underlay;

/** Makes a picture under a plan as large as it is in truth, by two points whose distance is known; the first stays. */
@Component
class ScaleUnder implements Gesture {

    private static final double LEAST_M = 0.01;

    @Override
    public String name() {
        return "scale-under";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Underlay there = arguments.chosen(context.plan(), RecordKind.UNDERLAY, "id");
        List<Corner> points = Points.read("points", arguments.text("points"), 2);
        double apart = Place.apartM(points.get(0), points.get(1));
        double length = arguments.number("length", 0);
        if (apart < LEAST_M) {
            throw new InvalidField("points", "Mark two points that lie apart.");
        }
        if (!(length >= LEAST_M)) {
            throw new InvalidField("length", "Say how far apart the two points are.");
        }
        double times = length / apart;
        Corner stays = points.get(0);
        Underlay scaled = new Underlay(
                there.id(),
                there.spotId(),
                there.still(),
                stays.acrossM() + (there.acrossM() - stays.acrossM()) * times,
                stays.deepM() + (there.deepM() - stays.deepM()) * times,
                there.wideM() * times,
                there.highM() * times);
        return Proposal.of("scale the picture under the plan", LayUnder.moved(there, scaled));
    }
}
