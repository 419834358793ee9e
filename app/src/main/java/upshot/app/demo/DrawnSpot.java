package upshot.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import upshot.app.job.GestureContext;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Waypoint;

/** Draws the plan of a spot, as one change; corners are written as "0 0, 9 0, 9 9". */
final class DrawnSpot {

    private final String name;
    private final List<Function<GestureContext, Change>> drawn = new ArrayList<>();

    DrawnSpot(String name) {
        this.name = name;
    }

    void on(JobWriter job) {
        job.change(
                "the plan of " + name,
                context -> Change.batch(
                        drawn.stream().map(one -> one.apply(context)).toList()));
    }

    private Spot spot(GestureContext context) {
        return (Spot) JobWriter.named(context.plan(), RecordKind.SPOT, name);
    }

    private DrawnSpot add(Function<GestureContext, PlanRecord> what) {
        drawn.add(context -> new Change.Add(what.apply(context)));
        return this;
    }

    DrawnSpot floor(String corners, double wallM) {
        double rank = 0;
        for (Corner corner : Outline.parse(corners).corners()) {
            rank += Ranks.STEP;
            double place = rank;
            add(context -> new FloorCorner(
                    context.ids().get(), spot(context).id(), place, corner.acrossM(), corner.deepM(), wallM, false));
        }
        return this;
    }

    DrawnSpot stands(String what, String corners, double heightM) {
        return standing(Standing.Kind.FURNITURE, what, corners, heightM, "", "");
    }

    DrawnSpot closed(String what, String corners, String reason, String decides) {
        return standing(Standing.Kind.NO_GO, what, corners, 0, reason, decides);
    }

    DrawnSpot wayOut(String what, String corners) {
        return standing(Standing.Kind.WAY_OUT, what, corners, 0, "", "");
    }

    private DrawnSpot standing(
            Standing.Kind kind, String what, String corners, double heightM, String reason, String decides) {
        double rank = Ranks.STEP * (drawn.size() + 1);
        return add(context -> new Standing(
                context.ids().get(),
                spot(context).id(),
                rank,
                what,
                kind,
                Outline.parse(corners),
                heightM,
                reason,
                decides));
    }

    DrawnSpot opening(
            Stretch.Kind kind,
            double fromAcross,
            double fromDeep,
            double toAcross,
            double toDeep,
            double sill,
            double head) {
        double rank = Ranks.STEP * (drawn.size() + 1);
        return add(context -> new Stretch(
                context.ids().get(),
                spot(context).id(),
                rank,
                "",
                kind,
                fromAcross,
                fromDeep,
                toAcross,
                toDeep,
                sill,
                head));
    }

    DrawnSpot place(String action, double across, double deep) {
        drawn.add(context -> {
            PlanRecord there = JobWriter.named(context.plan(), RecordKind.ACTION, action);
            return Change.batch(List.of(
                    Change.set(there, "acrossM", Optional.of(across)), Change.set(there, "deepM", Optional.of(deep))));
        });
        return this;
    }

    DrawnSpot way(String action, String points) {
        double rank = 0;
        for (String point : points.split(",")) {
            String[] numbers = point.strip().split(" ");
            rank += Ranks.STEP;
            double place = rank;
            add(context -> new Waypoint(
                    context.ids().get(),
                    ((Action) JobWriter.named(context.plan(), RecordKind.ACTION, action)).id(),
                    place,
                    Double.parseDouble(numbers[0]),
                    Double.parseDouble(numbers[1]),
                    0));
        }
        return this;
    }
}
