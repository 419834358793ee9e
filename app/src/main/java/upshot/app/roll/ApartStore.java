package upshot.app.roll;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.job.EditRefused;
import upshot.app.roll.LogStore.Sender;
import upshot.app.store.Jobs;
import upshot.app.store.LogApart;
import upshot.app.store.LogApart.Waiting;
import upshot.core.roll.LogEntry;
import upshot.exchange.json.LogJson;
import upshot.exchange.json.LogJson.Refused;

/** What phones bring whose way in has ended: kept, and no part of the log until somebody at the desk says so. */
@Component
class ApartStore {

    /** Of one job: a long day of one phone, and then some. */
    static final int MOST = 2_000;

    private final LogApart waiting;
    private final LogStore log;
    private final Jobs jobs;
    private final Clock clock;

    ApartStore(LogApart waiting, LogStore log, Jobs jobs, Clock clock) {
        this.waiting = waiting;
        this.log = log;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Sets entries apart that neither wait nor are in the log; returns what cannot be kept. */
    @Transactional
    public List<Refused> add(UUID jobId, UUID phoneId, List<LogEntry> sent) {
        jobs.lock(jobId).orElseThrow();
        Set<UUID> there = log.known(jobId, sent.stream().map(LogEntry::id).toList());
        waiting.of(jobId).forEach(one -> there.add(one.id()));
        int room = MOST - waiting.count(jobId);
        Instant now = clock.instant();
        List<Waiting> added = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (LogEntry entry : sent) {
            if (there.add(entry.id())) {
                if (added.size() < room) {
                    added.add(new Waiting(
                            entry.id(), phoneId, now, LogJson.entry(entry).toString()));
                } else {
                    refused.add(new Refused(entry.id().toString(), "Too much waits already to be looked at."));
                }
            }
        }
        waiting.add(jobId, added);
        return refused;
    }

    /** How many entries of each phone wait. */
    Map<UUID, Long> counts(UUID jobId) {
        return waiting.of(jobId).stream().collect(Collectors.groupingBy(Waiting::crewPhoneId, Collectors.counting()));
    }

    /**
     * Says what becomes of a phone's entries.
     *
     * @param take whether they are a part of the log from now on; else they are gone
     * @throws EditRefused when the log has no room for them: they wait on
     */
    @Transactional
    public void settle(UUID jobId, UUID phoneId, boolean take) {
        jobs.lock(jobId).orElseThrow();
        List<Waiting> its = waiting.of(jobId).stream()
                .filter(one -> one.crewPhoneId().equals(phoneId))
                .toList();
        if (take) {
            List<LogEntry> entries = its.stream().map(ApartStore::entry).toList();
            List<Refused> refused = log.add(jobId, Sender.ofCrew(phoneId), entries);
            if (!refused.isEmpty()) {
                throw new EditRefused(refused.get(0).why());
            }
        }
        waiting.remove(jobId, its.stream().map(Waiting::id).toList());
    }

    private static LogEntry entry(Waiting one) {
        return LogJson.readEntry(one.entry().getBytes(StandardCharsets.UTF_8));
    }
}
