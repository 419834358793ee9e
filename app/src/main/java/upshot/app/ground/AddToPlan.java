package upshot.app.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import upshot.app.job.Gesture;
import upshot.app.job.GestureContext;
import upshot.app.job.Proposal;
import upshot.app.web.Arguments;
import upshot.core.ground.FloorPlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Waypoint;

/** Puts something new on the plan of a spot, of a usual size, where it can be seen and moved from. */
@Component
class AddToPlan implements Gesture {

    private static final double USUAL_WALL_M = 3;

    @Override
    public String name() {
        return "add-to-plan";
    }

    /** A short shelf: what it is called, how large and how high it usually is. */
    enum Shelf {
        TABLE("table", Standing.Kind.FURNITURE, 1.8, 0.8, 0.75),
        BENCH("work bench", Standing.Kind.FURNITURE, 2, 0.7, 0.9),
        SHELVES("shelves", Standing.Kind.FURNITURE, 1.2, 0.4, 2),
        COUNTER("counter", Standing.Kind.FURNITURE, 2.5, 0.6, 1.1),
        MACHINE("machine", Standing.Kind.FURNITURE, 1.5, 1.5, 1.6),
        PILLAR("pillar", Standing.Kind.FURNITURE, 0.4, 0.4, USUAL_WALL_M),
        WATER("water", Standing.Kind.WATER, 2, 2, 0),
        NO_GO("closed to cameras", Standing.Kind.NO_GO, 2, 2, 0),
        WAY_OUT("way out", Standing.Kind.WAY_OUT, 1.2, 2, 0),
        RAISED("stage, steps or landing", Standing.Kind.RAISED, 3, 2, 0.4);

        private final String label;
        private final Standing.Kind kind;
        private final double wideM;
        private final double deepM;
        private final double heightM;

        Shelf(String label, Standing.Kind kind, double wideM, double deepM, double heightM) {
            this.label = label;
            this.kind = kind;
            this.wideM = wideM;
            this.deepM = deepM;
            this.heightM = heightM;
        }

        String label() {
            return label;
        }

        private Standing at(Corner middle, UUID id, UUID spotId, double rank) {
            double across = Snap.of(middle.acrossM() - wideM / 2);
            double deep = Snap.of(middle.deepM() - deepM / 2);
            Outline corners = new Outline(List.of(
                    new Corner(across, deep),
                    new Corner(Snap.of(across + wideM), deep),
                    new Corner(Snap.of(across + wideM), Snap.of(deep + deepM)),
                    new Corner(across, Snap.of(deep + deepM))));
            return new Standing(id, spotId, rank, label, kind, corners, heightM, "", "");
        }
    }

    @Override
    public Proposal propose(GestureContext context, Map<String, String> sent) {
        Arguments arguments = new Arguments(sent);
        Plan plan = context.plan();
        String what = arguments.text("what");
        if (what.equals("way")) {
            return way(context, arguments.chosen(plan, RecordKind.ACTION, "actionId"));
        }
        Spot spot = arguments.chosen(plan, RecordKind.SPOT, "spotId");
        if (what.equals("floor")) {
            return floor(context, spot);
        }
        if (what.equals("corner")) {
            return corner(context, arguments.chosen(plan, RecordKind.CORNER, "after"));
        }
        PlanRecord added = added(context, spot, what);
        return Proposal.showing(
                "add " + added.label(),
                new Change.Add(added),
                Map.of("thing", added.id().toString()));
    }

    private static PlanRecord added(GestureContext context, Spot spot, String what) {
        Plan plan = context.plan();
        List<Corner> outline = FloorPlan.of(plan, spot).outline();
        for (Shelf one : Shelf.values()) {
            if (one.name().equals(what)) {
                return one.at(
                        middle(outline), context.ids().get(), spot.id(), Ranks.after(plan.list(RecordKind.STANDING)));
            }
        }
        for (Stretch.Kind kind : Stretch.Kind.values()) {
            if (kind.name().equals(what)) {
                return onTheFirstWall(
                        kind, outline, context.ids().get(), spot.id(), Ranks.after(plan.list(RecordKind.STRETCH)));
            }
        }
        throw new InvalidField("what", "There is no such thing to put on a plan.");
    }

    static Corner middle(List<Corner> outline) {
        return new Corner(
                outline.stream().mapToDouble(Corner::acrossM).average().orElse(0),
                outline.stream().mapToDouble(Corner::deepM).average().orElse(0));
    }

