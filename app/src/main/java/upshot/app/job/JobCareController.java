package upshot.app.job;

import java.time.Clock;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.account.Accounts;
import upshot.app.account.SignedIn;
import upshot.app.store.Invitations;
import upshot.app.store.Job;
import upshot.app.store.JobMembers;
import upshot.app.store.Jobs;

/** Duplicates, puts away, throws away, brings back and shares jobs. Only the owner may, except for the duplicate. */
@Controller
class JobCareController {

    private static final int LONGEST_ADDRESS = 200;
    private static final String LIST = "redirect:/jobs?said=";

    private final Jobs jobs;
    private final JobMembers members;
    private final Invitations invitations;
    private final JudgedPlans plans;
    private final NewJobs newJobs;
    private final Clock clock;

    JobCareController(
            Jobs jobs, JobMembers members, Invitations invitations, JudgedPlans plans, NewJobs newJobs, Clock clock) {
        this.jobs = jobs;
        this.members = members;
        this.invitations = invitations;
        this.plans = plans;
        this.newJobs = newJobs;
        this.clock = clock;
    }

    @PostMapping("/jobs/{jobId}/duplicate")
    String duplicate(Job job, @AuthenticationPrincipal SignedIn who) {
        newJobs.copy(
                who, job.id(), plans.current(job.id(), job.ownerId()).verdict().plan());
        return LIST + "duplicated";
    }

    @PostMapping("/jobs/{jobId}/archive")
    @Transactional
    public String archive(Job job, @AuthenticationPrincipal SignedIn who) {
        own(job.id(), who).archive(clock.instant());
        return LIST + "archived";
    }

    @PostMapping("/jobs/{jobId}/unarchive")
    @Transactional
    public String unarchive(Job job, @AuthenticationPrincipal SignedIn who) {
        own(job.id(), who).archive(null);
        return LIST + "unarchived";
    }

    @PostMapping("/jobs/{jobId}/delete")
    @Transactional
    public String delete(Job job, @AuthenticationPrincipal SignedIn who) {
        own(job.id(), who).delete(clock.instant());
        return "redirect:/jobs?deleted=" + job.id();
    }

    /** The job is nobody's while it is thrown away, so its address is not asked for it. */
    @PostMapping("/jobs/restore")
    @Transactional
    public String restore(@AuthenticationPrincipal SignedIn who, @RequestParam String id) {
        own(id(id), who).delete(null);
        return LIST + "restored";
    }

    @PostMapping("/jobs/{jobId}/members")
    @Transactional
    public String share(Job job, @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String email) {
        UUID jobId = own(job.id(), who).id();
        String name = Accounts.signInName(email);
        if (name.isEmpty() || name.length() > LONGEST_ADDRESS) {
            return LIST + "no-address";
        }
        if (!name.equals(who.getUsername())) {
            invitations.invite(jobId, name, clock.instant());
        }
        return LIST + "shared";
    }

    @PostMapping("/jobs/{jobId}/invitations/remove")
    public String takeBack(
            Job job, @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String email) {
        invitations.takeBack(own(job.id(), who).id(), email);
        return LIST + "unshared";
    }

    @PostMapping("/jobs/{jobId}/members/{accountId}/remove")
    @Transactional
    public String unshare(Job job, @AuthenticationPrincipal SignedIn who, @PathVariable String accountId) {
        own(job.id(), who);
        members.findByJobIdAndAccountId(job.id(), id(accountId)).ifPresent(members::delete);
        return LIST + "unshared";
    }

    private Job own(UUID jobId, SignedIn who) {
        return jobs.findByIdAndOwnerId(jobId, who.id())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static UUID id(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException notAnId) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }
}
