package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Status;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

/** Seconds shown twice, states that go back, speeds that stay. */
class TakeRulesTest extends JointOnSample {

    @ParameterizedTest
    @CsvSource({"1, ''", "0.99, BREAK", "0, BREAK", "5, ''"})
    void overlapping_seconds_of_one_shot_are_a_break(double begins, String expected) {
        Shot shot = sample.shot(sample.action(), 30);
        Use first = sample.use(shot);
        sample.use(sample.shot(sample.action(), 60));
        Use again = sample.use(shot);
        Plan plan = set(set(sample.build(), first, "inS", Optional.of(0.0)), again, "inS", Optional.of(begins));

        assertThat(status(new SameSeconds(), plan).map(Status::name).orElse("")).isEqualTo(expected);
        if (!expected.isEmpty()) {
            assertThat(last(new SameSeconds(), mended(new SameSeconds(), plan, 0)))
                    .isEmpty();
            assertThat(last(new SameSeconds(), mended(new SameSeconds(), plan, 1)))
                    .isEmpty();
        }
        assertThat(last(new SameSeconds(), sample.build()))
                .as("open where they begin")
                .isEmpty();
    }

    @Test
    void a_thing_does_not_become_whole_again() {
        Action throwing = sample.action(one -> one.with("thing", "bowl").with("setsState", "thrown"));
        Action firing = sample.action(one -> one.with("thing", "bowl").with("setsState", "fired"));
        Shot thrown = sample.shot(throwing, 30);
        Shot fired = sample.shot(firing, 30);
        sample.use(thrown);
        sample.use(fired);
        assertThat(last(new StateJump(), sample.build())).isEmpty();
        sample.use(sample.shot(sample.action(), 60));
        assertThat(last(new StateJump(), sample.build()))
                .as("says nothing of a bowl")
                .isEmpty();
        sample.use(thrown);
        Plan back = sample.build();

        assertThat(status(new StateJump(), back)).contains(Status.BREAK);
        assertThat(last(new StateJump(), back).orElseThrow().sentence())
                .isEqualTo(
                        "The bowl was fired in %s and is thrown in %s again.".formatted(fired.code(), thrown.code()));
        assertThat(last(new StateJump(), mended(new StateJump(), back, 0))).isEmpty();
        sample.use(thrown, Entry.STRAIGHT);
        assertThat(last(new StateJump(), sample.build())).as("said once").isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"30, 30, WATCH", "30, 24, ''", "29.97, 30, ''"})
    void slow_motion_of_two_actions_in_a_row_is_no_event(String one, String other, String expected) {
        // 24 on 30 is exactly 0.8 of real time; 24 on 29.97 is a little more.
        sample.use(sample.shot(sample.action(), shot -> shot.with("captureRate", FrameRate.parse(one))));
        sample.use(sample.shot(sample.action(), shot -> shot.with("captureRate", FrameRate.parse(other))));
        Plan plan = house(sample.build(), "speed", SpeedSchool.VARIED);
        Plan spare = house(plan, "speed", SpeedSchool.SPARE);

        assertThat(status(new SpeedRun(), spare).map(Status::name).orElse("")).isEqualTo(expected);
        assertThat(last(new SpeedRun(), plan)).isEmpty();
        assertThat(last(new SpeedRun(), house(plan, "speed", SpeedSchool.HIGH_FOR_OPTIONS)))
                .isEmpty();
    }

    @Test
    void of_one_action_slow_twice_is_fine() {
        Action action = sample.action();
        sample.use(sample.shot(action, shot -> shot.with("captureRate", FrameRate.of(120))));
        sample.use(sample.shot(
                action, shot -> shot.with("captureRate", FrameRate.of(120)).with("bearingDeg", 90.0)));

        assertThat(last(new SpeedRun(), sample.build())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"7, false", "8, true", "9, false"})
    void one_speed_for_eight_uses_is_said_once_where_speeds_should_change(int uses, boolean said) {
        Shot shot = sample.shot(sample.action(), 30);
        for (int i = 0; i < uses; i++) {
            sample.use(shot);
        }
        Plan plan = house(sample.build(), "speed", SpeedSchool.VARIED);

        assertThat(last(new SpeedRun(), plan).isPresent()).isEqualTo(said);
    }
}
