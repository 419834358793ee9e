package upshot.app.coverage;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.FrameView;
import upshot.core.verdict.Verdict;

/** The coverage report, to be read on a screen. */
@Controller
class ReportController {

    static final String TEMPLATE = "coverage/report";

    private final JudgedPlans plans;

    ReportController(JudgedPlans plans) {
        this.plans = plans;
    }

    @GetMapping("/jobs/{jobId}/coverage/report")
    String page(Job job, Model model) {
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        model.addAttribute("report", CoverageReport.of(verdict, FrameView::of));
        model.addAttribute("jobId", job.id());
        model.addAttribute("paper", false);
        return TEMPLATE;
    }
}
