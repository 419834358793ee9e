package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Dioptre;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.Size;

/** Every rule on a shot: violated, kept, exactly on its bound, and where it has nothing to say. */
class ShotFindingsTest extends ShotOnSample {

    @Test
    void a_mover_is_gone_before_the_use_is_over() {
        Shot shot = shot(
                one -> one.with("speedMps", 2.0),
                one -> one.with("bearingDeg", 90.0).with("size", Size.WIDE));
        Plan plan = sample.build();
        double crossing = Moving.each(plan, shot).get(0).crossingS();
        // F 4.25 m in 16:9, half of it at 2 m/s: 1.89 s, and an unused shot counts two seconds.
        assertThat(crossing).isCloseTo(1.889, within(0.001));
        Finding finding = new QuickCrossing().judge(plan, shot).orElseThrow();
        assertThat(finding.status()).isEqualTo(Status.WATCH);
        // From a tripod it is not followed on foot. Further round by 20°, 1.889 s/sin 110° = 2.01 s.
        assertThat(finding.mends())
                .extracting(Mend::label)
                .containsExactly(
                        "Pan with it",
                        "Make it an extreme wide",
                        "From the right, 110°, more along its way",
                        "Slower, from 29.97 frames");

        assertThat(speed(plan, shot, 4.25 * 16 / 9 / 4)).isEmpty();
        assertThat(speed(plan, shot, 4.25 * 16 / 9 / 2)).contains(Status.WATCH);
        assertThat(speed(plan, shot, 4.25 * 16 / 9 / 2 + 0.01)).contains(Status.BREAK);
        assertThat(status(new QuickCrossing(), plan, shot.with("move", Move.FOLLOW)))
                .isEmpty();
    }

    private static Optional<Status> speed(Plan plan, Shot shot, double speed) {
        return status(new QuickCrossing(), plan.apply(Change.set(plan.actionOf(shot), "speedMps", speed)), shot);
    }

    @Test
    void somebody_who_walks_out_of_focus_has_to_be_followed_by_it() {
        Shot shot = shot(one -> one.with("speedMps", 1.2), one -> one.with("bearingDeg", 0.0));
        Plan plan = sample.build();
        Finding finding = new FocusPull().judge(plan, shot).orElseThrow();

        // From 3.39 m 2.4 m nearer in two seconds; sharp from 3.16 m.
        assertThat(finding.sentence()).isEqualTo("Pull from 3.39 m to 0.99 m in 2 s: sharp ends at 3.16 m.");
        double room = 3.389 - ShotNumbers.of(plan, shot).depth().nearM();
        assertThat(status(
                        new FocusPull(),
                        plan.apply(Change.set(plan.actionOf(shot), "speedMps", room / 2 - 0.005)),
                        shot))
                .isEmpty();
        assertThat(status(
                        new FocusPull(),
                        plan.apply(Change.set(plan.actionOf(shot), "speedMps", room / 2 + 0.005)),
                        shot))
                .contains(Status.WATCH);
    }

    @Test
    void a_pull_says_what_can_be_turned_and_nothing_of_who_passes_the_camera() {
        Shot shot = shot(one -> one.with("speedMps", 1.6), one -> one.with("bearingDeg", 0.0));
        Plan plan = sample.build();

        // 3.2 m in two seconds: 0.19 m before the lens, which has its mark at 0.3 m and farther.
        assertThat(new FocusPull().judge(plan, shot).orElseThrow().sentence())
                .isEqualTo("It comes up to the camera in 2 s; set the focus where it matters, sharp ends at 3.16 m.");
        assertThat(new FocusPull().judge(plan, shot.with("frameUse", FrameUse.STEPS_OVER)))
                .isEmpty();
        // An insert of 11 cm from 44 cm is sharp for ± 2.4 mm at f/1.8: 3 mm are not "from 0.44 m to 0.44 m".
        Shot close = shot.with("insertHeightM", Optional.of(0.11))
                .with("apertureN", 1.8)
                .with("size", Size.INSERT)
                .with("aimHeightM", Optional.of(shot.cameraHeightM()));
        Plan slow = plan.apply(Change.set(plan.actionOf(shot), "speedMps", 0.0015));
        assertThat(new FocusPull().judge(slow, close).orElseThrow().sentence())
                .startsWith("Pull from 0.44 m by 3 mm nearer in 2 s");
    }

