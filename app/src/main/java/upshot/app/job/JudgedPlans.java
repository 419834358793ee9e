package upshot.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
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
    private final TransactionTemplate reading;
    private final Cache<Version, Verdict> cache =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Version(UUID jobId, long number) {}

    JudgedPlans(PlanStore plans, Jobs jobs, PlatformTransactionManager transactions) {
        this.plans = plans;
        this.jobs = jobs;
        this.reading = new TransactionTemplate(transactions);
        // Version and rows are of one snapshot.
        reading.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        reading.setReadOnly(true);
    }

    /**
     * A plan as it stands.
     *
     * @param version the revision it belongs to
     */
    public record Current(long version, Verdict verdict) {}

    /** The present state. It is judged when it has been read, so that judging holds no connection. */
    public Current current(UUID jobId, UUID ownerId) {
        Read read = reading.execute(status -> read(jobId, ownerId));
        Verdict verdict = read.known.orElseGet(
                () -> cache.get(new Version(jobId, read.version), missing -> Verdict.of(read.plan.orElseThrow())));
        return new Current(read.version, verdict);
    }

    /** What one snapshot says: the plan only where nothing is remembered of its version. */
    private record Read(long version, Optional<Verdict> known, Optional<Plan> plan) {}

    private Read read(UUID jobId, UUID ownerId) {
        long version = jobs.findByIdAndOwnerId(jobId, ownerId).orElseThrow().version();
        Optional<Verdict> known = known(jobId, version);
        return new Read(version, known, known.isPresent() ? Optional.empty() : Optional.of(plans.load(jobId)));
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
