package upshot.app.cut;

import java.util.UUID;
import org.springframework.stereotype.Component;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Recent;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.verdict.Verdict;

/** Cuts as they would be arranged; those that were looked at last are kept, so that one can be played without a second search. */
@Component
class ArrangedCuts {

    private static final int KEPT = 24;

    private final JudgedPlans plans;
    private final Recent<Asked, Verdict> kept = Recent.of(KEPT);

    ArrangedCuts(JudgedPlans plans) {
        this.plans = plans;
    }

    /** The same of all of these is the same cut, by the search's own promise. */
    private record Asked(UUID jobId, long version, Manner manner, long seed) {}

    /**
     * A cut beside the one that stands.
     *
     * @param before the job as it is
     */
    record Arranged(Verdict before, Verdict after) {}

    Arranged of(Job job, Manner manner, long seed) {
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        Verdict before = current.verdict();
        Asked asked = new Asked(job.id(), current.version(), manner, seed);
        Verdict after = kept.get(asked)
                .orElseGet(() -> Verdict.of(before.plan()
                        .apply(new Arrange(UUID::randomUUID, manner, seed, Arrange.USUAL_STEPS).propose(before))));
        kept.put(asked, after);
        return new Arranged(before, after);
    }
}
