package upshot.app.cut;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import upshot.app.job.JudgedPlans;
import upshot.app.store.Job;
import upshot.app.web.Arguments;
import upshot.app.web.FrameView;
import upshot.app.web.OutlookWords;
import upshot.core.arrange.Arrange;
import upshot.core.arrange.Manner;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Wording;
import upshot.core.plan.Action;
import upshot.core.verdict.Outlook;
import upshot.core.verdict.Verdict;

/** What Arrange for me would do: the cut as it is and as it would be, side by side. Nothing is changed. */
@Controller
class ArrangedController {

    private static final int NAMED = 4;

    private final JudgedPlans plans;

    ArrangedController(JudgedPlans plans) {
        this.plans = plans;
    }

    /**
     * One of the two cuts.
     *
     * @param facts uses, breaks and watches in words
     */
    record Strip(String title, String facts, List<StripFrame> frames) {}

    /**
     * A use in a strip.
     *
     * @param width percent of the longer of the two cuts
     */
    record StripFrame(FrameView frame, double width, String seconds) {}

    @GetMapping("/jobs/{jobId}/cut/arranged")
    String arranged(
            Job job,
            @RequestParam(defaultValue = "1") String seed,
            @RequestParam(defaultValue = "") String manner,
            Model model) {
        Verdict before = plans.current(job.id(), job.ownerId()).verdict();
        Arguments asked = new Arguments(Map.of("seed", seed, "manner", manner));
        Manner wanted = ArrangeGesture.manner(asked);
        Verdict after = Verdict.of(before.plan()
                .apply(new Arrange(UUID::randomUUID, wanted, ArrangeGesture.seed(asked), Arrange.USUAL_STEPS)
                        .propose(before)));
        long frames = Math.max(1, Math.max(before.cut().frames(), after.cut().frames()));
        model.addAttribute("manner", wanted);
        model.addAttribute("nothing", after.cut().uses().isEmpty());
        model.addAttribute("before", strip("As it is", before, frames));
        model.addAttribute("after", strip(wanted.label(), after, frames));
        model.addAttribute("outlook", OutlookWords.of(Outlook.between(before, after)));
        model.addAttribute("leftOut", leftOut(after));
        model.addAttribute(
                "pinned",
                before.plan().uses().stream().filter(use -> use.pinned()).count());
        return "cut/arranged";
    }

    /** Covered actions and features that the cut does not show, by name; the first few and how many more. */
    private static String leftOut(Verdict verdict) {
        List<String> names = verdict.plan().actions().stream()
                .filter(action -> !verdict.plan().shotsOf(action).isEmpty())
                .filter(action -> verdict.cut().uses().stream()
                        .noneMatch(placed -> placed.action().equals(action)))
                .map(Action::name)
                .toList();
        return names.isEmpty()
                ? "It leaves nothing out."
                : "It leaves out %s%s: the promo has no room for them."
                        .formatted(
                                String.join(", ", names.subList(0, Math.min(NAMED, names.size()))),
                                names.size() > NAMED ? " and %d more".formatted(names.size() - NAMED) : "");
    }

    private static Strip strip(String title, Verdict verdict, long frames) {
        List<StripFrame> uses = verdict.cut().uses().stream()
                .map(placed -> new StripFrame(
                        FrameView.of(verdict, placed.shot()),
                        Math.round(10_000.0 * placed.use().frames() / frames) / 100.0,
                        Wording.number(
                                verdict.plan()
                                        .brief()
                                        .rate()
                                        .secondsOf(placed.use().frames()),
                                2)))
                .toList();
        return new Strip(title, facts(verdict, uses.size()), uses);
    }

    private static String facts(Verdict verdict, int uses) {
        return uses == 0
                ? "nothing is cut"
                : "%s, %s, %s"
                        .formatted(
                                counted(uses, "use", "uses"),
                                counted(count(verdict, Status.BREAK), "break", "breaks"),
                                counted(count(verdict, Status.WATCH), "watch", "watches"));
    }

    private static String counted(long count, String one, String several) {
        return "%s %s".formatted(count == 0 ? "no" : Long.toString(count), count == 1 ? one : several);
    }

    private static long count(Verdict verdict, Status status) {
        long joints = verdict.joints().stream()
                .flatMap(List<Finding>::stream)
                .filter(finding -> finding.status() == status)
                .count();
        return joints
                + verdict.whole().stream()
                        .filter(finding -> finding.status() == status)
                        .count();
    }
}
