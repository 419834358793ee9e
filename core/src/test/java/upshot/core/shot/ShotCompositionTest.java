package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Caution;
import upshot.core.plan.Cautions;
import upshot.core.plan.Device;
import upshot.core.plan.Devices;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Viewpoint;

/** One move a shot, a level horizon, no camera in the mirror, the empty frame round what comes and goes. */
class ShotCompositionTest extends ShotOnSample {

    @Test
    void two_moves_or_a_zoom_are_watched_and_each_mend_leaves_one_move() {
        Shot shot = shot(
                one -> one,
                one -> one.with("move", Move.PUSH).with("alsoMove", Move.PAN).with("zooms", true));
        Plan plan = sample.build();
        Finding finding = new OneMove().judge(plan, shot).orElseThrow();

        assertThat(finding.measured().value()).isEqualTo(3);
        assertThat(finding.mends())
                .extracting(mend -> mend.label())
                .containsExactly("No zoom", "Only push in", "Only pan");
        Plan calm = mended(plan, finding, 0);
        assertThat(new OneMove()
                        .judge(calm, again(calm, shot))
                        .orElseThrow()
                        .measured()
                        .value())
                .isEqualTo(2);
        Plan panned = mended(calm, new OneMove().judge(calm, again(calm, shot)).orElseThrow(), 1);
        assertThat(again(panned, shot).move()).isEqualTo(Move.PAN);
        assertThat(new OneMove().judge(panned, again(panned, shot))).isEmpty();
    }

    @Test
    void following_a_mover_may_do_more_and_a_second_move_of_a_still_camera_is_the_only_one() {
        Shot shot = shot(one -> one, one -> one.with("move", Move.PUSH).with("alsoMove", Move.PAN));
        Plan plan = sample.build();

        assertThat(status(new OneMove(), plan, shot)).contains(Status.WATCH);
        assertThat(status(new OneMove(), plan, shot.with("move", Move.FOLLOW))).isEmpty();
        assertThat(status(new OneMove(), plan, shot.with("reason", MoveReason.FOLLOWS)))
                .isEmpty();
        assertThat(status(new OneMove(), plan, shot.with("move", Move.STILL))).isEmpty();
        assertThat(status(new OneMove(), plan, shot.with("move", Move.STILL).with("zooms", true)))
                .contains(Status.WATCH);
    }

    @ParameterizedTest
    @CsvSource({"0, false", "1, false", "-1, false", "1.01, true", "-1.01, true", "30, true"})
    void a_horizon_is_off_past_one_degree_unless_it_is_meant(double roll, boolean off) {
        Shot shot = shot(one -> one, one -> one.with("rollDeg", roll));
        Plan plan = sample.build();

        assertThat(new Level().judge(plan, shot).isPresent()).isEqualTo(off);
        assertThat(new Level().judge(plan, shot.with("rollMeant", true))).isEmpty();
        new Level().judge(plan, shot).ifPresent(finding -> {
            for (int mend : new int[] {0, 1}) {
                Plan mended = mended(plan, finding, mend);
                assertThat(new Level().judge(mended, again(mended, shot))).isEmpty();
            }
        });
    }

    @Test
    void a_mirror_shows_the_camera_within_half_its_field_and_half_an_operator() {
        Shot shot = shot(
                one -> one,
                one -> one.with("devices", Devices.of(Device.REFLECTION))
                        .with("bearingDeg", 0.0)
                        .with("cameraHeightM", 1.32));
        Plan plan = sample.build();
        Finding square = new InTheMirror().judge(plan, shot).orElseThrow();
        // Half of 28.0°, and a quarter of a metre seen from twice 3.39 m of stand and 3 m of background.
        double limit = 27.97 / 2 + Math.toDegrees(Math.atan(0.25 / (2 * (3.389 + 3))));

        assertThat(square.measured().limit()).isCloseTo(limit, within(0.05));
        assertThat(status(new InTheMirror(), plan, shot.with("bearingDeg", 15.0)))
                .contains(Status.WATCH);
        assertThat(status(new InTheMirror(), plan, shot.with("bearingDeg", 165.0)))
                .contains(Status.WATCH);
        assertThat(status(new InTheMirror(), plan, shot.with("bearingDeg", 15.3)))
                .isEmpty();
        assertThat(status(new InTheMirror(), plan, shot.with("devices", Devices.NONE)))
                .isEmpty();
        // Looking down steeper than half the frame's height the image is above it.
        assertThat(status(new InTheMirror(), plan, shot.with("cameraHeightM", 2.5)))
                .isEmpty();
        Plan mended = mended(plan, square, 0);
        assertThat(new InTheMirror().judge(mended, again(mended, shot))).isEmpty();
    }

    @Test
    void a_pane_halfway_shows_it_like_a_mirror() {
        Shot shot = shot(
                one -> one,
                one -> one.with("viewpoint", Viewpoint.INSIDE_OUT)
                        .with("bearingDeg", 10.0)
                        .with("cameraHeightM", 1.32));

        assertThat(status(new InTheMirror(), sample.build(), shot)).contains(Status.WATCH);
        assertThat(status(new InTheMirror(), sample.build(), shot.with("bearingDeg", 60.0)))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void who_comes_or_goes_is_given_a_second_of_empty_frame_each_time(FrameUse use) {
        Shot shot = shot(
                one -> one, one -> one.with("captureRate", FrameRate.of(24)).with("frameUse", use));
        double clean = ShotNumbers.of(sample.build(), shot).hold().cleanS();
        double empty = switch (use) {
            case STAYS -> 0;
            case ENTERS, LEAVES -> 1;
            case PASSES, STEPS_OVER -> 2;
        };

        assertThat(clean).isEqualTo(10 + empty);
    }

    @ParameterizedTest
    @CsvSource({"OVERHEAD, OVERHEAD_RIG", "DRONE, DRONE", "MOUNT, VEHICLE", "TRIPOD, ''"})
    void cautions_come_from_action_spot_shot_and_support(Support support, String raised) {
        Shot shot = shot(
                one -> one.with("cautions", Cautions.of(Caution.FIRE)),
                one -> one.with("support", support).with("cautions", Cautions.of(Caution.LOUD)));
        Plan plan = spot(sample.build(), shot, "hazards", Cautions.of(Caution.CABLES, Caution.FIRE));

        assertThat(RaisedCautions.of(plan, shot))
                .isEqualTo(
                        Cautions.of(Caution.FIRE, Caution.LOUD, Caution.CABLES).and(Cautions.parse(raised)));
    }

    @Test
    void what_a_transition_asks_is_on_both_shots() {
        Shot out = shot(one -> one, one -> one);
        Shot into = shot(one -> one, one -> one);
        sample.use(out);
        sample.use(into, Entry.WHIP);
        sample.use(out, Entry.DISSOLVE);
        Plan plan = sample.build();

        assertThat(ReadyChecks.of(plan, out)).contains("It ends with a whip", "Seconds to blend where it begins");
        assertThat(ReadyChecks.of(plan, into)).contains("It begins with a whip", "Seconds to blend where it ends");
        assertThat(AskedByTheCut.of(plan, shot(one -> one, one -> one))).isEmpty();
    }
}
