package upshot.app.brief;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.core.finding.Rule;
import upshot.core.finding.RuleCard;
import upshot.core.handoff.AsShotRule;
import upshot.core.plan.Plan;
import upshot.core.verdict.AllRules;
import upshot.core.verdict.Verdict;

/** All rules introduce themselves, with the figures that hold in this job. */
@Controller
class RulesController {

    private final JudgedPlans plans;

    RulesController(JudgedPlans plans) {
        this.plans = plans;
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
    String page(Job job, Model model) {
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
        return "brief/rules";
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
