package upshot.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** Plans and what the rules say of them, the latest versions kept in memory. */
@Component
public class JudgedPlans {

    private static final int KEPT = 64;

    private final PlanStore plans;
    private final Jobs jobs;
    private final Cache<Version, Verdict> cache =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Version(UUID jobId, long number) {}

    JudgedPlans(PlanStore plans, Jobs jobs) {
        this.plans = plans;
        this.jobs = jobs;
    }

    /**
     * A plan as it stands.
     *
     * @param version the revision it belongs to
     */
    public record Current(long version, Verdict verdict) {}

    /** The present state: version and rows are read from one snapshot. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public Current current(UUID jobId, UUID ownerId) {
        long version = jobs.findByIdAndOwnerId(jobId, ownerId).orElseThrow().version();
        return new Current(version, verdict(jobId, version));
    }

    /** The plan of a version that is known to be the present one. */
    Plan plan(UUID jobId, long version) {
        return known(jobId, version).map(Verdict::plan).orElseGet(() -> plans.load(jobId));
    }

    private Verdict verdict(UUID jobId, long version) {
        return cache.get(new Version(jobId, version), missing -> Verdict.of(plans.load(jobId)));
    }

    /** What was said of an earlier version, if it is still known. */
    private Optional<Verdict> known(UUID jobId, long version) {
        return Optional.ofNullable(cache.getIfPresent(new Version(jobId, version)));
    }

    /** Judges what was just committed, in part where the version before is known, and keeps it. */
    Verdict remember(UUID jobId, long version, Plan plan) {
        Optional<Verdict> before = known(jobId, version - 1);
        return cache.get(
                new Version(jobId, version),
                missing -> before.map(one -> one.after(plan)).orElseGet(() -> Verdict.of(plan)));
    }
}
