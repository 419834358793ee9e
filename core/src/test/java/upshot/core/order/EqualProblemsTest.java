package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.house.OrderSchool;
import upshot.core.house.Threshold;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Card;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Turn;
import upshot.core.size.Size;

class EqualProblemsTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();
    private final Shot wide =
            sample.shot(action, shot -> shot.with("bearingDeg", 30.0).with("size", Size.WIDE));
    private final Shot mid =
            sample.shot(action, shot -> shot.with("bearingDeg", 60.0).with("size", Size.MEDIUM));
    private final Shot bonus =
            sample.shot(action, shot -> shot.with("bearingDeg", 90.0).with("priority", Priority.BONUS));
    private final Action next = sample.action();
    private final Shot last = sample.shot(next, 30);

    /** Whether the order of the day was taken over as it was; it has to be the right one in any case. */
    private static boolean takenOver(Plan plan, Change change) {
        DayPlan before = ShootingOrder.of(plan);
        Plan changed = plan.apply(change);
        DayPlan after = ShootingOrder.of(changed);
        DayPlan anew = ShootingOrder.of(RandomPlans.anew(changed));
        assertThat(after).as("%s", change).isEqualTo(anew);
        assertThat(after.slotsOf(Crew.of(changed).get(0)))
                .as("%s, asked by a crew that is the same and not the very same", change)
                .extracting(slot -> slot.crew().index())
                .hasSize(anew.order().crews().get(0).size())
                .containsOnly(0);
        return after.order() == before.order();
    }

    @Test
    void what_the_clock_does_not_see_leaves_the_order_as_it_is() {
        Plan plan = sample.build();

        assertThat(List.of(
                        Change.set(wide, "bearingDeg", 45.0),
                        Change.set(wide, "cameraHeightM", 0.4),
                        Change.set(wide, "code", "X1"),
                        Change.set(mid, "size", Size.MEDIUM_CLOSE),
                        Change.set(plan.brief(), "name", "Another")))
                .allMatch(change -> takenOver(plan, change));
    }

    @Test
    void what_an_order_is_made_from_makes_it_anew() {
        Plan plan = sample.build();

        assertThat(List.of(
                        Change.set(wide, "takes", 9),
                        Change.set(wide, "support", Support.GIMBAL),
                        Change.set(wide, "focalLengthMm", 85.0),
                        Change.set(wide, "captureRate", FrameRate.of(50)),
                        Change.set(wide, "keyDeg", Optional.of(40.0)),
                        Change.set(wide, "lampsOff", true),
                        Change.set(wide, "priority", Priority.BONUS),
                        Change.set(bonus, "priority", Priority.SHOULD),
                        Change.set(plan.subjects().get(0), "effortMin", Optional.of(5.0)),
                        Change.set(action, "messy", true),
                        Change.set(action, "untilTime", Optional.of(LocalTime.of(9, 0))),
                        Change.set(plan.house(), "dayOrder", OrderSchool.SOON_GONE_FIRST),
                        Change.set(plan.brief(), "wrapTime", LocalTime.of(23, 30)),
                        new Change.Add(new Adjustment(sample.id(), Threshold.RIG_TRIPOD, 8)),
                        new Change.Add(new Card(sample.id(), "Cards", 1, 1, 1, 100)),
                        new Change.Add(
                                new ExtraCrew(sample.id(), "Second", 1, 0, LocalTime.of(9, 0), LocalTime.of(12, 0), 1)),
                        new Change.Add(new Turn(sample.id(), last.id(), Optional.empty(), 1, Optional.empty(), false)),
                        new Change.Remove(last)))
                .noneMatch(change -> takenOver(plan, change));
    }

    @Test
    void who_comes_to_share_a_stand_or_no_longer_does_is_ordered_anew() {
        Plan apart = sample.build();
        Change onto = Change.set(wide, "bearingDeg", bonus.bearingDeg());
        Plan together = apart.apply(onto);

        assertThat(Setup.of(together))
                .as("for they are not wanted equally much")
                .hasSize(Setup.of(apart).size());
        assertThat(takenOver(apart, onto)).isFalse();
        assertThat(takenOver(together, onto.inverse())).isFalse();
    }

    @Test
    void more_cards_and_more_cameras_are_another_order() {
        Card cards = new Card(sample.id(), "Cards", 1, 1, 1, 100);
        ExtraCrew second = new ExtraCrew(sample.id(), "Second", 1, 1, LocalTime.of(9, 0), LocalTime.of(12, 0), 1);
        Plan plan = sample.build().apply(Change.batch(List.of(new Change.Add(cards), new Change.Add(second))));

        assertThat(takenOver(plan, Change.set(cards, "count", 2))).isFalse();
        assertThat(takenOver(plan, Change.set(second, "cameras", 2))).isFalse();
    }

    @Test
    void somebody_more_who_takes_part_is_another_order() {
        Plan plan = sample.build();
        Change joins = new Change.Add(Performer.of(sample.id(), action.id(), sample.otherPerson(), 1));

        assertThat(takenOver(plan, joins)).isFalse();
        assertThat(takenOver(plan.apply(joins), joins.inverse())).isFalse();
    }

    @Test
    void another_master_is_another_order() {
        Plan plan = sample.build();
        Plan masterFirst = plan.apply(Change.set(plan.house(), "dayOrder", OrderSchool.MASTER_FIRST));

        assertThat(takenOver(masterFirst, Change.set(mid, "size", Size.EXTREME_WIDE)))
                .isFalse();
        assertThat(takenOver(masterFirst, Change.set(mid, "size", Size.MEDIUM_FULL)))
                .isTrue();
    }
}
