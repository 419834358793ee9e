package upshot.app.cut;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import upshot.app.account.SignedIn;
import upshot.app.job.Stage;
import upshot.app.web.FieldView.Choice;
import upshot.app.web.FindingView;
import upshot.app.web.FrameView;
import upshot.app.web.Selected;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Say;
import upshot.core.finding.Status;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;

/** The paper cut with the panel of the selected joint or use. */
@Component
class CutStage implements Stage {

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
    public List<String> pieces() {
        return List.of("length", "findings", "score", "panel", "tray");
    }

    /** The panel of a joint. */
    record JointPanel(int number, String status, FrameView out, FrameView into, List<FindingView> findings) {}

    @Override
    public Map<String, Object> model(Verdict verdict, Map<String, String> parameters, SignedIn who) {
        PaperCut cut = verdict.cut();
        Optional<UsePanel> use = Selected.of(verdict.plan(), Kind.USE, parameters, "use")
                .flatMap(selected -> cut.uses().stream()
                        .filter(placed -> placed.use().equals(selected))
                        .findFirst())
                .map(placed -> UsePanel.of(verdict, placed));
        Optional<JointPanel> joint = joint(verdict, parameters.getOrDefault("joint", ""));
        Map<String, Object> model = new LinkedHashMap<>();
        model.put("score", Score.of(verdict));
        model.put("empty", cut.uses().isEmpty());
        model.put("noShots", verdict.plan().shots().isEmpty());
        model.put("lengthNote", lengthNote(cut));
        model.put("fits", cut.missingFrames() == 0);
        model.put("nextFinding", nextFinding(verdict, parameters.getOrDefault("joint", "")));
        model.put("use", use.orElse(null));
        model.put("joint", use.isPresent() ? null : joint.orElse(null));
        model.put("whole", verdict.whole().stream().map(FindingView::of).toList());
        model.put("shotChoices", shots(verdict.plan()));
        return model;
    }

    private static Optional<JointPanel> joint(Verdict verdict, String number) {
        if (!number.matches("[1-9][0-9]{0,4}")
                || Integer.parseInt(number) > verdict.cut().joints()) {
            return Optional.empty();
        }
        int index = Integer.parseInt(number) - 1;
        return Optional.of(new JointPanel(
                index + 1,
                Verdict.status(verdict.joints().get(index)).label(),
                FrameView.of(verdict, verdict.cut().outOf(index).shot()),
                FrameView.of(verdict, verdict.cut().into(index).shot()),
                verdict.joints().get(index).stream().map(FindingView::of).toList()));
    }

    /** The next joint that wants watching or breaks, round the end; 0 where all are clear. */
    private static int nextFinding(Verdict verdict, String from) {
        int joints = verdict.joints().size();
        int start = from.matches("[1-9][0-9]{0,4}") ? Integer.parseInt(from) : 0;
        return IntStream.range(0, joints)
                .map(step -> Math.floorMod(start + step, joints))
                .filter(index -> Verdict.status(verdict.joints().get(index)) != Status.CLEAR)
                .map(index -> index + 1)
                .findFirst()
                .orElse(0);
    }

    private static String lengthNote(PaperCut cut) {
        long missing = cut.missingFrames();
        if (missing == 0) {
            return "%d uses fill the promo to the frame".formatted(cut.uses().size());
        }
        double seconds = cut.plan().brief().rate().secondsOf(Math.abs(missing));
        return "%d frames (%s s) %s"
                .formatted(Math.abs(missing), Say.number(seconds, 2), missing > 0 ? "still to fill" : "too long");
    }

    private static List<Choice> shots(Plan plan) {
        return plan.shots().stream()
                .map(shot -> new Choice(
                        shot.id().toString(),
                        "%s %s, %s"
                                .formatted(
                                        shot.code(),
                                        plan.actionOf(shot).name(),
                                        shot.size().label()),
                        false))
                .toList();
    }
}
