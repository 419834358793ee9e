package upshot.app.handoff;

import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.core.verdict.Verdict;
import upshot.exchange.csv.ShotListCsv;

/** The shot lists as files. */
@Controller
class ShotListController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final JudgedPlans plans;

    ShotListController(JudgedPlans plans) {
        this.plans = plans;
    }

    @GetMapping("/jobs/{jobId}/hand-off/cut-order.csv")
    ResponseEntity<byte[]> cutOrder(Job job) {
        Verdict verdict = verdict(job);
        return file(verdict, "cut order", ShotListCsv.inCutOrder(verdict));
    }

    @GetMapping("/jobs/{jobId}/hand-off/shooting-order.csv")
    ResponseEntity<byte[]> shootingOrder(Job job) {
        Verdict verdict = verdict(job);
        return file(verdict, "shooting order", ShotListCsv.inShootingOrder(verdict));
    }

    private Verdict verdict(Job job) {
        return plans.current(job.id(), job.ownerId()).verdict();
    }

    private static ResponseEntity<byte[]> file(Verdict verdict, String what, String text) {
        return Attachment.of(verdict.plan().brief().name(), what + ".csv", CSV, text.getBytes(StandardCharsets.UTF_8));
    }
}
