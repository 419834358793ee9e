package upshot.core.shot;

import java.util.Optional;
import java.util.function.UnaryOperator;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;

/** A sample plan to put shots into, and what tests of shot rules ask of it. */
abstract class ShotOnSample {

    final SamplePlan sample = new SamplePlan();

    static Plan spot(Plan plan, Shot shot, String field, Object value) {
        Spot spot = plan.spotOf(plan.actionOf(shot));
        return plan.apply(Change.set(spot, field, value));
    }

    static Optional<Status> status(ShotRule rule, Plan plan, Shot shot) {
        return rule.judge(plan, shot).map(Finding::status);
    }

    /** "STATUS title value of limit. sentence [mend, mend]", with # for the shot's code; empty for nothing. */
    static String said(ShotRule rule, Plan plan, Shot shot) {
        return rule.judge(plan, shot)
                .map(finding -> "%s %s %s %s"
                        .formatted(
                                finding.status(),
                                SamplePlan.measured(finding),
                                finding.sentence(),
                                finding.mends().stream().map(Mend::label).toList()))
                .orElse("")
                .replace(shot.code(), "#");
    }

    static Plan mended(Plan plan, Finding finding, int mend) {
        return plan.apply(finding.mends().get(mend).change());
    }

    static Shot again(Plan plan, Shot shot) {
        return plan.shots().stream()
                .filter(one -> one.id().equals(shot.id()))
                .findFirst()
                .orElseThrow();
    }

    Shot shot(UnaryOperator<Action> action, UnaryOperator<Shot> change) {
        return sample.shot(sample.action(action), change);
    }
}
