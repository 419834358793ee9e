package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Mend;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.ground.Floor;
import upshot.core.ground.OtherBearing;
import upshot.core.ground.Stand;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

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
        if (!standsInZone(plan, shot)) {
            return Optional.empty();
        }
        Spot spot = plan.spotOf(plan.actionOf(shot));
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Nobody stands there.",
                new Measured(Stand.of(plan, shot).groundDistanceM(), 0, Quantity.METRES),
                "%s back, seen from %s, the camera stands in a part of %s that is closed to it."
                        .formatted(
                                Wording.metres(Stand.of(plan, shot).groundDistanceM()),
                                Wording.place(shot.bearingDeg()),
                                spot.name()),
                OtherBearing.smallest(plan, shot, turned -> !standsInZone(plan, turned)).stream()
                        .map(bearing -> new Mend(
                                "Shoot from %s".formatted(Wording.place(bearing)),
                                Change.edit(shot, one -> one.withBearingDeg(bearing))))
                        .toList()));
    }

    private static boolean standsInZone(Around plan, Shot shot) {
        return Room.camera(plan, shot)
                .filter(camera -> plan.spotOf(plan.actionOf(shot)).noGo().outlines().stream()
                        .anyMatch(zone -> Floor.isInside(zone, camera)))
                .isPresent();
    }
}
