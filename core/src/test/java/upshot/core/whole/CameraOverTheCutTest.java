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
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

/** How the camera moves, is held, stands and is slowed over the whole cut. */
class CameraOverTheCutTest extends WholeOnSample {

    private static Shot moved(Shot shot) {
        return shot.with("move", Move.SLIDE);
    }

    private static Shot held(Shot shot) {
        return shot.with("support", Support.HAND_HELD);
    }

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

    @Test
    void how_much_moves() {
        use(50, CameraOverTheCutTest::moved);
        use(50, one -> one);

        assertThat(said(new MovingShare(), movement(MovementSchool.KEEP_MOVING)))
                .isEqualTo(
                        "It rests too much. 50 of 60. In 50 % of the seconds the camera moves; at least 60 % should. []");
        assertThat(said(new MovingShare(), movement(MovementSchool.ANCHORED)))
                .isEqualTo(
                        "It moves too much. 50 of 40. In 50 % of the seconds the camera moves; at most 40 % should. []");
    }

    @Test
    void which_four_move_and_which_moves_have_no_reason() {
        use(100, one -> one);
        for (int i = 0; i < 3; i++) {
            use(10, CameraOverTheCutTest::moved);
        }
        assertThat(said(new MovingShare(), movement(MovementSchool.ANCHORED)))
                .as("three of four")
                .isEmpty();
        use(10, one -> moved(one).with("reason", MoveReason.REVEALS));

        assertThat(said(new MovingShare(), movement(MovementSchool.ANCHORED)))
                .isEqualTo(
                        "No rest in four. 0 of 1. From #2 on four uses move in a row; one in any four should be still. [2, 3, 4, 5]");
        assertThat(said(new MovingShare(), sample.build()))
                .isEqualTo(
                        "Moves without a reason. 3 of 0. #2, #3, #4: a move follows, reveals or hands over, or it is left out. [2, 3, 4]");
    }

    @Test
    void the_longest_stretch_from_the_hand_the_first_of_two_that_are_equal() {
        use(96, CameraOverTheCutTest::held);
        use(60, CameraOverTheCutTest::held);
        use(24, one -> one);
        use(156, CameraOverTheCutTest::held);

        assertThat(said(new HandHeldRun(), sample.build()))
                .isEqualTo("Hand-held for long. 6.5 of 6. From #1 on it is hand-held for 6.5 s:"
                        + " a braced picture between them lets the eye rest. [1, 2]");
    }

    @ParameterizedTest
    @CsvSource({"0.3, low", "1.5, at eye height or level", "2.2, high"})
    void which_height_nearly_all_have(double height, String words) {
        for (int i = 0; i < 8; i++) {
            use(24, one -> one.with("cameraHeightM", height));
        }
        use(24, one -> one.with("cameraHeightM", 1.1));
        use(24, one -> one.with("cameraHeightM", 1.1));

        assertThat(said(new OneHeight(), sample.build()))
                .isEqualTo(
                        "One height. 80 of 60. 8 of 10 uses are %s: low and high ones say more. []".formatted(words));
    }
}
