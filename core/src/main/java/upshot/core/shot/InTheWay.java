package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.FloorPlan.Thing;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** The camera would stand in furniture, or where nobody may. */
final class InTheWay implements ShotRule {

    @Override
    public String id() {
        return "no-go";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Where nobody stands",
                "The camera stands in no part of the spot that is closed to it.",
                "Furniture and closed ground are no places for a tripod.",
                RuleCard.Source.PLAN);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return Standpoint.of(plan, shot).flatMap(camera -> closed(plan, shot, camera));
    }

    private static Optional<Thing> closedAt(Around plan, Shot shot) {
        return Standpoint.of(plan, shot).flatMap(camera -> camera.plan().closedAt(camera.at()));
    }

    private Optional<Finding> closed(Around plan, Shot shot, Standpoint camera) {
        return camera.plan()
                .closedAt(camera.at())
                .map(thing -> new Finding(
                        id(),
                        Status.BREAK,
                        List.of(shot.id()),
                        "Nobody stands there.",
                        new Measured(thing.insideM(camera.at()), 0, Quantity.METRES),
                        "%s back, seen from %s, the camera stands %s inside: %s of %s%s%s."
                                .formatted(
                                        Wording.metres(Stand.of(plan, shot).groundDistanceM()),
                                        Wording.place(shot.bearingDeg()),
                                        Wording.metres(thing.insideM(camera.at())),
                                        thing.name(),
                                        plan.spotOf(plan.actionOf(shot)).name(),
                                        thing.reason().isEmpty() ? "" : ", " + thing.reason(),
                                        thing.decides().isEmpty() ? "" : "; %s decides".formatted(thing.decides())),
                        ElsewhereMends.of(
                                plan, shot, moved -> closedAt(plan, moved).isEmpty())));
    }
}
