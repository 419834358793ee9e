package upshot.core.joint;

import java.util.Optional;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** A sample cut, judged at its last joint. */
abstract class JointOnSample {

    final SamplePlan sample = new SamplePlan();

    static Optional<Finding> last(JointRule rule, Plan plan) {
        PaperCut cut = PaperCut.of(plan);
        return rule.judge(cut, cut.joints() - 1);
    }

    static Optional<Status> status(JointRule rule, Plan plan) {
        return last(rule, plan).map(Finding::status);
    }

    static Plan mended(JointRule rule, Plan plan, int mend) {
        return plan.apply(last(rule, plan).orElseThrow().mends().get(mend).change());
    }

    static Plan set(Plan plan, Use use, String field, Object value) {
        return plan.apply(Change.set(use, field, value));
    }

    static Plan set(Plan plan, Shot shot, String field, Object value) {
        return plan.apply(Change.set(shot, field, value));
    }

    static Plan house(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.house(), field, value));
    }
}
