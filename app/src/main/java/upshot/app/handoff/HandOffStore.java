package upshot.app.handoff;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.job.EditRefused;
import upshot.app.job.SideStore;
import upshot.app.store.HandOffEntries;
import upshot.app.store.HandOffEntries.Kept;
import upshot.app.store.Jobs;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffLog;
import upshot.core.handoff.HandOffWhat;

/** Adds what is said at the hand-off, each once however often it is sent. */
@Component
class HandOffStore implements SideStore {

    static final int MOST = 5_000;

    /** Clips of one job: ten long days of several cameras. */
    static final int MOST_CLIPS = 5_000;

    private final HandOffEntries entries;
    private final Jobs jobs;
    private final Clock clock;

    HandOffStore(HandOffEntries entries, Jobs jobs, Clock clock) {
        this.entries = entries;
        this.jobs = jobs;
        this.clock = clock;
    }

    /**
     * Adds all of what is not there yet, or nothing, under the job's lock.
     *
     * @param accountId who says it, if they have an account
     * @throws EditRefused when an id stands for something else, or the job is full
     */
    @Transactional
    public void add(UUID jobId, Optional<UUID> accountId, List<HandOffEntry> said) {
        Map<UUID, HandOffEntry> each = new LinkedHashMap<>();
        for (HandOffEntry entry : said) {
            refuseOther(entry, each.getOrDefault(entry.id(), entry));
            each.put(entry.id(), entry);
        }
        jobs.lock(jobId).orElseThrow();
        for (Kept known : entries.withIds(jobId, each.keySet())) {
            refuseOther(known.entry(), each.remove(known.entry().id()));
        }
        long last = entries.last(jobId);
        if (last + each.size() > MOST) {
            throw new EditRefused("This job's hand-off holds %d entries, and no more than that.".formatted(MOST));
        }
        if (each.values().stream().anyMatch(entry -> entry.what() == HandOffWhat.CLIPS)) {
            refuseMany(jobId, each.values().stream().toList());
        }
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        List<Kept> added = new ArrayList<>();
        for (HandOffEntry entry : each.values()) {
            added.add(new Kept(++last, accountId, now, entry));
        }
        if (!added.isEmpty()) {
            entries.add(jobId, added);
        }
    }

    private static void refuseOther(HandOffEntry one, HandOffEntry other) {
        if (!one.equals(other)) {
            throw new EditRefused("Something else was said with this id. Reload the page and say it again.");
        }
    }

    private void refuseMany(UUID jobId, List<HandOffEntry> more) {
        List<HandOffEntry> all = new ArrayList<>(all(jobId));
        all.addAll(more);
        if (HandOffLog.of(all).clips().size() > MOST_CLIPS) {
            throw new EditRefused("This job holds %d clips, and no more than that.".formatted(MOST_CLIPS));
        }
    }

    List<HandOffEntry> all(UUID jobId) {
        return lines(jobId).stream().map(Kept::entry).toList();
    }

    @Override
    public String name() {
        return "hand-off";
    }

    @Override
    public long last(UUID jobId) {
        return entries.last(jobId);
    }

    @Override
    public Optional<String> newsSince(UUID jobId, long number, UUID accountId) {
        List<Kept> remarks = lines(jobId).stream()
                .filter(kept -> kept.number() > number
                        && kept.entry().what() == HandOffWhat.REMARK
                        && !kept.accountId().equals(Optional.of(accountId)))
                .toList();
        return remarks.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        remarks.size() == 1
                                ? "An editor’s remark came"
                                : "%d remarks of an editor came".formatted(remarks.size()));
    }

    @Override
    public List<Kept> lines(UUID jobId) {
        return entries.of(jobId);
    }

    @Override
    public List<Kept> linesOf(UUID accountId) {
        return entries.ofAccount(accountId);
    }
}
