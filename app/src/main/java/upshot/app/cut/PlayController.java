package upshot.app.cut;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.core.cut.PaperCut;
import upshot.core.play.Playing;
import upshot.core.verdict.Verdict;
import upshot.exchange.play.PlayJson;
import upshot.exchange.play.PlayPage;
import upshot.exchange.svg.CutSheetSvg;

/** The cut to be played, here or on a page of its own, and its frames on a sheet. */
@Controller
class PlayController {

    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final MediaType HTML = new MediaType("text", "html", StandardCharsets.UTF_8);

    private final JudgedPlans plans;

    PlayController(JudgedPlans plans) {
        this.plans = plans;
    }

    @GetMapping("/jobs/{jobId}/cut/playing.json")
    ResponseEntity<String> playing(Job job) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .body(PlayJson.write(Playing.of(verdict(job).cut())));
    }

    /** One file that plays without a network. */
    @GetMapping("/jobs/{jobId}/cut/playing.html")
    ResponseEntity<byte[]> page(Job job) throws IOException {
        Playing playing = Playing.of(verdict(job).cut());
        String page = PlayPage.of(playing, player(), resource("css/cut/player.css"));
        return Attachment.of(playing.name(), "cut.html", HTML, page.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/jobs/{jobId}/cut/frames.svg")
    ResponseEntity<byte[]> svg(Job job) {
        PaperCut cut = verdict(job).cut();
        String name = cut.plan().brief().name();
        return Attachment.of(name, "frames.svg", SVG, CutSheetSvg.render(cut).getBytes(StandardCharsets.UTF_8));
    }

    private Verdict verdict(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict();
    }

    /** The player's modules as one script, each behind what it imports. */
    private static String player() throws IOException {
        String modules = resource("js/cut/drawings.js") + resource("js/cut/player.js") + resource("js/cut/controls.js");
        return modules.replaceAll("(?m)^import .*$", "");
    }

    private static String resource(String path) throws IOException {
        return new ClassPathResource("static/" + path).getContentAsString(StandardCharsets.UTF_8);
    }
}
