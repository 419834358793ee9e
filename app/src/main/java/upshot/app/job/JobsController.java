package upshot.app.job;

import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import upshot.app.account.SignedIn;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.core.plan.InvalidField;

/** The list of a person's jobs, and beginning a new one. */
@Controller
class JobsController {

    private static final String PAGE = "job/list";

    private final Jobs jobs;
    private final JudgedPlans plans;
    private final NewJobs newJobs;

    JobsController(Jobs jobs, JudgedPlans plans, NewJobs newJobs) {
        this.jobs = jobs;
        this.plans = plans;
        this.newJobs = newJobs;
    }

    /** A row of the list. */
    record Row(String address, String name, String facts, List<GaugeView> gauges) {}

    @GetMapping("/jobs")
    String list(@AuthenticationPrincipal SignedIn who, Model model) {
        model.addAttribute("rows", rows(who));
        return PAGE;
    }

    @PostMapping("/jobs")
    String create(@AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String name, Model model) {
        try {
            return "redirect:/jobs/" + newJobs.create(who, name) + "/brief";
        } catch (InvalidField wrong) {
            model.addAllAttributes(Map.of("rows", rows(who), "name", name, "problem", wrong.getMessage()));
            return PAGE;
        }
    }

    private List<Row> rows(SignedIn who) {
        return jobs.findByOwnerIdOrderByChangedAtDesc(who.id()).stream()
                .map(this::row)
                .toList();
    }

    private Row row(Job job) {
        var verdict = plans.current(job.id(), job.ownerId()).verdict();
        JobLine line = JobLine.of(verdict.plan().brief());
        return new Row("/jobs/" + job.id() + "/brief", line.name(), line.facts(), GaugeView.of(verdict));
    }
}
