package upshot.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.app.store.ShotCodes;
import upshot.app.store.Stills;
import upshot.core.brief.GenericKit;
import upshot.core.finding.Wording;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;

/** Begins jobs: a brief, three beats, one spot, house rules and a generic kit, so that the first action can be typed at once. */
@Service
public class NewJobs {

    private static final String COPY = ", copy";
    private static final int LONGEST_NAME = 120 - COPY.length();

    private final Jobs jobs;
    private final PlanStore plans;
    private final ShotCodes codes;
    private final Stills stills;
    private final Clock clock;

    NewJobs(Jobs jobs, PlanStore plans, ShotCodes codes, Stills stills, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.codes = codes;
        this.stills = stills;
        this.clock = clock;
    }

    /** Makes a job that belongs to the person. */
    @Transactional
    public UUID create(SignedIn owner, String name) {
        return create(owner, firstPlan(UUID.randomUUID(), name));
    }

    /** Makes a job of a whole plan; its codes count as given. */
    @Transactional
    public UUID create(SignedIn owner, Plan plan) {
        UUID jobId = UUID.randomUUID();
        jobs.save(new Job(jobId, owner.id(), clock.instant()));
        plans.insert(jobId, plan);
        plan.shots().forEach(shot -> codes.claim(jobId, shot.code(), shot.id()));
        return jobId;
    }

    /** Makes a job like another one, with its reference pictures, under a name of its own. */
    @Transactional
    public UUID copy(SignedIn owner, UUID fromId, Plan plan) {
        String name = plan.brief().name();
        String shortened = Wording.begin(name, LONGEST_NAME);
        UUID copyId = create(owner, plan.apply(Change.edit(plan.brief(), one -> one.withName(shortened + COPY))));
        stills.copy(fromId, copyId);
        return copyId;
    }

    /** What a new job begins with. */
    static Plan firstPlan(UUID briefId, String name) {
        List<PlanRecord> records = new ArrayList<>(List.of(
                Brief.draft(briefId, name),
                HouseRules.usual(UUID.randomUUID()),
                StoryBeat.of(UUID.randomUUID(), "Opening", Ranks.STEP, StoryBeat.Role.OPENING),
                StoryBeat.of(UUID.randomUUID(), "Middle", 2 * Ranks.STEP, StoryBeat.Role.BODY),
                StoryBeat.of(UUID.randomUUID(), "Ending", 3 * Ranks.STEP, StoryBeat.Role.ENDING),
                Spot.draft(UUID.randomUUID(), "Main room").withRank(Ranks.STEP)));
        records.addAll(GenericKit.BODY_AND_ZOOM.records(UUID::randomUUID));
        return Plan.of(records);
    }
}
