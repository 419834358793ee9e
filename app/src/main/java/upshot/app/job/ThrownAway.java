package upshot.app.job;

import java.time.Clock;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;

/** Lets jobs go for good that were thrown away a month ago. */
@Component
class ThrownAway {

    private static final Logger LOG = LoggerFactory.getLogger(ThrownAway.class);
    private static final Duration KEPT = Duration.ofDays(30);

    private final Jobs jobs;
    private final PlanStore plans;
    private final Clock clock;

    ThrownAway(Jobs jobs, PlanStore plans, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Transactional
    public void clear() {
        for (Job job : jobs.findByDeletedAtBefore(clock.instant().minus(KEPT))) {
            LOG.info("Job {} was thrown away a month ago and goes for good.", job.id());
            plans.delete(job.id());
            jobs.delete(job);
        }
    }
}
