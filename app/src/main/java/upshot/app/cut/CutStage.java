package upshot.app.cut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import upshot.app.job.Stage;
import upshot.app.job.StageRequest;
import upshot.app.web.Selected;
import upshot.core.cut.PaperCut;
import upshot.core.cut.PaperCut.Placed;
import upshot.core.finding.Wording;
import upshot.core.plan.RecordKind;
import upshot.core.verdict.Verdict;

/** The paper cut with the panel of the selected joint or use, its balance and the tray of shots. */
@Component
class CutStage implements Stage {

    private static final String WHOLE_NUMBER = "[1-9][0-9]{0,4}";

    @Override
    public int digit() {
        return 3;
    }

    @Override
    public String slug() {
        return "cut";
    }

    @Override
    public String title() {
        return "Cut";
    }

    @Override
    public boolean hasScript() {
        return true;
    }

    @Override
    public List<String> pieces() {
        return List.of("length", "findings", "view", "score", "balance", "panel", "tray");
    }

    @Override
    public Map<String, Object> model(Verdict verdict, StageRequest request) {
        Map<String, String> parameters = request.parameters();
        PaperCut cut = verdict.cut();
        Optional<Placed> use = Selected.of(verdict.plan(), RecordKind.USE, parameters, "use")
                .map(selected -> CutEdits.placed(cut, selected));
        Optional<Integer> joint = use.isPresent() ? Optional.empty() : joint(cut, parameters.getOrDefault("joint", ""));
        Map<String, Object> model = new LinkedHashMap<>();
        String mark = parameters.getOrDefault("mark", "");
        ScoreView view = ScoreView.of(parameters, BalanceView.marked(verdict, mark));
        Score score = Score.of(verdict, view);
        model.put("score", score);
        model.put("drawn", drawn(score, use, joint));
        model.put("view", view);
        BalanceView balance = BalanceView.of(verdict, mark);
        model.put("balance", balance);
        model.put("pace", ScoreMarkup.pace(balance.pace()));
        model.put("empty", cut.uses().isEmpty());
        model.put("noShots", verdict.plan().shots().isEmpty());
        model.put("lengthNote", lengthNote(cut));
        model.put("fits", cut.missingFrames() == 0);
        model.put("nextFinding", nextFinding(verdict, parameters.getOrDefault("joint", "")));
        model.put("use", use.map(placed -> UsePanel.of(verdict, placed)).orElse(null));
        model.put("joint", joint.map(index -> JointPanel.of(verdict, index)).orElse(null));
        boolean nothingChosen = use.isEmpty() && joint.isEmpty();
        model.put("whole", nothingChosen ? whole(verdict) : List.of());
        model.put(
                "tray",
                TrayView.of(
                        verdict, use, joint, parameters.getOrDefault("tray", "").equals("all")));
        return model;
    }

    /** What of a line is written by hand. */
    record Drawn(String tiles, String joints) {}

    private static List<Drawn> drawn(Score score, Optional<Placed> use, Optional<Integer> joint) {
        Optional<String> chosen = use.map(placed -> placed.use().id().toString());
        return IntStream.range(0, score.lines().size())
                .mapToObj(at -> new Drawn(
                        ScoreMarkup.tiles(score.lines().get(at), at, chosen),
                        ScoreMarkup.joints(
                                score.lines().get(at),
                                joint.map(index -> index + 1).orElse(0))))
                .toList();
    }

    private static List<CutFinding> whole(Verdict verdict) {
        return verdict.whole().stream()
                .map(finding -> CutFinding.ofWhole(verdict, finding))
                .toList();
    }

    private static Optional<Integer> joint(PaperCut cut, String number) {
        boolean there = number.matches(WHOLE_NUMBER) && Integer.parseInt(number) <= cut.joints();
        return there ? Optional.of(Integer.parseInt(number) - 1) : Optional.empty();
    }

    /** The next joint that wants watching or breaks, round the end; 0 where all are clear or let stand. */
    private static int nextFinding(Verdict verdict, String from) {
        int joints = verdict.joints().size();
        int start = from.matches(WHOLE_NUMBER) ? Integer.parseInt(from) : 0;
        return IntStream.range(0, joints)
                .map(step -> Math.floorMod(start + step, joints))
                .filter(index -> List.of("watch", "break").contains(JointPanel.status(verdict, index)))
                .map(index -> index + 1)
                .findFirst()
                .orElse(0);
    }

    private static String lengthNote(PaperCut cut) {
        long missing = cut.missingFrames();
        if (missing == 0) {
            return cut.uses().size() == 1
                    ? "one use fills the promo to the frame"
                    : "%d uses fill the promo to the frame".formatted(cut.uses().size());
        }
        double seconds = cut.plan().brief().rate().secondsOf(Math.abs(missing));
        return "%d frames (%s s) %s"
                .formatted(Math.abs(missing), Wording.number(seconds, 2), missing > 0 ? "still to fill" : "too long");
    }
}
