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
import upshot.core.ground.Stand;
import upshot.core.plan.Around;
import upshot.core.plan.Change;
import upshot.core.plan.Shot;
import upshot.core.plan.ShotPosition;

/** The camera is asked to be higher above (or below) its aim than it is away from it: |Δz| &gt; d. */
final class OutOfReach implements ShotRule {

    @Override
    public String id() {
        return "out-of-reach";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Out of reach",
                "The camera is no farther above or below its aim than it is away from it.",
                "Farther than that, no tilt brings the subject into the frame.",
                RuleCard.Source.GEOMETRY);
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        Stand stand = Stand.of(plan, shot);
        if (stand.reachable()) {
            return Optional.empty();
        }
        double rise = Math.abs(shot.cameraHeightM() - stand.framing().aimM());
        double level =
                Math.max(ShotPosition.LOWEST_M, Math.round(stand.framing().aimM() * 100) / 100.0);
        return Optional.of(new Finding(
                id(),
                Status.BREAK,
                List.of(shot.id()),
                "Cannot be framed from there.",
                new Measured(rise, stand.distanceM(), Quantity.METRES),
                "The lens frames this from %s, but the camera is %s above or below its aim."
                        .formatted(Wording.metres(stand.distanceM()), Wording.metres(rise)),
                level > ShotPosition.HIGHEST_M
                        ? List.of()
                        : List.of(new Mend(
                                "Bring the camera to %s".formatted(Wording.metres(level)),
                                Change.edit(shot, one -> one.withCameraHeightM(level))))));
    }
}
