package upshot.app.roll;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upshot.app.account.SignedIn;
import upshot.app.job.SideStore;
import upshot.app.store.Jobs;
import upshot.app.store.LogEntries;
import upshot.app.store.LogEntries.Kept;
import upshot.core.roll.LogEntry;
import upshot.exchange.json.LogJson.Refused;

/** Adds entries to the logs of days, each once however often it is sent. */
@Component
public class LogStore implements SideStore {

    /** Entries of one job: a week of long days. */
    static final int MOST = 20_000;

    private static final String OTHER = "Another entry has this id already.";

    private final LogEntries entries;
    private final Jobs jobs;
    private final Clock clock;

    LogStore(LogEntries entries, Jobs jobs, Clock clock) {
        this.entries = entries;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** Who brings entries: somebody with an account, or a phone of the crew. */
    public record Sender(Optional<UUID> accountId, Optional<UUID> crewPhoneId) {

        public static Sender of(SignedIn who) {
            return new Sender(Optional.of(who.id()), Optional.empty());
        }

        static Sender ofCrew(UUID phoneId) {
            return new Sender(Optional.empty(), Optional.of(phoneId));
        }
    }

    /**
     * Adds what is not there yet, under the job's lock.
     *
     * @param sent read and judged before
     * @return what cannot be kept; everything else is
     */
    @Transactional
    public List<Refused> add(UUID jobId, Sender sender, List<LogEntry> sent) {
        Map<UUID, LogEntry> each = new LinkedHashMap<>();
        List<Refused> refused = new ArrayList<>();
        for (LogEntry entry : sent) {
            if (!entry.equals(each.getOrDefault(entry.id(), entry))) {
                refused.add(new Refused(entry.id().toString(), OTHER));
            }
            each.putIfAbsent(entry.id(), entry);
        }
        jobs.lock(jobId).orElseThrow();
        for (Kept known : entries.withIds(jobId, each.keySet())) {
            LogEntry again = each.remove(known.entry().id());
            if (!known.entry().equals(again)) {
                refused.add(new Refused(again.id().toString(), OTHER));
            }
        }
        long number = entries.last(jobId);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        List<Kept> added = new ArrayList<>();
        for (LogEntry entry : each.values()) {
            if (number + 1 > MOST) {
                refused.add(new Refused(
                        entry.id().toString(), "This job holds %d entries, and no more than that.".formatted(MOST)));
            } else {
                number++;
                added.add(new Kept(number, sender.accountId(), sender.crewPhoneId(), now, entry));
            }
        }
        entries.add(jobId, added);
        return refused;
    }

    /** Which of these ids the log has. */
    Set<UUID> known(UUID jobId, Collection<UUID> ids) {
        return entries.withIds(jobId, ids).stream()
                .map(kept -> kept.entry().id())
                .collect(Collectors.toCollection(HashSet::new));
    }

    /** Entries behind a number, a portion of them. */
    List<Kept> since(UUID jobId, long number, int most) {
        return entries.since(jobId, number, most);
    }

    /** When the last take arrived here, by this machine's clock. */
    public Optional<Instant> lastTakeReceivedAt(UUID jobId) {
        return entries.lastTakeReceivedAt(jobId);
    }

    /** The whole log. */
    public List<LogEntry> all(UUID jobId) {
        return lines(jobId).stream().map(Kept::entry).toList();
    }

    @Override
    public String name() {
        return "log";
    }

    @Override
    public long last(UUID jobId) {
        return entries.last(jobId);
    }

    /** A day brings hundreds: pages follow it without a word. */
    @Override
    public Optional<String> newsSince(UUID jobId, long number, UUID accountId) {
        return Optional.empty();
    }

    @Override
    public List<Kept> lines(UUID jobId) {
        return entries.since(jobId, 0, MOST);
    }

    @Override
    public List<Kept> linesOf(UUID accountId) {
        return entries.ofAccount(accountId);
    }
}
