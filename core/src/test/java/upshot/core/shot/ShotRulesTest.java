package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.ground.Stand;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

class ShotRulesTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    @Test
    void a_stand_is_where_the_lens_frames_the_size() {
        Shot shot = sample.shot(action, one -> one.with("cameraHeightM", 2.5));
        Stand stand = Stand.of(sample.build(), shot);

        // F 0.935 m through 50 mm on 14 mm: d 3.39 m; aim 1.3175 m, so the camera is 1.1825 m above it.
        assertThat(stand.distanceM()).isCloseTo(3.389, within(0.01));
        assertThat(stand.elevationDeg()).isCloseTo(Math.toDegrees(Math.asin(1.1825 / stand.distanceM())), within(1e-9));
        assertThat(stand.groundDistanceM())
                .isCloseTo(Math.sqrt(stand.distanceM() * stand.distanceM() - 1.1825 * 1.1825), within(1e-9));
    }

    @Test
    void a_camera_farther_above_its_aim_than_it_is_away_is_out_of_reach() {
        Shot shot = sample.shot(action, one -> one);
        Plan plan = sample.build();
        double distance = Stand.of(plan, shot).distanceM();

        assertThat(Stand.of(plan, shot.with("cameraHeightM", 1.3175 + distance - 1e-6))
                        .reachable())
                .isTrue();
        Shot tooHigh = shot.with("cameraHeightM", 1.3175 + distance + 1e-3);
        Finding finding = new OutOfReach().judge(plan, tooHigh).orElseThrow();
        assertThat(finding.measured().limit()).isCloseTo(distance, within(1e-9));
        assertThat(new OutOfReach().judge(plan, shot)).isEmpty();
    }

    @Test
    void room_is_measured_along_the_ground_and_the_mend_is_a_lens_that_fits() {
        Shot shot = sample.shot(action, one -> one.with("size", Size.WIDE).with("focalLengthMm", 85.0));
        Plan plan = sample.build();
        double needed = Stand.of(plan, shot).groundDistanceM();
        var spot = plan.spotOf(action);
        Plan exact = plan.apply(Change.set(spot, "roomM", needed));
        Plan tight = plan.apply(Change.set(spot, "roomM", needed - 0.001));

        assertThat(new TightRoom().judge(exact, shot)).isEmpty();
        Finding finding = new TightRoom().judge(tight, shot).orElseThrow();
        assertThat(finding.mends()).first().satisfies(mend -> {
            assertThat(mend.label()).isEqualTo("Take the 50 mm");
            assertThat(new TightRoom().judge(tight.apply(mend.change()), shot.with("focalLengthMm", 50.0)))
                    .isEmpty();
        });
    }

    @Test
    void a_focus_mark_nearer_than_the_lens_allows_is_too_close() {
        Shot shot = sample.shot(
                action, one -> one.with("size", Size.EXTREME_CLOSE_UP).with("focalLengthMm", 24.0));
        Plan plan = sample.build();
        Stand stand = Stand.of(plan, shot);
        double mark = stand.sensor().focusMarkM(24, stand.framing().heightM());
        var lens = plan.lenses().get(0);

        assertThat(new TooClose().judge(plan.apply(Change.set(lens, "nearLimitM", mark)), shot))
                .isEmpty();
        Finding finding = new TooClose()
                .judge(plan.apply(Change.set(lens, "nearLimitM", mark + 0.001)), shot)
                .orElseThrow();
        assertThat(finding.mends()).extracting(mend -> mend.label()).containsExactly("Take the 35 mm", "Punch in 1.1×");
    }

    @Test
    void numbers_follow_from_cut_and_action() {
        Action once = sample.action(one -> one.with("once", true).with("durationS", 30.0));
        Shot shot = sample.shot(once, one -> one.with("captureRate", FrameRate.of(48)));
        sample.use(shot);
        ShotNumbers numbers = ShotNumbers.of(sample.build(), shot);

        assertThat(numbers.hold().cleanS()).isEqualTo(30);
        assertThat(numbers.usableScreenS()).isEqualTo(60);
        assertThat(numbers.screenS()).isEqualTo(1);
        assertThat(numbers.shutter()).hasToString("1/100");
        assertThat(numbers.shotTimeS()).isEqualTo(2 * (3 + 30 + 2));
    }
}
