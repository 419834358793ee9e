package upshot.app.job;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import upshot.app.account.Accounts;
import upshot.app.account.SignedIn;
import upshot.app.store.Invitations;
import upshot.app.store.Job;
import upshot.app.store.JobMembers;
import upshot.app.store.Jobs;
import upshot.app.web.FileReading;
import upshot.core.plan.InvalidField;
import upshot.exchange.json.PlanJson;
import upshot.exchange.text.Unreadable;

/** The list of a person's jobs, and beginning a new one, from nothing or from a plan file. */
@Controller
class JobsController {

    private static final String PAGE = "job/list";

    private final Jobs jobs;
    private final JobMembers members;
    private final Accounts accounts;
    private final JudgedPlans plans;
    private final NewJobs newJobs;
    private final FileReading files;
    private final Invitations invitations;

    JobsController(
            Jobs jobs,
            JobMembers members,
            Accounts accounts,
            JudgedPlans plans,
            NewJobs newJobs,
            FileReading files,
            Invitations invitations) {
        this.jobs = jobs;
        this.members = members;
        this.accounts = accounts;
        this.plans = plans;
        this.newJobs = newJobs;
        this.files = files;
        this.invitations = invitations;
    }

    @GetMapping("/jobs")
    String list(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(defaultValue = "") String deleted,
            @RequestParam(defaultValue = "") String said,
            Model model) {
        show(who, model);
        model.addAttribute("deleted", deleted);
        model.addAttribute("said", JobWords.of(said));
        return PAGE;
    }

    @PostMapping("/jobs")
    String create(@AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String name, Model model) {
        try {
            return "redirect:/jobs/" + newJobs.create(who, name) + "/brief";
        } catch (InvalidField wrong) {
            show(who, model);
            model.addAllAttributes(Map.of("name", name, "problem", wrong.getMessage()));
            return PAGE;
        }
    }

    @PostMapping("/jobs/from-file")
    String fromFile(@AuthenticationPrincipal SignedIn who, @RequestParam MultipartFile file, Model model)
            throws IOException {
        try {
            return "redirect:/jobs/" + newJobs.create(who, files.read(() -> PlanJson.read(file.getBytes()))) + "/brief";
        } catch (Unreadable wrong) {
            show(who, model);
            model.addAttribute("fileProblem", wrong.getMessage());
            return PAGE;
        }
    }

    private void show(SignedIn who, Model model) {
        invitations.accept(who.id(), who.getUsername());
        List<JobRow> rows =
                jobs.findAllVisible(who.id()).stream().map(job -> row(job, who)).toList();
        Map<String, Object> shown = new LinkedHashMap<>();
        shown.put("rows", rows.stream().filter(row -> !row.archived()).toList());
        shown.put("archived", rows.stream().filter(JobRow::archived).toList());
        shown.put("ownerHere", accounts.isOwner(who));
        model.addAllAttributes(shown);
    }

    private JobRow row(Job job, SignedIn who) {
        return new JobRow(
                job.id().toString(),
                JobAtAGlance.of(plans.current(job.id(), job.ownerId()).verdict()),
                job.ownerId().equals(who.id()),
                job.archived(),
                job.ownerId().equals(who.id()) && job.rulesAreNews(),
                name(job.ownerId()),
                members.findByJobId(job.id()).stream()
                        .map(member -> new JobRow.Member(member.accountId().toString(), name(member.accountId())))
                        .toList(),
                invitations.of(job.id()));
    }

    private String name(UUID accountId) {
        return accounts.find(accountId).map(account -> account.displayName()).orElse("somebody");
    }
}
