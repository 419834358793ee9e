package upshot.app.job;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import upshot.app.store.Jobs;
import upshot.app.store.PlanStore;
import upshot.app.web.Recent;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** Plans and what the rules say of them: the latest version of each job, as far as somebody looked at it lately. */
@Component
public class JudgedPlans {

    private static final int KEPT = 64;

    private final PlanStore plans;
    private final Jobs jobs;
    private final TransactionTemplate reading;
    private final Recent<UUID, Judged> kept = Recent.of(KEPT);

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

    /** A version of a plan, judged once by whoever asks first; others who ask meanwhile wait for that. */
    private static final class Judged {

        private final long version;
        private final Plan plan;
        private volatile Verdict verdict;

        Judged(long version, Plan plan, Verdict verdict) {
            this.version = version;
            this.plan = plan;
            this.verdict = verdict;
        }

        synchronized Verdict verdict() {
            if (verdict == null) {
                verdict = Verdict.of(plan);
            }
            return verdict;
        }
    }

    /** The present state. It is judged when it has been read, so that judging holds no connection. */
    public Current current(UUID jobId, UUID ownerId) {
        Judged read = reading.execute(status -> read(jobId, ownerId));
        return new Current(read.version, read.verdict());
    }

    private Judged read(UUID jobId, UUID ownerId) {
        long version = jobs.findByIdAndOwnerId(jobId, ownerId).orElseThrow().version();
        return of(jobId, version).orElseGet(() -> keep(jobId, new Judged(version, plans.load(jobId), null)));
    }

    private Optional<Judged> of(UUID jobId, long version) {
        return kept.get(jobId).filter(one -> one.version == version);
    }

    /** The one to use: whoever came first, and never an earlier version in the place of a later one. */
    private synchronized Judged keep(UUID jobId, Judged judged) {
        Optional<Judged> there = kept.get(jobId);
        if (there.filter(one -> one.version == judged.version).isPresent()) {
            return there.orElseThrow();
        }
        if (there.filter(one -> one.version > judged.version).isEmpty()) {
            kept.put(jobId, judged);
        }
        return judged;
    }

    /** What was said of a version, if it is still known. */
    Optional<Verdict> known(UUID jobId, long version) {
        return of(jobId, version).map(one -> one.verdict);
    }

    /** Keeps what was said of a version that is stored. */
    Verdict remember(UUID jobId, long version, Verdict verdict) {
        return keep(jobId, new Judged(version, verdict.plan(), verdict)).verdict();
    }
}
