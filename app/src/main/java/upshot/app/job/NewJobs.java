package upshot.app.job;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Beat;
import upshot.core.plan.Body;
import upshot.core.plan.Brief;
import upshot.core.plan.Lens;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Spot;

/** Begins jobs: a brief, three beats, one spot and a plain kit, so that the first action can be typed at once. */
@Service
public class NewJobs {

    private final Jobs jobs;
    private final PlanStore plans;
    private final Clock clock;

    NewJobs(Jobs jobs, PlanStore plans, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.clock = clock;
    }

    /** Makes a job that belongs to the person. */
    @Transactional
    public UUID create(SignedIn owner, String name) {
        UUID jobId = UUID.randomUUID();
        Plan plan = firstPlan(jobId, name);
        jobs.save(new Job(jobId, owner.id(), clock.instant()));
        plans.insert(jobId, plan);
        return jobId;
    }

    private static Plan firstPlan(UUID jobId, String name) {
        List<PlanRecord> records = List.of(
                Brief.draft(jobId, name),
                new Beat(UUID.randomUUID(), "Opening", Ranks.STEP, Beat.Role.OPENING),
                new Beat(UUID.randomUUID(), "Middle", 2 * Ranks.STEP, Beat.Role.BODY),
                new Beat(UUID.randomUUID(), "Ending", 3 * Ranks.STEP, Beat.Role.ENDING),
                new Spot(UUID.randomUUID(), "Main room", Ranks.STEP, false, 6, 2.5),
                new Body(UUID.randomUUID(), "Body A", Ranks.STEP, 24.9, 14.0, FrameRate.of(120)),
                lens(1, "24 mm", 24, 2.8, 0.25),
                lens(2, "35 mm", 35, 2.8, 0.35),
                lens(3, "50 mm", 50, 1.8, 0.45),
                lens(4, "85 mm", 85, 1.8, 0.80));
        return Plan.of(records);
    }

    private static Lens lens(int place, String name, double focalMm, double widestN, double nearM) {
        return new Lens(UUID.randomUUID(), name, place * Ranks.STEP, focalMm, widestN, nearM);
    }
}
