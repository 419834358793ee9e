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
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Waypoint;

/** Puts anything else elsewhere on the plan: what has a place gets another, what has several is moved by as much. */
@Component
class PutThing implements Gesture {

    private static final double NEAR_M = 0.15;

    /** The wall that begins at a corner: taken by its middle, it is broken into two. */
    private static final String WALL = "wall";

    @Override
    public String name() {
        return "put-thing";
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        if (arguments.text("kind").equals(WALL)) {
            FloorCorner before = arguments.chosen(context.plan(), RecordKind.CORNER, "id");
            return AddToPlan.corner(context, before, PutStand.point(arguments));
        }
        RecordKind<?> kind = RecordKind.named(arguments.text("kind"))
                .orElseThrow(() -> new InvalidField("kind", "There is no such thing on a plan."));
        PlanRecord thing = arguments.chosen(context.plan(), kind, "id");
        Corner to = PutStand.point(arguments);
        Change change = moved(context.plan(), thing, to);
        return Proposal.showing(
                "move " + thing.label(), change, Map.of("thing", thing.id().toString()));
    }

    private static Change moved(Plan plan, PlanRecord thing, Corner to) {
        if (thing instanceof Action || thing instanceof Performer) {
            return set(thing, Map.of("acrossM", Optional.of(to.acrossM()), "deepM", Optional.of(to.deepM())));
        }
        if (thing instanceof Spot) {
            return set(thing, Map.of("siteEastM", Optional.of(to.acrossM()), "siteNorthM", Optional.of(to.deepM())));
        }
        if (thing instanceof FloorCorner corner) {
            Corner snapped = squared(plan, corner, to);
            return set(thing, Map.of("acrossM", snapped.acrossM(), "deepM", snapped.deepM()));
        }
        if (thing instanceof Waypoint) {
            return set(thing, Map.of("acrossM", to.acrossM(), "deepM", to.deepM()));
        }
        if (thing instanceof Standing standing) {
            Corner first = standing.corners().corners().get(0);
            return set(thing, Map.of("corners", shifted(standing.corners(), first, to)));
        }
        if (thing instanceof Stretch stretch) {
            double across = to.acrossM() - stretch.fromAcrossM();
            double deep = to.deepM() - stretch.fromDeepM();
            return set(
                    thing,
                    Map.of(
                            "fromAcrossM",
                            to.acrossM(),
                            "fromDeepM",
                            to.deepM(),
                            "toAcrossM",
                            Snap.of(stretch.toAcrossM() + across),
                            "toDeepM",
                            Snap.of(stretch.toDeepM() + deep)));
        }
        throw new InvalidField("kind", "There is no such thing on a plan.");
    }

    /** A corner that comes near to a right angle with one of its neighbours makes it. */
    private static Corner squared(Plan plan, FloorCorner corner, Corner to) {
        List<FloorCorner> all = plan.list(RecordKind.CORNER).stream()
                .filter(one -> one.spotId().equals(corner.spotId()))
                .toList();
        int at = all.indexOf(corner);
        double across = to.acrossM();
        double deep = to.deepM();
        for (int way : new int[] {-1, 1}) {
            FloorCorner next = all.get(Math.floorMod(at + way, all.size()));
            across = Math.abs(next.acrossM() - to.acrossM()) < NEAR_M ? next.acrossM() : across;
            deep = Math.abs(next.deepM() - to.deepM()) < NEAR_M ? next.deepM() : deep;
        }
        return new Corner(across, deep);
    }

    private static Outline shifted(Outline outline, Corner from, Corner to) {
        try {
            return shiftedBy(outline, from, to);
        } catch (IllegalArgumentException outside) {
            throw new InvalidField("across", outside.getMessage());
        }
    }

    private static Outline shiftedBy(Outline outline, Corner from, Corner to) {
        return new Outline(outline.corners().stream()
                .map(one -> new Corner(
                        Snap.of(one.acrossM() + to.acrossM() - from.acrossM()),
                        Snap.of(one.deepM() + to.deepM() - from.deepM())))
                .toList());
    }

    private static Change set(PlanRecord thing, Map<String, Object> values) {
        List<Change> changes = new ArrayList<>();
        values.forEach((field, value) -> changes.add(Change.set(thing, field, value)));
        return Change.batch(changes);
    }
}
