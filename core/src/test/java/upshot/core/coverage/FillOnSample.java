package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import upshot.core.SamplePlan;
import upshot.core.ground.Likeness;
import upshot.core.ground.ScreenTravel;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Codes;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.shot.ShotRule;

/** A sample plan to be filled, and what every filled shot keeps to. */
abstract class FillOnSample {

    final SamplePlan sample = new SamplePlan();

    static Change.Batch fill(Plan plan, SamplePlan ids) {
        return new Fill(ids::id, Codes.of(plan)).propose(plan, hole -> true);
    }

    static Plan school(Plan plan, CoverageSchool school) {
        return plan.house().coverage() == school ? plan : plan.apply(Change.set(plan.house(), "coverage", school));
    }

    /** On the kept side, where a camera can stand, and unlike every other shot of its action. */
    static void keepsItsWord(Plan plan, Shot proposed) {
        Action action = plan.actionOf(proposed);
        ScreenTravel away =
                action.side() == Side.LEFT_TO_RIGHT ? ScreenTravel.RIGHT_TO_LEFT : ScreenTravel.LEFT_TO_RIGHT;
        assertThat(ScreenTravel.of(proposed.bearingDeg(), false, 0)).isNotEqualTo(away);
        assertThat(ShotRule.canStand(plan, proposed)).isTrue();
        assertThat(plan.shotsOf(action))
                .filteredOn(other -> !other.id().equals(proposed.id()))
                .allMatch(other -> Likeness.between(plan, other, proposed).clear());
    }
}
