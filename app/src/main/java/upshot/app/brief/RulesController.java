package upshot.app.brief;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.server.ResponseStatusException;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.store.Jobs;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.handoff.AsShotRule;
import upshot.core.plan.Plan;
import upshot.core.verdict.AllRules;
import upshot.core.verdict.Edition;
import upshot.core.verdict.Verdict;

/** All rules introduce themselves, with the figures that hold in this job. */
@Controller
class RulesController {

    private final JudgedPlans plans;
    private final Jobs jobs;

    RulesController(JudgedPlans plans, Jobs jobs) {
        this.plans = plans;
        this.jobs = jobs;
    }

    /** Rules that look at one kind of thing. */
    record GroupView(String about, List<RuleView> rules) {}

    /** A rule. */
    record RuleView(String id, String title, String summary, String reason, List<BoundView> bounds, String source) {}

    /**
     * A figure that things are held against.
     *
     * @param usual the figure that holds elsewhere, empty where nobody moved it
     */
    record BoundView(String what, String value, String usual) {}

    @GetMapping("/jobs/{jobId}/rules")
    String page(Job job, @AuthenticationPrincipal SignedIn who, Model model) {
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        model.addAttribute("jobId", job.id());
        model.addAttribute("jobName", verdict.plan().brief().name());
        model.addAttribute(
                "groups",
                Stream.concat(
                                AllRules.all().stream(),
                                Stream.of(new AllRules(
                                        "A picture of the cut as it was shot", List.copyOf(AsShotRule.ALL))))
                        .map(group -> new GroupView(
                                group.about(),
                                group.rules().stream()
                                        .map(rule -> view(verdict.plan(), rule))
                                        .toList()))
                        .toList());
        if (job.rulesAreNews() && job.ownerId().equals(who.id())) {
            model.addAttribute("news", RulesNews.of(Edition.LATEST, verdict));
        }
        return "brief/rules";
    }

    /** Whoever owns the job has seen how the rules were rewritten. */
    @PostMapping("/jobs/{jobId}/rules/known")
    @Transactional
    public String known(Job job, @AuthenticationPrincipal SignedIn who) {
        jobs.lock(job.id())
                .filter(one -> one.ownerId().equals(who.id()))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND))
                .knowRules();
        return "redirect:/jobs/%s/rules".formatted(job.id());
    }

    private static RuleView view(Plan plan, Rule rule) {
        RuleCard card = rule.card();
        return new RuleView(
                rule.id(),
                card.title(),
                card.summary(),
                card.reason(),
                card.bounds().stream().map(bound -> view(plan, bound)).toList(),
                card.source().label());
    }

    private static BoundView view(Plan plan, RuleCard.Bound bound) {
        double now = bound.movable().map(plan::threshold).orElse(bound.value());
        return new BoundView(
                bound.what(),
                HouseView.figure(now, bound.unit()),
                now == bound.value() ? "" : "usually " + HouseView.figure(bound.value(), bound.unit()));
    }
}
