package upshot.app.handoff;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.account.Secrets;
import upshot.app.account.SignedIn;
import upshot.app.job.Answer;
import upshot.app.job.EditRefused;
import upshot.app.job.StageAnswers;
import upshot.app.lan.Lan;
import upshot.app.store.EditorLinks;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.exchange.handoff.EditorPage;
import upshot.exchange.json.HandOffJson;
import upshot.exchange.text.Unreadable;

/**
 * A link that lets an editor see one job's cut as shot and say something of its uses, and nothing else: 192 random bits in the
 * address, 30 days, taken back at a press. What it answers is kept by no browser and told to no other site.
 */
@RestController
class EditorController {

    static final String PATH = "/editor/";

    private static final Duration LASTS = Duration.ofDays(30);
    private static final int LONGEST_SECRET = 100;
    private static final int MOST_BYTES = 256 << 10;
    /** So that a link that got into wrong hands cannot fill a job. */
    private static final int MOST_REMARKS = 500;

    private static final String ANSWER = "Remarks are with the planner as soon as they are sent.";

    private final EditorLinks links;
    private final Jobs jobs;
    private final HandOffStore store;
    private final Handing handing;
    private final StageAnswers answers;
    private final Optional<Lan> lan;
    private final Clock clock;

    EditorController(
            EditorLinks links,
            Jobs jobs,
            HandOffStore store,
            Handing handing,
            StageAnswers answers,
            Optional<Lan> lan,
            Clock clock) {
        this.links = links;
        this.jobs = jobs;
        this.store = store;
        this.handing = handing;
        this.answers = answers;
        this.lan = lan;
        this.clock = clock;
    }

    /**
     * A link that was just made; it is not said again.
     *
     * @param here whether that address is good on this machine only
     */
    record Link(String address, boolean here) {}

    @PostMapping("/jobs/{jobId}/hand-off/editor-link")
    Link make(Job job, @AuthenticationPrincipal SignedIn who, HttpServletRequest request) {
        String secret = Secrets.made();
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        links.put(job.id(), Secrets.hash(secret), who.id(), now, now.plus(LASTS));
        String base = lan.map(Lan::address).orElseGet(() -> asked(request));
        String host = URI.create(base).getHost();
        return new Link(base + PATH + secret, host == null || host.equals("localhost") || host.startsWith("127."));
    }

    private static String asked(HttpServletRequest request) {
        String whole = request.getRequestURL().toString();
        return whole.substring(0, whole.length() - request.getRequestURI().length());
    }

    /** What a page posts. */
    record Sent(Map<String, String> parameters) {}

    @PostMapping("/jobs/{jobId}/hand-off/editor-link/take-back")
    Answer takeBack(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Sent sent) {
        links.takeBack(job.id());
        Map<String, String> parameters = sent.parameters() == null ? Map.of() : sent.parameters();
        return answers.of(job, who, "hand-off", parameters, "Taken back: the link opens nothing any more");
    }

    @GetMapping(PATH + "{secret}")
    ResponseEntity<byte[]> page(@PathVariable String secret) {
        Job job = job(secret);
        String page = EditorPage.served(
                handing.of(job.id(), job.ownerId()),
                "/js/hand-off/editor.js",
                "/css/hand-off/editor.css",
                PATH + secret + "/remarks",
                ANSWER);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "html", StandardCharsets.UTF_8))
                .cacheControl(CacheControl.noStore())
                .header("Referrer-Policy", "no-referrer")
                .body(page.getBytes(StandardCharsets.UTF_8));
    }

    /** @param taken how many remarks are with the planner now */
    record Taken(int taken) {}

    /** Remarks alone, as JSON alone. */
    @Transactional
    @PostMapping(value = PATH + "{secret}/remarks", consumes = MediaType.APPLICATION_JSON_VALUE)
    public Taken remarks(@PathVariable String secret, @RequestBody byte[] sent) {
        Job job = job(secret);
        if (sent.length > MOST_BYTES) {
            throw new EditRefused("That is more than %d kB at once.".formatted(MOST_BYTES >> 10));
        }
        List<HandOffEntry> remarks = read(sent);
        long there = store.lines(job.id()).stream()
                .filter(kept -> kept.accountId().isEmpty())
                .count();
        if (there + remarks.size() > MOST_REMARKS) {
            throw new EditRefused("This link has brought %d remarks, and takes no more.".formatted(there));
        }
        store.add(job.id(), Optional.empty(), remarks);
        return new Taken(remarks.size());
    }

    private static List<HandOffEntry> read(byte[] sent) {
        List<HandOffEntry> entries;
        try {
            entries = HandOffJson.read(sent);
        } catch (Unreadable wrong) {
            throw new EditRefused(wrong.getMessage());
        }
        if (!entries.stream().allMatch(entry -> entry.what() == HandOffWhat.REMARK)) {
            throw new EditRefused("Only remarks can be sent here.");
        }
        return entries;
    }

    /** Nothing tells a secret that was taken back from one that never was. */
    private Job job(String secret) {
        Optional<UUID> found = secret.length() > LONGEST_SECRET
                ? Optional.empty()
                : links.jobOf(Secrets.hash(secret), clock.instant());
        return found.flatMap(jobs::findThere).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
