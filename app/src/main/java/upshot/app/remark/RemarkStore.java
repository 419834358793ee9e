package upshot.app.remark;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.job.EditRefused;
import upshot.app.job.SideStore;
import upshot.app.store.Jobs;
import upshot.app.store.Remarks;
import upshot.app.store.Remarks.Remark;

/** Adds remarks, each once however often it is sent. */
@Component
class RemarkStore implements SideStore {

    /** Lines of one job, those that take back among them. */
    static final int MOST = 2000;

    private final Remarks remarks;
    private final Jobs jobs;
    private final Clock clock;

    RemarkStore(Remarks remarks, Jobs jobs, Clock clock) {
        this.remarks = remarks;
        this.jobs = jobs;
        this.clock = clock;
    }

    /**
     * Adds a line under the job's lock.
     *
     * @throws EditRefused when the job is full, the id stands for something else, or what is taken back is not theirs
     */
    @Transactional
    public void add(UUID jobId, SignedIn who, Wanted wanted) {
        jobs.lock(jobId).orElseThrow();
        List<Remark> all = remarks.of(jobId);
        Remark line = new Remark(
                jobId,
                all.size() + 1L,
                wanted.id(),
                who.id(),
                clock.instant(),
                wanted.shotId(),
                wanted.takesBack(),
                wanted.words());
        Optional<Remark> known =
                all.stream().filter(one -> one.id().equals(wanted.id())).findFirst();
        if (known.isPresent()) {
            if (!known.get().saysTheSame(line)) {
                throw new EditRefused("Another remark has this id. Write it again.");
            }
            return;
        }
        if (all.size() >= MOST) {
            throw new EditRefused("This job holds %d remarks, and no more than that.".formatted(MOST));
        }
        wanted.takesBack().ifPresent(back -> mine(all, back, who));
        remarks.add(line);
    }

    private static void mine(List<Remark> all, UUID takenBack, SignedIn who) {
        all.stream()
                .filter(one -> one.id().equals(takenBack) && one.accountId().equals(who.id()))
                .findFirst()
                .orElseThrow(() -> new EditRefused("Only whoever made a remark can take it back."));
    }

    /**
     * What somebody wants to be added.
     *
     * @param id made by the page
     * @param words empty where it takes back
     */
    record Wanted(UUID id, Optional<UUID> shotId, Optional<UUID> takesBack, String words) {}

    @Override
    public String name() {
        return "remarks";
    }

    @Override
    public long last(UUID jobId) {
        return remarks.last(jobId);
    }

    @Override
    public Optional<String> newsSince(UUID jobId, long number, UUID accountId) {
        List<Remarks.Said> others = remarks.standing(jobId).stream()
                .filter(one -> one.remark().number() > number
                        && !one.remark().accountId().equals(accountId))
                .toList();
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of("%s made a remark%s"
                        .formatted(
                                others.get(others.size() - 1).who(),
                                others.size() > 1 ? ", and %d more".formatted(others.size() - 1) : ""));
    }

    @Override
    public List<Remark> lines(UUID jobId) {
        return remarks.of(jobId);
    }

    @Override
    public List<Remark> linesOf(UUID accountId) {
        return remarks.ofAccount(accountId);
    }
}
