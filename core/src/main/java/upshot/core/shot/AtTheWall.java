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
import upshot.core.ground.Standpoint;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** The camera would stand so near to a wall that nobody can look through it. */
final class AtTheWall implements ShotRule {

    private static final double NEAREST_M = 0.3;
    private static final double ROUNDING = 1e-9;

    @Override
    public String id() {
        return "at-the-wall";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Room behind the camera",
                "On a plan with walls, the camera stands at least so far from each of them.",
                "A tripod has legs, and somebody has to stand behind it.",
                RuleCard.Source.TRADE,
                Bound.of("nearest to a wall", NEAREST_M, "m"));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        return Standpoint.of(plan, shot)
                .filter(AtTheWall::isNear)
                .map(camera -> new Finding(
                        id(),
                        Status.WATCH,
                        List.of(shot.id()),
                        "The camera stands at the wall.",
                        new Measured(camera.plan().toNearestWallM(camera.at()), NEAREST_M, Quantity.METRES),
                        "%s from the nearest wall of %s; legs and whoever looks need %s."
                                .formatted(
                                        Wording.metres(camera.plan().toNearestWallM(camera.at())),
                                        plan.spotOf(plan.actionOf(shot)).name(),
                                        Wording.metres(NEAREST_M)),
                        ElsewhereMends.of(
                                plan,
                                shot,
                                moved -> Standpoint.of(plan, moved)
                                        .filter(AtTheWall::isNear)
                                        .isEmpty())));
    }

    private static boolean isNear(Standpoint camera) {
        return camera.plan().drawn()
                && camera.plan().holds(camera.at())
                && camera.plan().toNearestWallM(camera.at()) < NEAREST_M - ROUNDING;
    }
}
