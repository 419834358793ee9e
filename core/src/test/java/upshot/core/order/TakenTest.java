package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Taken;
import upshot.core.shot.ShotNumbers;
import upshot.core.size.Size;

/** Actions that are taken in one run: reframed for their sizes, or by two cameras. */
class TakenTest {

    private final SamplePlan sample = new SamplePlan();

    /** Parts of 3 s, as nothing uses them, and 3 s for the zoom: 9 s, or the action's length where that is longer. */
    @ParameterizedTest
    @CsvSource({"12, 17", "9, 14", "5, 14"})
    void a_run_is_reframed_while_it_rolls(double durationS, double rollS) {
        Action action = sample.action(one ->
                one.with("taken", Taken.REFRAMED).with("durationS", durationS).with("resetMin", 4.0));
        Shot first = sample.shot(action, 30);
        sample.shot(
                action,
                one -> one.with("bearingDeg", 30.0).with("size", Size.CLOSE_UP).with("priority", Priority.SHOULD));
        Plan plan = sample.build();

        assertThat(ShotNumbers.of(plan, first).hold().cleanS()).isEqualTo(3);
        assertThat(Setup.of(plan)).singleElement().satisfies(setup -> {
            // Settling 3 s and 2 s of tail; two takes and a reset of four minutes between.
            assertThat(setup.shootMin()).isCloseTo((2 * rollS + 240) / 60, within(1e-9));
            assertThat(setup.priority()).isEqualTo(Priority.MUST);
            assertThat(setup.shots()).hasSize(2);
        });
    }

    /** Two of ten clean seconds, each rolled twice for fifteen; made ready again for four minutes once, or once for each. */
    @ParameterizedTest
    @CsvSource({"true, 20, 5", "true, 19.9, 9", "false, 20, 9"})
    void what_tires_is_taken_in_one_run_where_it_lasts_long_enough(boolean tiring, double durationS, double minutes) {
        Action action = sample.action(
                one -> one.with("tiring", tiring).with("durationS", durationS).with("resetMin", 4.0));
        sample.shot(action, 30);
        sample.shot(action, one -> one.with("bearingDeg", 30.0).with("size", Size.CLOSE_UP));

        assertThat(Setup.of(sample.build())).singleElement().satisfies(setup -> {
            assertThat(setup.shootMin()).isCloseTo(minutes, within(1e-9));
            assertThat(setup.codes())
                    .isEqualTo(setup.shots().get(0).code() + ", "
                            + setup.shots().get(1).code());
        });
    }

    @Test
    void three_sizes_of_a_run_have_two_zooms_between_them() {
        Action action = sample.action(one -> one.with("taken", Taken.REFRAMED).with("durationS", 1.0));
        for (Size size : new Size[] {Size.WIDE, Size.MEDIUM, Size.CLOSE_UP}) {
            sample.shot(action, one -> one.with("bearingDeg", 30.0).with("size", size));
        }
        // Settling 3, three parts of 3, two zooms of 3, 2 of tail: 20 s, twice.
        assertThat(Setup.of(sample.build()))
                .singleElement()
                .satisfies(setup -> assertThat(setup.shootMin()).isCloseTo(40.0 / 60, within(1e-9)));
    }

    @Test
    void the_same_shots_are_the_same_setup_however_they_look() {
        Action action = sample.action();
        Shot first = sample.shot(action, 30);
        sample.shot(action, 90);
        Plan plan = sample.build();
        Setup one = Setup.of(plan).get(0);

        assertThat(one.sameShots(Setup.of(plan.apply(Change.set(first, "bearingDeg", 40.0)))
                        .get(0)))
                .isTrue();
        assertThat(one.sameShots(Setup.of(plan).get(1))).isFalse();
        assertThat(one.sameShots(new Setup(one.action(), one.spot(), plan.shots(), one.stand(), 0, 1)))
                .isFalse();
    }

    @Test
    void taken_shot_by_shot_each_has_its_own_roll_and_its_own_need() {
        Action action = sample.action(one -> one.with("resetMin", 4.0));
        sample.shot(action, 30);
        sample.shot(action, one -> one.with("bearingDeg", 30.0).with("priority", Priority.SHOULD));

        assertThat(Setup.of(sample.build())).hasSize(2);
    }

    @Test
    void two_cameras_roll_together_where_that_is_said() {
        Action action = sample.action(one -> one.with("taken", Taken.TWO_CAMERAS));
        sample.shot(action, 30);
        sample.shot(action, 90);
        Plan plan = sample.build();
        Body second = Body.draft(UUID.randomUUID(), "Second");
        Plan two = plan.apply(Change.batch(List.of(
                new Change.Add(second),
                new Change.Add(RecordKind.MODE.with(
                        RecordKind.MODE.copy(plan.modesOf(plan.bodies().get(0)).get(0), UUID.randomUUID()),
                        "bodyId",
                        second.id())))));

        assertThat(ShootingOrder.of(plan).slots())
                .noneMatch(slot -> slot.state().rollsAlong());
        assertThat(ShootingOrder.of(two).slots())
                .filteredOn(slot -> slot.state().rollsAlong())
                .hasSize(1);
        assertThat(ShootingOrder.of(two.apply(Change.set(action, "taken", Taken.SHOT_BY_SHOT)))
                        .slots())
                .noneMatch(slot -> slot.state().rollsAlong());
    }
}
