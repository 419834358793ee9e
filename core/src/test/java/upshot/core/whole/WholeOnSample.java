package upshot.core.whole;

import java.util.Optional;
import java.util.function.UnaryOperator;
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
