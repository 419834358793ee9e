package upshot.app.handoff;

import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;

/** What the days taught, which comes after its page: every job with a log is judged for it. */
@Controller
class TaughtController {

    private final JudgedPlans plans;
    private final ShotDays days;

    TaughtController(JudgedPlans plans, ShotDays days) {
        this.plans = plans;
        this.days = days;
    }

    @GetMapping("/jobs/{jobId}/hand-off/taught")
    String taught(Job job, @AuthenticationPrincipal SignedIn who, Model model) {
        model.addAttribute(
                "taught",
                days.taught(
                        who.id(),
                        plans.current(job.id(), job.ownerId()).verdict().plan()));
        return "hand-off/taught";
    }
}
