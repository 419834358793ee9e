package upshot.app.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.FloorPlan;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Underlay;

/** Lays a picture under the plan of a spot, instead of the one that lies there. */
@Component
class LayUnder implements Gesture {

    @Override
    public String name() {
        return "lay-under";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        Spot spot = arguments.chosen(plan, RecordKind.SPOT, "spotId");
        double ratio = arguments.number("ratio", 1);
        if (!(ratio >= 0.01 && ratio <= 100)) {
            throw new InvalidField("ratio", "A picture is not so much wider than high.");
        }
        Optional<Underlay> there = of(plan, spot);
        FloorPlan floor = FloorPlan.of(plan, spot);
        Corner near = near(floor);
        double wide = arguments.number("wide", there.map(Underlay::wideM).orElse(floor.wideM()));
        Underlay laid = new Underlay(
                there.map(Underlay::id).orElseGet(context.ids()),
                spot.id(),
                arguments.text("still"),
                arguments.number("across", there.map(Underlay::acrossM).orElse(near.acrossM())),
                arguments.number("deep", there.map(Underlay::deepM).orElse(near.deepM())),
                wide,
                wide / ratio);
        return Proposal.of(
                "lay a picture under " + spot.name(),
                there.map(before -> moved(before, laid)).orElseGet(() -> new Change.Add(laid)));
    }

    static Optional<Underlay> of(Plan plan, Spot spot) {
        return plan.<Underlay>list(RecordKind.UNDERLAY).stream()
                .filter(one -> one.spotId().equals(spot.id()))
                .findFirst();
    }

    static Corner near(FloorPlan floor) {
        return new Corner(
                floor.outline().stream().mapToDouble(Corner::acrossM).min().orElse(0),
                floor.outline().stream().mapToDouble(Corner::deepM).min().orElse(0));
    }

    static Change moved(Underlay before, Underlay after) {
        List<Change> changes = new ArrayList<>();
        for (var field : RecordKind.UNDERLAY.fields()) {
            if (!field.of(before).equals(field.of(after))) {
                changes.add(Change.set(before, field.name(), field.of(after)));
            }
        }
        return Change.batch(changes);
    }
}
