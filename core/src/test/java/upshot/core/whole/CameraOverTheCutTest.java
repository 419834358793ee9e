package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.house.CoverageSchool;
import upshot.core.house.MovementSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Support;

/** How the camera moves, is held, stands and is slowed over the whole cut. */
class CameraOverTheCutTest extends WholeOnSample {

    @ParameterizedTest
    @CsvSource({"KEEP_MOVING, 60, false", "KEEP_MOVING, 59, true", "ANCHORED, 40, false", "ANCHORED, 41, true"})
    void the_school_says_how_many_seconds_move(MovementSchool school, int moving, boolean watched) {
        use(moving, one -> one.with("move", Move.SLIDE));
        use(100 - moving, one -> one);

        assertThat(judge(new MovingShare(), movement(school)).isPresent()).isEqualTo(watched);
    }

    private Plan movement(MovementSchool school) {
        Plan plan = sample.build();
        return plan.house().movement() == school ? plan : house(plan, "movement", school);
    }

    @Test
    void anchored_one_in_any_four_is_still_and_motivated_every_move_has_a_reason() {
        for (int i = 0; i < 4; i++) {
            use(10, one -> one.with("move", Move.SLIDE).with("reason", MoveReason.REVEALS));
        }
        use(100, one -> one);
        assertThat(judge(new MovingShare(), movement(MovementSchool.ANCHORED))
                        .orElseThrow()
                        .title())
                .isEqualTo("No rest in four.");
        assertThat(judge(new MovingShare(), movement(MovementSchool.MOTIVATED))).isEmpty();
        use(10, one -> one.with("move", Move.PAN));
        assertThat(judge(new MovingShare(), movement(MovementSchool.MOTIVATED))
                        .orElseThrow()
                        .measured()
                        .value())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"72, false", "73, true"})
    void hand_held_lasts_six_seconds_on_end(int frames, boolean watched) {
        use(72, one -> one.with("support", Support.HAND_HELD));
        use(frames, one -> one.with("support", Support.HAND_HELD));
        use(24, one -> one);
        use(144, one -> one.with("support", Support.HAND_HELD));

        assertThat(watched(new HandHeldRun())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"3, 2, false", "4, 1, true", "4, 2, true", "4, 0, false", "5, 0, true"})
    void three_fifths_at_one_height_and_no_more(int eye, int low, boolean watched) {
        for (int i = 0; i < eye; i++) {
            use(24, one -> one.with("cameraHeightM", 1.5));
        }
        for (int i = 0; i < low; i++) {
            use(24, one -> one.with("cameraHeightM", 0.3));
        }
        assertThat(watched(new OneHeight())).isEqualTo(watched);
        Plan plan = sample.build();
        assertThat(judge(new OneHeight(), plan.apply(Change.set(action, "speech", true))))
                .as("speech on camera is not counted")
                .isEmpty();
        assertThat(judge(new OneHeight(), house(plan, "coverage", CoverageSchool.PRODUCT)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"20, false", "21, true"})
    void a_fifth_is_slow_where_slow_motion_is_an_event(int slow, boolean watched) {
        use(slow, one -> one.with("captureRate", FrameRate.of(120)));
        use(100 - slow, one -> one);
        Plan varied = house(sample.build(), "speed", SpeedSchool.VARIED);

        assertThat(judge(new SlowShare(), house(varied, "speed", SpeedSchool.SPARE))
                        .isPresent())
                .isEqualTo(watched);
        assertThat(judge(new SlowShare(), varied)).isEmpty();
    }
}
