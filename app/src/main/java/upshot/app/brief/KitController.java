package upshot.app.brief;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.store.KitTemplate;
import upshot.app.store.KitTemplates;
import upshot.core.finding.Wording;
import upshot.exchange.json.PlanJson;

/** Keeps a job's kit for other jobs of the same account, and lets kept ones go. */
@Controller
class KitController {

    private static final int LONGEST_NAME = 60;

    private final JudgedPlans plans;
    private final KitTemplates templates;

    KitController(JudgedPlans plans, KitTemplates templates) {
        this.plans = plans;
        this.templates = templates;
    }

    /** Keeps the kit under a name; a kept kit of that name is replaced. */
    @PostMapping("/jobs/{jobId}/brief/kits")
    @Transactional
    public String keep(Job job, @AuthenticationPrincipal SignedIn who, @RequestParam(defaultValue = "") String name) {
        String named = name.strip().isEmpty() ? "My kit" : name.strip();
        String shortened = Wording.begin(named, LONGEST_NAME);
        String records = PlanJson.writeRecords(
                plans.current(job.id(), job.ownerId()).verdict().plan().kit());
        templates
                .findByAccountIdAndName(who.id(), shortened)
                .ifPresentOrElse(
                        known -> known.replace(records),
                        () -> templates.save(new KitTemplate(UUID.randomUUID(), who.id(), shortened, records)));
        return back(job);
    }

    @PostMapping("/jobs/{jobId}/brief/kits/{kitId}/remove")
    @Transactional
    public String remove(Job job, @AuthenticationPrincipal SignedIn who, @PathVariable String kitId) {
        templates.delete(templates
                .findByIdAndAccountId(id(kitId), who.id())
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND)));
        return back(job);
    }

    private static UUID id(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException notAnId) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }

    private static String back(Job job) {
        return "redirect:/jobs/%s/brief?open=kit".formatted(job.id());
    }
}
