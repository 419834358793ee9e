package upshot.app.paper;

import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;

/** Papers to be taken away: at once where they are soon made, else by way of a page that says how far they are. */
@Controller
class PaperController {

    /** A small job's paper comes without a page in between. */
    private static final Duration SOON = Duration.ofMillis(1500);

    private final Papers papers;
    private final JudgedPlans plans;
    private final List<PaperKind> kinds;

    PaperController(Papers papers, JudgedPlans plans, List<PaperKind> kinds, List<PaperKinds> families) {
        this.papers = papers;
        this.plans = plans;
        this.kinds = Stream.concat(kinds.stream(), families.stream().flatMap(one -> one.all().stream()))
                .toList();
    }

    /**
     * How a paper stands.
     *
     * @param state one of {@link Making.State} in small letters, or {@code gone}
     * @param before how many papers are made before it
     * @param drawn how many frames of it are on paper
     * @param frames about how many there will be
     */
    record Standing(String state, int before, int drawn, int frames) {}

    private PaperKind kind(String slug) {
        return kinds.stream()
                .filter(kind -> kind.slug().equals(slug))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    @GetMapping("/jobs/{jobId}/papers/{paper}.pdf")
    CompletableFuture<ResponseEntity<byte[]>> paper(
            Job job, @AuthenticationPrincipal SignedIn who, @PathVariable("paper") String slug) {
        PaperKind kind = kind(slug);
        Optional<Making> making = papers.of(job.id(), who.id(), kind, plans.current(job.id(), job.ownerId()));
        return making.map(Making::ended)
                .orElseGet(() -> CompletableFuture.completedFuture(Making.State.WAITING))
                .completeOnTimeout(Making.State.MAKING, SOON.toMillis(), TimeUnit.MILLISECONDS)
                .thenApply(state -> state == Making.State.READY
                        ? taken(kind, making.orElseThrow())
                        : ResponseEntity.status(HttpStatus.SEE_OTHER)
                                .location(URI.create(waiting(job.id(), slug) + "?take"))
                                .build());
    }

    private static String waiting(UUID jobId, String slug) {
        return "/jobs/%s/papers/%s".formatted(jobId, slug);
    }

    private static ResponseEntity<byte[]> taken(PaperKind kind, Making making) {
        return Attachment.of(making.name(), kind.called() + ".pdf", MediaType.APPLICATION_PDF, making.pdf());
    }

    /** Says how far it is, and takes the paper when it is ready. */
    @GetMapping("/jobs/{jobId}/papers/{paper}")
    String page(Job job, @PathVariable("paper") String slug, Model model) {
        model.addAttribute("jobId", job.id());
        model.addAttribute("slug", slug);
        model.addAttribute("called", kind(slug).called());
        model.addAttribute("standing", standing(job, slug));
        return "paper/waiting";
    }

    @GetMapping("/jobs/{jobId}/papers/{paper}/standing")
    @ResponseBody
    Standing standing(Job job, @PathVariable("paper") String slug) {
        return papers.of(job.id(), kind(slug).slug())
                .map(making -> new Standing(
                        making.state().name().toLowerCase(Locale.ROOT),
                        making.state() == Making.State.WAITING ? papers.before(making) : 0,
                        making.drawn(),
                        making.frames()))
                .orElse(new Standing("gone", 0, 0, 0));
    }

    /** What was made, also when the plan has changed since. */
    @GetMapping("/jobs/{jobId}/papers/{paper}/made.pdf")
    ResponseEntity<byte[]> made(Job job, @PathVariable("paper") String slug) {
        PaperKind kind = kind(slug);
        return papers.of(job.id(), slug)
                .filter(Making::ready)
                .map(making -> taken(kind, making))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    @PostMapping("/jobs/{jobId}/papers/{paper}/stop")
    String stop(Job job, @PathVariable("paper") String slug) {
        papers.stop(job.id(), kind(slug).slug());
        return "redirect:" + waiting(job.id(), slug);
    }
}
