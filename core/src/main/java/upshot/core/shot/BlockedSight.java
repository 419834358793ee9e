package upshot.core.shot;

import java.util.List;
import java.util.Optional;
import upshot.core.finding.Finding;
import upshot.core.finding.Measured;
import upshot.core.finding.Quantity;
import upshot.core.finding.RuleCard;
import upshot.core.finding.RuleCard.Bound;
import upshot.core.finding.Status;
import upshot.core.ground.LineOfSight;
import upshot.core.ground.Stand;
import upshot.core.ground.Standpoint;
import upshot.core.plan.Around;
import upshot.core.plan.Shot;

/** Something stands between the camera and what it films. */
final class BlockedSight implements ShotRule {

    private static final double WATCH_FROM = 0.1;
    private static final double BREAK_FROM = 0.5;
    private static final double PERCENT = 100;

    @Override
    public String id() {
        return "blocked-sight";
    }

    @Override
    public RuleCard card() {
        return RuleCard.of(
                "Nothing in between",
                "What stands on the plan hides no more of the part that is filmed than so much, unless it is meant as the foreground.",
                "A table that nobody thought of is found at the monitor, when everybody stands there.",
                RuleCard.Source.GEOMETRY,
                Bound.of("hidden, to watch from", WATCH_FROM, ""),
                Bound.of("hidden, breaks from", BREAK_FROM, ""));
    }

    @Override
    public Optional<Finding> judge(Around plan, Shot shot) {
        double hidden = hidden(plan, shot);
        if (shot.foreground() || hidden <= WATCH_FROM) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                id(),
                hidden > BREAK_FROM ? Status.BREAK : Status.WATCH,
                List.of(shot.id()),
                "Something stands in between.",
                new Measured(hidden, WATCH_FROM, Quantity.SHARE),
                "From there %d %% of what it films is hidden by what stands on the plan."
                        .formatted(Math.round(PERCENT * hidden)),
                ElsewhereMends.of(plan, shot, moved -> hidden(plan, moved) <= WATCH_FROM)));
    }

    /** Of what of the subject lies in the frame, the share that is hidden. */
    private static double hidden(Around plan, Shot shot) {
        return Standpoint.of(plan, shot)
                .filter(camera -> camera.plan().drawn())
                .map(camera -> hidden(plan, shot, camera))
                .orElse(0.0);
    }

    private static double hidden(Around plan, Shot shot, Standpoint camera) {
        Stand stand = Stand.of(plan, shot);
        double levelM = camera.plan().levelM(camera.subject().at());
        double half = stand.framing().heightM() / 2;
        double low = Math.max(stand.extent().baseM(), stand.framing().aimM() - half);
        double high = Math.min(stand.extent().topM(), stand.framing().aimM() + half);
        double wide = Math.min(
                stand.extent().breadthM(shot.bearingDeg()),
                stand.framing().heightM() * plan.brief().aspect().ratio());
        return LineOfSight.hidden(
                camera.plan(),
                camera.at(),
                levelM + shot.cameraHeightM(),
                camera.subject().at(),
                wide,
                levelM + low,
                levelM + high);
    }
}
