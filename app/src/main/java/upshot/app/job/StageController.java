package upshot.app.job;

import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;

/** The pages of the lane, whole or in pieces. */
@Controller
class StageController {

    private final StagePages pages;
    private final JudgedPlans plans;
    private final Door door;

    StageController(StagePages pages, JudgedPlans plans, Door door) {
        this.pages = pages;
        this.plans = plans;
        this.door = door;
    }

    @GetMapping("/jobs/{jobId}")
    String begin(Job job) {
        return "redirect:/jobs/" + job.id() + "/brief";
    }

    @GetMapping("/jobs/{jobId}/{slug}")
    String page(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters,
            Model model) {
        Stage stage = pages.stage(slug);
        model.addAllAttributes(model(job, who, stage, parameters));
        return stage.slug() + "/page";
    }

    @GetMapping("/jobs/{jobId}/{slug}/pieces")
    @ResponseBody
    Answer pieces(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters) {
        Stage stage = pages.stage(slug);
        Map<String, Object> model = model(job, who, stage, parameters);
        return new Answer((long) model.get("version"), pages.pieces(stage, model), "", parameters);
    }

    /** What has changed since a version, in pieces; no content where nothing has. */
    @GetMapping("/jobs/{jobId}/{slug}/news")
    ResponseEntity<Answer> news(
            Job job,
            @AuthenticationPrincipal SignedIn who,
            @PathVariable String slug,
            @RequestParam Map<String, String> parameters) {
        Stage stage = pages.stage(slug);
        long since = version(parameters.remove("since"));
        if (job.version() <= since) {
            return ResponseEntity.noContent().build();
        }
        Map<String, Object> model = model(job, who, stage, parameters);
        return ResponseEntity.ok(new Answer(
                (long) model.get("version"),
                pages.pieces(stage, model),
                door.newsSince(job.id(), since, who),
                parameters));
    }

    private static long version(String text) {
        try {
            return text == null ? 0 : Long.parseLong(text);
        } catch (NumberFormatException noVersion) {
            return 0;
        }
    }

    private Map<String, Object> model(Job job, SignedIn who, Stage stage, Map<String, String> parameters) {
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        StagePages.Shown shown = new StagePages.Shown(job.id(), current.version(), who, door.history(job.id(), who));
        return pages.model(shown, stage, current.verdict(), parameters);
    }
}
