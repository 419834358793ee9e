package upshot.app.roll;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import upshot.app.account.SignedIn;
import upshot.app.crew.CrewKey;
import upshot.app.crew.CrewKey.Standing;
import upshot.app.job.EditRefused;
import upshot.app.job.JudgedPlans;
import upshot.app.roll.LogStore.Sender;
import upshot.app.store.Job;
import upshot.app.store.LogEntries.Kept;
import upshot.app.web.Attachment;
import upshot.core.plan.Plan;
import upshot.core.roll.LogEntry;
import upshot.exchange.json.LogJson;
import upshot.exchange.json.LogJson.Refused;
import upshot.exchange.text.Unreadable;

/** Where phones bring their entries and get those of the others; and the whole log as a file. */
@RestController
class LogController {

    private static final int PORTION = 1000;

    private final LogStore log;
    private final ApartStore apart;
    private final JudgedPlans plans;
    private final ShootClock clock;

    LogController(LogStore log, ApartStore apart, JudgedPlans plans, ShootClock clock) {
        this.log = log;
        this.apart = apart;
        this.plans = plans;
        this.clock = clock;
    }

    /**
     * What became of entries.
     *
     * @param nowMs the clock of the day, for the phone to measure its own against
     * @param pace how many times as fast as any other it goes, while the day is played; else 1
     * @param refused what was not kept; everything else that was sent is here now
     */
    record Taken(long nowMs, double pace, List<Refused> refused) {}

    /**
     * Entries of everybody.
     *
     * @param last the number of the last of them
     * @param more whether others follow
     * @param planVersion of the plan as it stands; the day is fetched anew where it has changed
     * @param token to be sent along with entries; empty where a phone's own key is enough
     */
    record News(
            long nowMs, double pace, List<JsonNode> entries, long last, boolean more, long planVersion, String token) {}

    /** JSON alone: no form of another site can send that. */
    @PostMapping(value = "/jobs/{jobId}/roll/log", consumes = MediaType.APPLICATION_JSON_VALUE)
    Taken add(Job job, Authentication who, @RequestBody byte[] sent) {
        LogJson.Read read = read(sent);
        List<Refused> refused = new ArrayList<>(read.refused());
        refused.addAll(add(job.id(), who.getPrincipal(), read.entries()));
        ShootClock.Now now = clock.of(job.id());
        return new Taken(now.ms(), now.pace(), refused);
    }

    private List<Refused> add(UUID jobId, Object who, List<LogEntry> entries) {
        if (who instanceof CrewKey key) {
            return key.standing() == Standing.HERE
                    ? log.add(jobId, Sender.ofCrew(key.phoneId()), entries)
                    : apart.add(jobId, key.phoneId(), entries);
        }
        return log.add(jobId, Sender.of((SignedIn) who), entries);
    }

    private static LogJson.Read read(byte[] sent) {
        try {
            return LogJson.read(sent);
        } catch (Unreadable wrong) {
            throw new EditRefused(wrong.getMessage());
        }
    }

    @GetMapping("/jobs/{jobId}/roll/log")
    ResponseEntity<News> news(Job job, @RequestParam(defaultValue = "0") long since, @Nullable CsrfToken token) {
        List<Kept> kept = log.since(job.id(), since, PORTION);
        long last = kept.isEmpty() ? since : kept.get(kept.size() - 1).number();
        ShootClock.Now now = clock.of(job.id());
        return ResponseEntity.ok(new News(
                now.ms(),
                now.pace(),
                kept.stream().map(one -> (JsonNode) LogJson.entry(one.entry())).toList(),
                last,
                kept.size() == PORTION,
                job.version(),
                token == null ? "" : token.getToken()));
    }

    @GetMapping("/jobs/{jobId}/roll/log.json")
    ResponseEntity<byte[]> file(Job job) {
        Plan plan = plans.current(job.id(), job.ownerId()).verdict().plan();
        return Attachment.of(
                plan.brief().name(),
                "log.json",
                MediaType.APPLICATION_JSON,
                LogJson.write(log.all(job.id())).getBytes(StandardCharsets.UTF_8));
    }
}