    private static Stretch onTheFirstWall(Stretch.Kind kind, List<Corner> outline, UUID id, UUID spotId, double rank) {
        Corner a = outline.get(0);
        Corner b = outline.get(1);
        double sill = kind == Stretch.Kind.WINDOW ? 0.9 : 0;
        double head = kind == Stretch.Kind.SOCKET ? 0.3 : 2.1;
        return new Stretch(
                id,
                spotId,
                rank,
                "",
                kind,
                Snap.of(a.acrossM() + 0.3 * (b.acrossM() - a.acrossM())),
                Snap.of(a.deepM() + 0.3 * (b.deepM() - a.deepM())),
                Snap.of(a.acrossM() + 0.5 * (b.acrossM() - a.acrossM())),
                Snap.of(a.deepM() + 0.5 * (b.deepM() - a.deepM())),
                sill,
                head);
    }

    /** Corners of its own, as wide and deep as the spot is. */
    private static Proposal floor(GestureContext context, Spot spot) {
        boolean has = context.plan().list(RecordKind.CORNER).stream()
                .anyMatch(one -> one.spotId().equals(spot.id()));
        if (has) {
            throw new InvalidField("spotId", "The floor of %s has corners already.".formatted(spot.name()));
        }
        double wallM = spot.outdoors() ? 0 : spot.ceilingM().orElse(USUAL_WALL_M);
        List<Change> corners = new ArrayList<>();
        Supplier<UUID> ids = context.ids();
        for (Corner one : FloorPlan.of(context.plan(), spot).outline()) {
            corners.add(new Change.Add(new FloorCorner(
                    ids.get(),
                    spot.id(),
                    Ranks.STEP * (corners.size() + 1),
                    one.acrossM(),
                    one.deepM(),
                    wallM,
                    false)));
        }
        return Proposal.of("corners of " + spot.name(), Change.batch(corners));
    }

    /** Halfway to the next. */
    private static Proposal corner(GestureContext context, FloorCorner after) {
        List<FloorCorner> all = corners(context, after);
        FloorCorner next = all.get((all.indexOf(after) + 1) % all.size());
        return corner(
                context,
                after,
                new Corner(
                        Snap.of((after.acrossM() + next.acrossM()) / 2), Snap.of((after.deepM() + next.deepM()) / 2)));
    }

    private static List<FloorCorner> corners(GestureContext context, FloorCorner of) {
        return context.plan().<FloorCorner>list(RecordKind.CORNER).stream()
                .filter(one -> one.spotId().equals(of.spotId()))
                .toList();
    }

    /** Another corner between one and the next. */
    static Proposal corner(GestureContext context, FloorCorner after, Corner at) {
        List<FloorCorner> all = corners(context, after);
        int place = all.indexOf(after);
        double rank =
                place + 1 < all.size() ? (after.rank() + all.get(place + 1).rank()) / 2 : after.rank() + Ranks.STEP;
        FloorCorner added = new FloorCorner(
                context.ids().get(), after.spotId(), rank, at.acrossM(), at.deepM(), after.wallM(), after.paced());
        return Proposal.showing(
                "add a corner",
                new Change.Add(added),
                Map.of("thing", added.id().toString()));
    }

    /** The next point of an action's way, a metre on; the first two where it has none. */
    private static Proposal way(GestureContext context, Action action) {
        List<Waypoint> way = context.plan().list(RecordKind.WAYPOINT).stream()
                .filter(one -> one.actionId().equals(action.id()))
                .toList();
        Corner from = way.isEmpty()
                ? new Corner(action.acrossM().orElse(1.0), action.deepM().orElse(1.0))
                : new Corner(
                        way.get(way.size() - 1).acrossM(),
                        way.get(way.size() - 1).deepM());
        List<Change> added = new ArrayList<>();
        double rank = Ranks.after(way);
        if (way.isEmpty()) {
            added.add(new Change.Add(
                    new Waypoint(context.ids().get(), action.id(), rank, from.acrossM(), from.deepM(), 0)));
            rank += Ranks.STEP;
        }
        added.add(new Change.Add(
                new Waypoint(context.ids().get(), action.id(), rank, from.acrossM() + 1, from.deepM(), 0)));
        if (action.acrossM().isEmpty()) {
            added.add(Change.set(action, "acrossM", Optional.of(from.acrossM())));
            added.add(Change.set(action, "deepM", Optional.of(from.deepM())));
        }
        return Proposal.of("the way of " + action.name(), Change.batch(added));
    }
}