    @Test
    void a_slider_moves_half_a_metre_a_second_and_a_pan_sixty_degrees() {
        Shot slide = shot(one -> one, one -> one.with("move", Move.SLIDE).with("support", Support.SLIDER));
        Plan plan = sample.build();

        assertThat(status(new MoveSpeed(), plan, slide.with("moveM", 1.0))).isEmpty();
        Finding fast = new MoveSpeed().judge(plan, slide.with("moveM", 1.01)).orElseThrow();
        assertThat(fast.mends()).extracting(Mend::label).containsExactly("Move 1 m");
        Shot pan = slide.with("move", Move.PAN).with("reason", MoveReason.FOLLOWS);
        assertThat(status(new MoveSpeed(), plan, pan.with("turnDeg", 120.0))).isEmpty();
        assertThat(status(new MoveSpeed(), plan, pan.with("turnDeg", 121.0))).contains(Status.BREAK);
        // Not following: smooth from 7·θ/28.0° on; two seconds allow 8.0°.
        Shot idle = pan.with("reason", MoveReason.NONE);
        assertThat(status(new MoveSpeed(), plan, idle.with("turnDeg", 7.9))).isEmpty();
        assertThat(status(new MoveSpeed(), plan, idle.with("turnDeg", 8.1))).contains(Status.WATCH);
        assertThat(status(new MoveSpeed(), plan, slide.with("move", Move.STILL).with("moveM", 9.0)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "LEFT_THIRD, 90, ''",
        "RIGHT_THIRD, 90, WATCH",
        "CENTRE, 90, ''",
        "LEFT_THIRD, 270, WATCH",
        "RIGHT_THIRD, 270, ''",
        "RIGHT_THIRD, 0, ''"
    })
    void there_is_room_ahead(Placement placement, double bearing, String expected) {
        Shot shot = shot(one -> one, one -> one.with("placement", placement).with("bearingDeg", bearing));
        Plan plan = sample.build();

        assertThat(status(new LeadRoom(), plan, shot).map(Status::name).orElse(""))
                .isEqualTo(expected);
        new LeadRoom().judge(plan, shot).ifPresent(finding -> {
            Plan mended = mended(plan, finding, 0);
            assertThat(new LeadRoom().judge(mended, again(mended, shot))).isEmpty();
        });
    }

    @Test
    void upright_pictures_keep_the_eye_from_under_the_buttons() {
        Shot close =
                shot(one -> one, one -> one.with("size", Size.EXTREME_CLOSE_UP).with("bearingDeg", 0.0));
        Plan wide = sample.build();
        Plan upright = wide.apply(Change.set(wide.brief(), "aspect", Aspect.parse("9:16")));
        Shot low = close.with("aimHeightM", Optional.of(1.0));

        assertThat(new SafeAreas().judge(wide, low)).isEmpty();
        assertThat(new SafeAreas().judge(upright, close.with("size", Size.MEDIUM)))
                .isEmpty();
        assertThat(status(new SafeAreas(), upright, low)).contains(Status.WATCH);
    }

    @Test
    void slowing_what_does_not_move_gains_nothing() {
        Shot shot = shot(one -> one.with("feature", true), one -> one.with("captureRate", FrameRate.of(60)));
        Plan plan = sample.build();

        assertThat(status(new StillSlowed(), plan, shot)).contains(Status.WATCH);
        assertThat(status(new StillSlowed(), plan, shot.with("captureRate", FrameRate.of(30))))
                .contains(Status.WATCH);
        assertThat(status(new StillSlowed(), plan, shot.with("captureRate", FrameRate.of(25))))
                .isEmpty();
        assertThat(status(new StillSlowed(), plan, shot.with("support", Support.HAND_HELD)))
                .isEmpty();
        assertThat(status(new StillSlowed(), plan, shot.with("move", Move.PUSH)))
                .isEmpty();
    }

    @Test
    void a_punch_in_has_the_pixels_that_were_recorded() {
        Shot shot = shot(one -> one, one -> one);
        Plan plan = sample.build();

        // 3840 × 2160 recorded, 1920 × 1080 delivered.
        assertThat(Recording.of(plan, shot).largestPunchIn()).isEqualTo(2);
        assertThat(status(new PunchedSoft(), plan, shot.with("punchIn", 2.0))).isEmpty();
        assertThat(status(new PunchedSoft(), plan, shot.with("punchIn", 2.01))).contains(Status.BREAK);
        // The camera steps back for what is cut out again: twice the frame through the same lens.
        assertThat(Stand.of(plan, shot.with("punchIn", 2.0)).distanceM())
                .isCloseTo(0.05 * (1870 / 14.0 + 1), within(0.001));
    }

    @Test
    void a_rate_that_no_mode_records_is_named_with_the_nearest() {
        Shot shot = shot(one -> one, one -> one.with("captureRate", FrameRate.of(240)));
        Plan plan = sample.build();

        assertThat(new NoSuchRate().judge(plan, shot).orElseThrow().mends())
                .extracting(Mend::label)
                .containsExactly("120 frames a second");
        assertThat(status(new NoSuchRate(), plan, shot.with("captureRate", FrameRate.of(60))))
                .isEmpty();
    }

    @Test
    void the_ceiling_and_the_support_bound_the_camera() {
        Shot shot = shot(one -> one, one -> one.with("cameraHeightM", 2.0).with("support", Support.HAND_HELD));
        Plan plan = sample.build();
        Plan low = spot(plan, shot, "ceilingM", Optional.of(2.3));
        Plan held = plan.apply(new Change.Add(new Carrier(sample.id(), "Grip", 1, Support.HAND_HELD, 0.4, 1.8, 0)));

        assertThat(status(new UnderTheCeiling(), plan, shot)).isEmpty();
        assertThat(status(new UnderTheCeiling(), low, shot)).isEmpty();
        assertThat(status(new UnderTheCeiling(), low, shot.with("cameraHeightM", 2.01)))
                .contains(Status.BREAK);
        assertThat(new UnderTheCeiling().judge(held, shot).orElseThrow().mends())
                .extracting(Mend::label)
                .containsExactly("Bring the camera to 1.8 m");
        assertThat(status(new UnderTheCeiling(), held, shot.with("cameraHeightM", 1.8)))
                .isEmpty();
        assertThat(status(new UnderTheCeiling(), held, shot.with("cameraHeightM", 0.39)))
                .contains(Status.BREAK);
    }

    @Test
    void what_is_too_close_is_mended_by_glass_or_a_punch_in() {
        Shot shot = shot(
                one -> one, one -> one.with("insertHeightM", Optional.of(0.10)).with("size", Size.INSERT));
        Plan bare = sample.build();
        Plan plan = bare.apply(Change.batch(List.of(
                new Change.Add(new Dioptre(sample.id(), "Close-up +2", 1, 2)),
                Change.set(bare.lenses().get(2), "nearLimitM", 0.5))));
        Finding finding = new TooClose().judge(plan, shot).orElseThrow();

        assertThat(finding.mends()).extracting(Mend::label).contains("Close-up +2");
        for (int mend = 0; mend < finding.mends().size(); mend++) {
            Plan mended = mended(plan, finding, mend);
            assertThat(new TooClose().judge(mended, again(mended, shot)))
                    .as(finding.mends().get(mend).label())
                    .isEmpty();
        }
        Finding wide = new TooClose()
                .judge(plan, shot.with("dioptrePerM", 2.0).with("size", Size.MEDIUM))
                .orElseThrow();
        assertThat(wide.title()).isEqualTo("Too wide for the close-up glass.");
    }

    @Test
    void a_card_holds_bit_rate_times_roll_times_takes() {
        Shot shot = shot(one -> one, one -> one);
        Plan plan = sample.build();
        Recording real = Recording.of(plan, shot);

        // 100 Mbit/s, 3 + 10 + 2 s, two takes: 375 MB; at 120 on 24 five times the bit rate, for 3 + 4 + 2 s.
        assertThat(real.megabytes()).isCloseTo(375, within(1e-9));
        assertThat(Recording.of(plan, shot.with("captureRate", FrameRate.of(120)))
                        .megabytes())
                .isCloseTo(100.0 / 8 * 9 * 2 * 5, within(1e-9));
        assertThat(real.batteryShare()).isCloseTo(30.0 / 60 / 90, within(1e-12));
    }
}
