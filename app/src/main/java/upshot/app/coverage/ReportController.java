package upshot.app.coverage;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Attachment;
import upshot.app.web.Pieces;
import upshot.exchange.pdf.Pdf;

/** The coverage report, to be read, printed or sent. */
@Controller
class ReportController {

    private static final String TEMPLATE = "coverage/report";

    private final JudgedPlans plans;
    private final Pieces pieces;

    ReportController(JudgedPlans plans, Pieces pieces) {
        this.plans = plans;
        this.pieces = pieces;
    }

    @GetMapping("/jobs/{jobId}/coverage/report")
    String page(Job job, Model model) {
        model.addAttribute("report", report(job));
        model.addAttribute("jobId", job.id());
        model.addAttribute("paper", false);
        return TEMPLATE;
    }

    @GetMapping("/jobs/{jobId}/coverage/report.pdf")
    ResponseEntity<byte[]> pdf(Job job) throws IOException {
        CoverageReport report = report(job);
        Map<String, Object> model = Map.of("report", report, "jobId", job.id(), "paper", true);
        String css = new ClassPathResource("static/css/coverage/report.css").getContentAsString(StandardCharsets.UTF_8);
        return Attachment.of(
                report.name(), "coverage.pdf", MediaType.APPLICATION_PDF, Pdf.of(pieces.page(TEMPLATE, model), css));
    }

    private CoverageReport report(Job job) {
        return CoverageReport.of(plans.current(job.id(), job.ownerId()).verdict());
    }
}
