package upshot.core.joint;

import java.util.Optional;
import java.util.OptionalInt;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.order.Rolls;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** A sample cut, judged at its last joint. */
abstract class JointOnSample {

    final SamplePlan sample = new SamplePlan();

    static Optional<Finding> last(JointRule rule, Plan plan) {
        PaperCut cut = PaperCut.of(plan);
        return at(rule, cut, cut.joints() - 1);
    }

    /** What a rule says that is shown as much of a cut as its kind is. */
    static Optional<Finding> at(JointRule rule, PaperCut cut, int joint) {
        Meeting meeting =
                new Meeting(cut.outOf(joint).picture(), cut.into(joint).picture());
        if (rule instanceof MeetingRule near) {
            return near.judge(meeting);
        }
        if (rule instanceof PastRule back) {
            return back.judge(meeting, new Past(cut, joint));
        }
        DayRule timed = (DayRule) rule;
        Rolls rolls = ShootingOrder.rolls(cut.plan());
        OptionalInt out = rolls.of(meeting.out().shot());
        OptionalInt into = rolls.of(meeting.into().shot());
        return out.isPresent() && into.isPresent() && timed.asks(meeting)
                ? timed.judge(meeting, out.getAsInt(), into.getAsInt())
                : Optional.empty();
    }

    static Optional<Status> status(JointRule rule, Plan plan) {
        return last(rule, plan).map(Finding::status);
    }

    /** "STATUS title value of limit. sentence", with #1 and #2 for the codes of the two that meet; empty for nothing. */
    static String said(JointRule rule, Plan plan) {
        PaperCut cut = PaperCut.of(plan);
        int joint = cut.joints() - 1;
        return at(rule, cut, joint)
                .map(finding -> "%s %s %s"
                        .formatted(
                                finding.status(),
                                SamplePlan.measured(finding),
                                finding.sentence()
                                        .replace(cut.outOf(joint).shot().code(), "#1")
                                        .replace(cut.into(joint).shot().code(), "#2")))
                .orElse("");
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
