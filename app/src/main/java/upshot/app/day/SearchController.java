package upshot.app.day;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import upshot.app.account.SignedIn;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Arguments;
import upshot.core.late.WhatIf;
import upshot.core.order.Comparison;
import upshot.core.order.DayPlan;
import upshot.core.order.ShootingOrder;
import upshot.core.order.WrittenOrder;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** The search for a better order while it runs, and two days beside each other. Nothing here changes a plan. */
@Controller
class SearchController {

    private static final int LONGEST_S = 120;
    private static final int USUAL_S = 3;

    private final JudgedPlans plans;
    private final Searches searches;

    SearchController(JudgedPlans plans, Searches searches) {
        this.plans = plans;
        this.searches = searches;
    }

    /**
     * What a search is asked for.
     *
     * @param seconds how long, 1 to 120; empty for the usual
     * @param keep what begins before this clock time stays; empty for nothing
     */
    record Asked(String seconds, String keep) {}

    /**
     * How a search stands.
     *
     * @param running whether it still looks
     */
    record State(boolean running, int improvements) {}

    @PostMapping("/jobs/{jobId}/day/search")
    @ResponseBody
    State begin(Job job, @AuthenticationPrincipal SignedIn who, @RequestBody Asked asked) {
        Arguments arguments = new Arguments(
                Map.of("seconds", Objects.toString(asked.seconds(), ""), "keep", Objects.toString(asked.keep(), "")));
        int seconds = (int) Math.max(1, Math.min(LONGEST_S, arguments.number("seconds", USUAL_S)));
        JudgedPlans.Current current = plans.current(job.id(), job.ownerId());
        // What begins before a clock time stays; nothing where none was typed.
        int kept = arguments.text("keep").isEmpty()
                ? 0
                : current.verdict().plan().brief().minutesAfterCall(arguments.time("keep"));
        searches.begin(job.id(), who.id(), current, seconds, kept);
        return new State(true, 0);
    }

    @PostMapping("/jobs/{jobId}/day/search/stop")
    @ResponseBody
    State stop(Job job) {
        searches.stop(job.id());
        return state(job);
    }

    @PostMapping("/jobs/{jobId}/day/search/forget")
    @ResponseBody
    State forget(Job job) {
        searches.forget(job.id());
        return new State(false, 0);
    }

    private State state(Job job) {
        return searches.of(job.id())
                .map(running -> new State(!running.done(), running.improvements()))
                .orElse(new State(false, 0));
    }

    /** How the search stands, as a piece of the page: what it has found so far beside what there was. */
    @GetMapping("/jobs/{jobId}/day/search")
    String found(Job job, Model model) {
        Optional<Searches.Running> running = searches.of(job.id());
        model.addAttribute("running", running.filter(one -> !one.done()).isPresent());
        model.addAttribute("nothing", running.isEmpty());
        model.addAttribute(
                "stale", running.filter(one -> one.version() != job.version()).isPresent());
        running.ifPresent(one -> {
            boolean waits = !one.begun() && !one.done();
            model.addAttribute("before", waits ? Math.max(1, searches.before(one)) : 0);
            model.addAttribute("seconds", one.seconds());
            model.addAttribute("improvements", one.improvements());
            model.addAttribute("better", one.better());
            model.addAttribute(
                    "compared",
                    CompareView.of(Comparison.of(
                            one.began().day(), DayPlan.of(one.began().day().shoot(), one.best()))));
        });
        return "day/found";
    }

    @GetMapping("/jobs/{jobId}/day/what-if")
    String whatIf(Job job, @RequestParam Map<String, String> sent, Model model) {
        Verdict before = plans.current(job.id(), job.ownerId()).verdict();
        try {
            WhatIf assumed = WhatIfs.of(before.plan(), sent);
            Verdict after = Verdict.of(before.plan().apply(assumed.change(before.plan())));
            model.addAttribute("said", assumed.said(before.plan()));
            model.addAttribute("compared", CompareView.of(Comparison.of(before.day(), after.day())));
            model.addAttribute("losses", LossView.dropped(after));
        } catch (InvalidField wrong) {
            model.addAttribute("problem", wrong.getMessage());
        }
        return "day/what-if";
    }

    /** What a move would do before it is done: when the setup would begin, and what would no longer fit. */
    @GetMapping("/jobs/{jobId}/day/moved")
    @ResponseBody
    Moved moved(Job job, @RequestParam Map<String, String> sent) {
        Plan plan = plans.current(job.id(), job.ownerId()).verdict().plan();
        return Moved.of(plan, DayDesk.of(plan, new Arguments(sent)), (int) new Arguments(sent).number("to", 0));
    }

    /** The usual order beside the one that was written down. */
    @GetMapping("/jobs/{jobId}/day/usual")
    String usual(Job job, Model model) {
        Verdict verdict = plans.current(job.id(), job.ownerId()).verdict();
        Plan plan = verdict.plan();
        Plan forgotten = plan.apply(WrittenOrder.forgotten(plan));
        model.addAttribute("said", "The usual order, without the turns and pins that are written down");
        model.addAttribute("compared", CompareView.of(Comparison.of(verdict.day(), ShootingOrder.of(forgotten))));
        return "day/usual";
    }
}
