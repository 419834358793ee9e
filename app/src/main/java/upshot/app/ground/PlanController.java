package upshot.app.ground;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.app.web.Selected;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Spot;
import upshot.core.verdict.Verdict;
import upshot.exchange.ground.PaperSize;
import upshot.exchange.ground.ScoutingSheet;

/** Plans to scale, to be taken away. */
@RestController
class PlanController {

    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);

    private final JudgedPlans plans;

    PlanController(JudgedPlans plans) {
        this.plans = plans;
    }

    /** The scouting sheet on the paper and at the scale that a form asks for. */
    @GetMapping("/jobs/{jobId}/ground/scouting-sheet")
    ResponseEntity<Void> sheet(
            Job job, @RequestParam(defaultValue = "A4") String paper, @RequestParam(defaultValue = "") String scale) {
        String slug = ScoutingPapers.slug(size(paper), scale(scale));
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create("/jobs/%s/papers/%s.pdf".formatted(job.id(), slug)))
                .build();
    }

    @GetMapping("/jobs/{jobId}/ground/plan.svg")
    ResponseEntity<byte[]> svg(
            Job job,
            @RequestParam String spot,
            @RequestParam(defaultValue = "A4") String paper,
            @RequestParam(defaultValue = "") String scale) {
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        Spot asked = Selected.of(verdict.plan(), RecordKind.SPOT, Map.of("spot", spot), "spot")
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        String drawing = ScoutingSheet.svg(verdict, asked, size(paper), scale(scale));
        return Attachment.of(
                verdict.plan().brief().name(),
                asked.name() + " plan.svg",
                SVG,
                drawing.getBytes(StandardCharsets.UTF_8));
    }

    private static PaperSize size(String paper) {
        return Arrays.stream(PaperSize.values())
                .filter(one -> one.label().equals(paper))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static OptionalInt scale(String scale) {
        if (scale.isEmpty()) {
            return OptionalInt.empty();
        }
        return ScoutingSheet.SCALES.stream()
                .filter(one -> one.toString().equals(scale))
                .map(OptionalInt::of)
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
