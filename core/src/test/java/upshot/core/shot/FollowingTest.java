package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Use;

/** Going along with what moves, at the speed at which it moves and at the speed at which it is played. */
class FollowingTest extends ShotOnSample {

    @Test
    void a_tripod_does_not_follow_a_van_at_ten_metres_a_second_though_nobody_typed_metres() {
        Shot shot = shot(
                one -> one.with("speedMps", 10.0),
                one -> one.with("bearingDeg", 90.0).with("move", Move.FOLLOW).with("moveM", 0.0));
        Plan plan = sample.build();
        Finding finding = new MoveSpeed().judge(plan, shot).orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.BREAK);
        assertThat(finding.title()).isEqualTo("The tripod does not follow.");
        assertThat(finding.sentence()).startsWith("It goes at 10 m/s");
        // Across 3.39 m it would turn by 169° a second, and 10 m/s are 60° a second from 9.55 m on: 50 mm at 5.76 m
        // are not enough, and the kit's longest is the 85 mm from 5.76 m.
        assertThat(finding.mends()).isEmpty();
        // A cyclist at 6 m/s: 59.7° a second from 5.76 m, through the 85.
        Plan slower = plan.apply(Change.set(plan.actionOf(shot), "speedMps", 6.0));
        assertThat(new MoveSpeed().judge(slower, shot).orElseThrow().mends())
                .extracting(Mend::label)
                .containsExactly("Pan with it");
        assertThat(new MoveSpeed()
                        .judge(slower, shot.withMove(Move.PAN).withReason(MoveReason.FOLLOWS))
                        .orElseThrow()
                        .mends())
                .extracting(Mend::label)
                .containsExactly("Pan with it from 5.76 m, through the 85 mm");
    }

    @ParameterizedTest
    @CsvSource({
        "GIMBAL, 1.5, ''",
        "GIMBAL, 1.51, WATCH",
        "HAND_HELD, 3, WATCH",
        "HAND_HELD, 3.01, BREAK",
        "SLIDER, 0.5, ''",
        "SLIDER, 0.51, BREAK"
    })
    void on_foot_one_walks_steadily_runs_or_does_not_come_along(Support support, double speedMps, String expected) {
        Shot shot = shot(
                one -> one.with("speedMps", speedMps),
                one -> one.with("bearingDeg", 90.0).with("move", Move.FOLLOW).with("support", support));

        assertThat(status(new MoveSpeed(), sample.build(), shot)
                        .map(Status::name)
                        .orElse(""))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"5, ''", "1, BREAK"})
    void a_slide_of_120_frames_is_five_times_too_quick_slowed_and_not_in_real_time(double step, String slowed) {
        Shot shot = shot(
                one -> one,
                one -> one.with("move", Move.SLIDE)
                        .with("support", Support.SLIDER)
                        .with("captureRate", FrameRate.of(120))
                        .with("moveM", 0.5));
        Use use = sample.use(shot, 48);
        Plan plan = sample.build();
        Plan played = step == use.frameStep() ? plan : plan.apply(Change.set(use, "frameStep", step));

        // Half a metre in two seconds of screen: 0.25 m/s in real time, and 1.25 m/s where 0.4 s are shown slowly.
        assertThat(status(new MoveSpeed(), played, shot).map(Status::name).orElse(""))
                .isEqualTo(slowed);
    }
}
