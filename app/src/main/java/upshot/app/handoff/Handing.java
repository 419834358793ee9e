package upshot.app.handoff;

import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.JudgedPlans;
import upshot.exchange.handoff.Handed;

/** Everything of a job that an editor gets, as it stands. */
@Component
class Handing {

    private final JudgedPlans plans;
    private final HandedShots shots;

    Handing(JudgedPlans plans, HandedShots shots) {
        this.plans = plans;
        this.shots = shots;
    }

    Handed of(UUID jobId, UUID ownerId) {
        JudgedPlans.Current current = plans.current(jobId, ownerId);
        HandedShots.Shot shot = shots.of(jobId, current.version(), current.verdict());
        return new Handed(current.verdict(), shot.takes(), shot.said(), shot.judged());
    }
}
