package upshot.app.cut;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import upshot.app.store.Job;
import upshot.app.web.Arguments;
import upshot.app.web.OutlookWords;
import upshot.core.arrange.Manner;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.play.Playing;
import upshot.core.verdict.Outlook;
import upshot.core.verdict.Verdict;
import upshot.exchange.play.PlayJson;

/** What Arrange for me would do: the cut as it is and as it would be, to be seen and played. Nothing is changed. */
@Controller
class ArrangedController {

    private static final int NAMED = 4;

    private final ArrangedCuts cuts;

    ArrangedController(ArrangedCuts cuts) {
        this.cuts = cuts;
    }

    /**
     * How many findings of one status there are more or fewer of.
     *
     * @param status watch or break
     * @param difference with its sign
     */
    record Effect(String status, String difference) {}

    @GetMapping("/jobs/{jobId}/cut/arranged")
    String arranged(
            Job job,
            @RequestParam(defaultValue = "1") String seed,
            @RequestParam(defaultValue = "") String manner,
            Model model) {
        Arguments asked = new Arguments(Map.of("seed", seed, "manner", manner));
        Manner wanted = ArrangeGesture.manner(asked);
        ArrangedCuts.Arranged cut = cuts.of(job, wanted, ArrangeGesture.seed(asked));
        Verdict before = cut.before();
        Verdict after = cut.after();
        long frames = Math.max(1, Math.max(before.cut().frames(), after.cut().frames()));
        model.addAttribute("manner", wanted);
        model.addAttribute("seed", ArrangeGesture.seed(asked));
        model.addAttribute("nothing", after.cut().uses().isEmpty());
        model.addAttribute("before", CutStrip.of("As it is", before, frames));
        model.addAttribute("after", CutStrip.of(wanted.label(), after, frames));
        model.addAttribute("effects", effects(before, after));
        model.addAttribute("outlook", OutlookWords.of(Outlook.between(before, after)));
        model.addAttribute("leftOut", leftOut(after));
        model.addAttribute(
                "pinned",
                before.plan().uses().stream().filter(use -> use.pinned()).count());
        return "cut/arranged";
    }

    /** The same cut to be played. */
    @GetMapping("/jobs/{jobId}/cut/arranged.json")
    ResponseEntity<String> playing(
            Job job, @RequestParam(defaultValue = "1") String seed, @RequestParam(defaultValue = "") String manner) {
        Arguments asked = new Arguments(Map.of("seed", seed, "manner", manner));
        Verdict after = cuts.of(job, ArrangeGesture.manner(asked), ArrangeGesture.seed(asked))
                .after();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .body(PlayJson.write(Playing.of(after.cut())));
    }

    private static List<Effect> effects(Verdict before, Verdict after) {
        return Stream.of(Status.BREAK, Status.WATCH)
                .map(status -> new Effect(
                        status.label(), signed(CutStrip.count(after, status) - CutStrip.count(before, status))))
                .filter(effect -> !effect.difference().equals("±0"))
                .toList();
    }

    private static String signed(long difference) {
        if (difference == 0) {
            return "±0";
        }
        return (difference < 0 ? "−" : "+") + Math.abs(difference);
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
}
