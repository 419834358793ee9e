package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan.Thing;
import upshot.core.ground.MoveExtent;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Around;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Shot;

/** The camera would stand in a way out. */
final class WayOutBlocked implements ShotRule {

    private static final double FREE_M = 0.5;

    @Override
    public String id() {
        return "way-out";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Ways out stay free",
                "No camera stands in a way out that the plan shows, nor at its edge.",
                "People leave by it in the dark and in a hurry; local rules say how wide it has to be, and they go before this figure.",
                RuleCard.Source.TRADE,
                Bound.of("kept free beside it", FREE_M, "m"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return blocked(plan, shot).map(way -> finding(plan, shot, way));
    }

    private Finding finding(Around plan, Shot shot, Thing way) {
        boolean moves = !MoveExtent.track(plan, shot).isEmpty();
        return new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "It stands in a way out.",
                new Measured(apartM(plan, shot, way), FREE_M, Quantity.METRES),
                "The camera %s in %s of %s, or within %s of it. People have to get out there; ask the house how wide it must stay."
                        .formatted(
                                moves ? "would stand or go" : "would stand",
                                way.name(),
                                plan.spotOf(plan.actionOf(shot)).name(),
                                Wording.metres(FREE_M)),
                ElsewhereMends.of(plan, shot, moved -> blocked(plan, moved).isEmpty()));
    }

    private static Optional<Thing> blocked(Around plan, Shot shot) {
        return Standpoint.of(plan, shot).stream()
                .flatMap(camera -> camera.plan().waysOut().stream())
                .filter(way -> apartM(plan, shot, way) < FREE_M)
                .findFirst();
    }

    /** From the place of the camera, or from the nearest point of its track. */
    private static double apartM(Around plan, Shot shot, Thing way) {
        List<Corner> track = MoveExtent.track(plan, shot);
        return track.isEmpty()
                ? Standpoint.of(plan, shot)
                        .map(camera -> way.apartM(camera.at()))
                        .orElse(Double.POSITIVE_INFINITY)
                : way.apartM(track);
    }
}
