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

    private Verdict verdict(UUID jobId, long version) {
        return cache.get(new Version(jobId, version), missing -> Verdict.of(plans.load(jobId)));
    }

    /** What was said of a version, if it is still known. */
    Optional<Verdict> known(UUID jobId, long version) {
        return Optional.ofNullable(cache.getIfPresent(new Version(jobId, version)));
    }

    /** Keeps what was said of a version that is stored. */
    Verdict remember(UUID jobId, long version, Verdict verdict) {
        cache.put(new Version(jobId, version), verdict);
        return verdict;
    }
}
