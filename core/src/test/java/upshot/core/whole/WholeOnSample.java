package upshot.core.whole;

import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;

/** A cut to put pictures into, counted in frames of 24 a second, and what tests of rules on the whole cut ask of it. */
abstract class WholeOnSample {

    final SamplePlan sample = new SamplePlan();
    final Action action = sample.action();

    void use(int frames, UnaryOperator<Shot> shot) {
        use(action, frames, shot);
    }

    void use(Action of, int frames, UnaryOperator<Shot> shot) {
        sample.use(sample.shot(of, shot), frames);
    }

    static Optional<Finding> judge(WholeRule rule, Plan plan) {
        return rule.judge(PaperCut.of(plan)).stream().findFirst();
    }

    boolean watched(WholeRule rule) {
        return judge(rule, sample.build()).isPresent();
    }

    /** All that a rule says, "title: value of limit; sentence; places in the cut", with #1 for the code of the first use's shot. */
    static String said(WholeRule rule, Plan plan) {
        PaperCut cut = PaperCut.of(plan);
        return rule.judge(cut).stream().map(finding -> said(cut, finding)).collect(Collectors.joining(" / "));
    }

    private static String said(PaperCut cut, Finding finding) {
        String sentence = finding.sentence();
        for (PaperCut.Placed placed : cut.uses()) {
            sentence = sentence.replaceAll("\\b" + placed.shot().code() + "\\b", "#" + (placed.index() + 1));
        }
        return "%s %s %s"
                .formatted(
                        SamplePlan.measured(finding),
                        sentence,
                        cut.uses().stream()
                                .filter(placed ->
                                        finding.subject().contains(placed.use().id()))
                                .map(placed -> placed.index() + 1)
                                .toList());
    }

    static Plan house(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.house(), field, value));
    }

    static Plan mended(WholeRule rule, Plan plan, int mend) {
        return plan.apply(judge(rule, plan).orElseThrow().mends().get(mend).change());
    }

    Action feature() {
        return sample.action(one -> one.with("feature", true));
    }
}
