package upshot.app.cut;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.app.web.FrameView;
import upshot.app.web.Pieces;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Say;
import upshot.core.play.Playing;
import upshot.core.verdict.Verdict;
import upshot.exchange.pdf.Pdf;
import upshot.exchange.play.PlayJson;
import upshot.exchange.play.PlayPage;
import upshot.exchange.svg.CutSheetSvg;

/** The cut to be played, here or on a page of its own, and its frames on a sheet. */
@Controller
class PlayController {

    private static final String SHEET = "cut/sheet";
    private static final MediaType SVG = new MediaType("image", "svg+xml", StandardCharsets.UTF_8);
    private static final MediaType HTML = new MediaType("text", "html", StandardCharsets.UTF_8);

    private final JudgedPlans plans;
    private final Pieces pieces;

    PlayController(JudgedPlans plans, Pieces pieces) {
        this.plans = plans;
        this.pieces = pieces;
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

    /**
     * A frame on the sheet.
     *
     * @param place 1 for the first
     */
    record SheetFrame(int place, FrameView frame, String seconds) {}

    @GetMapping("/jobs/{jobId}/cut/frames.pdf")
    ResponseEntity<byte[]> pdf(Job job) throws IOException {
        Verdict verdict = verdict(job);
        String name = verdict.plan().brief().name();
        Map<String, Object> model = Map.of(
                "name",
                name,
                "upright",
                verdict.plan().brief().aspect().ratio() < 1,
                "seconds",
                Say.number(verdict.plan().brief().rate().secondsOf(verdict.cut().frames()), 2),
                "frames",
                frames(verdict));
        return Attachment.of(
                name,
                "frames.pdf",
                MediaType.APPLICATION_PDF,
                Pdf.of(pieces.page(SHEET, model), resource("css/cut/sheet.css")));
    }

    private static List<SheetFrame> frames(Verdict verdict) {
        return verdict.cut().uses().stream()
                .map(placed -> new SheetFrame(
                        placed.index() + 1,
                        FrameView.of(verdict, placed.shot()),
                        Say.number(
                                verdict.plan()
                                        .brief()
                                        .rate()
                                        .secondsOf(placed.use().frames()),
                                2)))
                .toList();
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
