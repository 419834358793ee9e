package upshot.app.job;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.context.request.ServletWebRequest;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.web.Pieces;

/** The pages of the lane, whole or in pieces. */
@Controller
class StageController {

    private final StagePages pages;
    private final StageAnswers answers;
    private final Edits edits;
    private final Sides sides;
    private final PageTags tags;
    private final DrawnPages drawn;
    private final Pieces pieces;

    StageController(
            StagePages pages,
            StageAnswers answers,
            Edits edits,
            Sides sides,
            PageTags tags,
            DrawnPages drawn,
            Pieces pieces) {
        this.pages = pages;
        this.answers = answers;
        this.sides = sides;
        this.edits = edits;
        this.tags = tags;
        this.drawn = drawn;
        this.pieces = pieces;
    }

    @GetMapping("/jobs/{jobId}")
    String begin(Job job) {
        return "redirect:/jobs/" + job.id() + "/brief";
    }

    @GetMapping("/jobs/{jobId}/{slug}")
    ResponseEntity<byte[]> page(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters,
            CsrfToken token,
            ServletWebRequest request) {
        Stage stage = pages.stage(slug);
        History history = edits.history(job.id(), who);
        String beside = sides.state(job.id());
        String contents = tags.contents(job, beside, history, who, stage, parameters);
        request.getResponse().setHeader(HttpHeaders.CACHE_CONTROL, "private, no-cache");
        if (request.checkNotModified(tags.of(contents, who, request.getSessionId()))) {
            return null;
        }
        // A version that came in between is drawn under the name of the one before, which nobody asks for any more.
        DrawnPage page = drawn.page(
                contents,
                token.getToken(),
                () -> pieces.page(stage.template(), answers.model(job, who, stage, parameters, beside)));
        ResponseEntity.BodyBuilder answer = ResponseEntity.ok()
                .varyBy(HttpHeaders.ACCEPT_ENCODING)
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8));
        return takesGzip(request)
                ? answer.header(HttpHeaders.CONTENT_ENCODING, "gzip").body(page.packed(token.getToken()))
                : answer.body(page.plain(token.getToken()));
    }

    /** Whoever names it takes it; a wish not to have it ("gzip;q=0") is kept to by giving the page unpacked. */
    private static boolean takesGzip(ServletWebRequest request) {
        return Arrays.stream(Objects.requireNonNullElse(request.getHeader(HttpHeaders.ACCEPT_ENCODING), "")
                        .split(","))
                .map(String::strip)
                .anyMatch("gzip"::equalsIgnoreCase);
    }

    @GetMapping("/jobs/{jobId}/{slug}/pieces")
    @ResponseBody
    Answer pieces(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters) {
        return answers.of(job, who, slug, parameters, "");
    }

    /** What has changed since a version, in pieces; no content where nothing has. */
    @GetMapping("/jobs/{jobId}/{slug}/news")
    ResponseEntity<Answer> news(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters) {
        long since = Sides.number(Objects.requireNonNullElse(parameters.remove("since"), ""));
        // A page of before that was known says nothing of it.
        String beside = parameters.remove("beside");
        boolean added = beside != null && !beside.equals(sides.state(job.id()));
        if (job.version() <= since && !added) {
            return ResponseEntity.noContent().build();
        }
        List<String> news = new ArrayList<>(added ? sides.newsSince(job.id(), beside, who.id()) : List.of());
        if (job.version() > since) {
            news.add(0, edits.newsSince(job.id(), since, who));
        }
        news.removeIf(String::isEmpty);
        return ResponseEntity.ok(answers.of(job, who, slug, parameters, String.join(". ", news)));
    }
}
