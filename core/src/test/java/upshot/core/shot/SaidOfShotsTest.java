package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.house.ShutterSchool;
import upshot.core.measure.Aspect;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Card;
import upshot.core.plan.Change;
import upshot.core.plan.Device;
import upshot.core.plan.Devices;
import upshot.core.plan.Lamps;
import upshot.core.plan.Line;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.ShutterScale;
import upshot.core.plan.Support;
import upshot.core.plan.Use;
import upshot.core.plan.Viewpoint;
import upshot.core.size.Size;

/**
 * What the rules on shots say, to the word and the figure, and what they offer. A medium of Ada, 0.935 m high, at 50 mm from
 * 3.388 m, the lens 1.5 m up: 3.384 m over the floor. What is in no cut counts two seconds of 24 frames.
 */
class SaidOfShotsTest extends ShotOnSample {

    private final Shot base = shot(one -> one, one -> one);
    private final Plan plan = sample.build();

    private Plan house(String field, Object value) {
        return plan.apply(Change.set(plan.house(), field, value));
    }

    @Test
    void where_buttons_and_captions_lie() {
        sample.brief("aspect", Aspect.parse("9:16"));
        Plan upright = sample.build();

        assertThat(said(new SafeAreas(), upright, base.with("aimHeightM", Optional.of(1.1))))
                .isEqualTo(
                        "WATCH Under the buttons. 5.5 of 14. The eye goes to 6 % from the top of an upright picture; 14 %"
                                + " are covered there. []");
        assertThat(said(new SafeAreas(), upright, base.with("aimHeightM", Optional.of(2.0))))
                .isEqualTo(
                        "WATCH Under the buttons. 6.152 of 22. The eye goes to 6 % from the bottom of an upright picture;"
                                + " 22 % are covered there. []");
        assertThat(said(new SafeAreas(), upright, base)).isEmpty();
        assertThat(said(new SafeAreas(), plan, base.with("aimHeightM", Optional.of(1.1))))
                .as("lying it has none")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // 3840 pixels for 1920.
                "2.5 | 1 | BREAK Softer than it is delivered. 2.5 of 2. A punch-in of 2.5× is wanted, the recorded picture has"
                        + " pixels for 2×. [Punch in 2×]",
                "1 | 2.5 | BREAK Softer than it is delivered. 2.5 of 2. A crop of 2.5× is wanted, the recorded picture has"
                        + " pixels for 2×. []",
                "1.5 | 1.5 | BREAK Softer than it is delivered. 2.25 of 2. A crop of 2.25× is wanted, the recorded picture has"
                        + " pixels for 2×. [Punch in 1.33×]",
                "2 | 1 | ''"
            })
    void more_is_cut_out_than_there_is(double punchIn, double crop, String said) {
        Use use = sample.use(base, 48);
        Plan used = sample.build().apply(Change.set(use, "cropZoom", crop));

        assertThat(said(new PunchedSoft(), crop == 1 ? plan : used, base.with("punchIn", punchIn)))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0.5 | 1 | 0.5 of 1. Each captured frame is shown 2 times: some have to be repeated or invented. [Play every frame]",
                "1.2 | 1 | 1.2 of 1. One of 1.2 captured frames is shown: movement goes in uneven steps. [Play every frame]",
                "2.2 | 2 | 2.2 of 2. One of 2.2 captured frames is shown: movement goes in uneven steps. [Play every second frame]",
                "-2.6 | -3 | 2.6 of 3. One of 2.6 captured frames is shown: movement goes in uneven steps. [Play every third frame]",
                "4.4 | 4 | 4.4 of 4. One of 4.4 captured frames is shown: movement goes in uneven steps. [Play every 4th frame]"
            })
    void uneven_steps_become_even_ones_the_same_way(double step, double even, String said) {
        Use use = sample.use(base, 48);
        Plan used = sample.build().apply(Change.set(use, "frameStep", step));

        assertThat(said(new UnevenSteps(), used, base)).isEqualTo("WATCH Uneven steps. " + said);
        assertThat(mended(used, new UnevenSteps().judge(used, base).orElseThrow(), 0)
                        .uses()
                        .get(0)
                        .frameStep())
                .isEqualTo(even);
    }

    @Test
    void light_comes_from_what_costs_least() {
        Plan lit = spot(spot(plan, base, "lux", 20.0), base, "lamps", Lamps.NONE);
        Shot dark = base.with("apertureN", 5.6).with("ndStops", 3.0).with("iso", 400);

        // 250 · 5.6² · 50 / 400 lx, times 8 for the filter, times 1.03 for so near a focus: log2(8077/20) = 8.66 stops.
        // Off come 3, 1/50 to 1/40 is 0.32, 5.6 to 1.8 is 3.27, so that 2.06 are left: ISO 400 to 1600 is 2, to 2000
        // 2.32.
        assertThat(said(new TooDark(), lit, dark))
                .isEqualTo(
                        "BREAK Too dark by 8.7 stops. 8076.538 of 20. 1/50 s at f/5.6 and ISO 400 wants 8077 lx, Hall has"
                                + " 20. [ND off, Shutter 1/40, 0.3 stops, Open to f/1.8, sharp 3.24 m to 3.55 m, ISO 2000]");
        assertThat(said(new TooDark(), spot(lit, base, "lux", 0.0), dark))
                .startsWith("BREAK No light at all.")
                .endsWith("[]");
        Plan filters = lit.apply(new Change.Add(new NdFilter(sample.id(), "ND 1", 1, 1)));
        // 3 stops and 1.5 missing: the weaker filter leaves two, which is enough.
        assertThat(ExposureLadder.brighter(filters, dark, 1.5))
                .extracting(ExposureLadder.Rung::label)
                .containsExactly("ND of 1 stop instead");
        assertThat(ExposureLadder.brighter(filters, dark, 2.1))
                .extracting(ExposureLadder.Rung::label)
                .containsExactly("ND off");
        assertThat(ExposureLadder.brighter(lit, base, 30))
                .extracting(ExposureLadder.Rung::label)
                .last()
                .asString()
                .endsWith(" of lamps");
    }

    @Test
    void a_body_that_counts_angles_is_given_angles() {
        Plan lit = spot(spot(plan, base, "lux", 20.0), base, "lamps", Lamps.NONE);
        Plan angles = lit.apply(Change.set(plan.bodies().get(0), "shutter", ShutterScale.ANGLES));

        // 180° at 24 frames are 1/48; 270° are 1/32, 0.58 of a stop more, 288° 0.68: the last within two thirds and a
        // little.
        assertThat(ExposureLadder.brighter(angles, base, 3))
                .extracting(ExposureLadder.Rung::label)
                .first()
                .isEqualTo("Shutter 1/30, 0.7 stops");
        assertThat(DarkeningLadder.of(angles, base, 3))
                .extracting(ExposureLadder.Rung::label)
                .first()
                .isEqualTo("Shutter 1/72, 0.6 stops");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "60 | BREAK Lamps pulse. 0.234 of 0.03. 60 frames at 1/125 under lamps on 50 Hz beat 8 times a second on"
                        + " screen. [Shutter 1/100, Lamps off, 50 frames a second]",
                "120 | BREAK Lamps pulse. 0.757 of 0.03. 120 frames at 1/250 under lamps on 50 Hz beat 4 times a second on"
                        + " screen. [Lamps off, 50 frames a second]",
                "24 | ''"
            })
    void lamps_that_pulse(int rate, String said) {
        Plan lamps = spot(spot(plan, base, "lamps", Lamps.FLICKERING), base, "lampsCanGoOff", true);

        assertThat(said(new LampFlicker(), lamps, base.with("captureRate", FrameRate.of(rate))))
                .isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "20 | TRAVEL | BREAK Shutter longer than a frame. 432 of 360. 1/20 at 24 frames smears over 432° of a shown"
                        + " frame; 360° is the bound. [The school's shutter]",
                "1000 | TRAVEL | WATCH Movement stutters. 8.64 of 60. 1/1000 at 24 frames smears over 9° of a shown frame; 60°"
                        + " is the bound. [The school's shutter]",
                "100 | NONE | WATCH Movement looks chopped. 86.4 of 113. 1/100 at 24 frames smears over 86° of a shown frame;"
                        + " 113° is the bound. [The school's shutter]",
                "25 | NONE | WATCH Movement smears. 345.6 of 286. 1/25 at 24 frames smears over 346° of a shown frame; 286° is"
                        + " the bound. [The school's shutter]",
                "50 | TRAVEL | ''"
            })
    void how_movement_smears(double perSecond, Line line, String said) {
        Plan strict =
                plan.house().shutter() == ShutterSchool.HALF_OPEN ? plan : house("shutter", ShutterSchool.HALF_OPEN);
        Plan lined = line == Line.TRAVEL ? strict : strict.apply(Change.set(plan.actionOf(base), "line", line));

        assertThat(said(new ShutterLook(), lined, base.with("shutterPerS", Optional.of(perSecond))))
                .isEqualTo(said);
    }

    @Test
    void a_shutter_that_nobody_set_has_nothing_to_be_set_back() {
        Plan free = house("shutter", ShutterSchool.FREE);
        Shot slow = base.with("captureRate", FrameRate.of(120));

        assertThat(said(new ShutterLook(), free, slow)).doesNotContain("The school's shutter");
    }

    @Test
    void no_room_ahead_and_no_room_to_stand_back() {
        assertThat(said(
                        new LeadRoom(),
                        plan,
                        base.with("placement", Placement.RIGHT_THIRD).with("bearingDeg", 90.0)))
                .isEqualTo(
                        "WATCH No room ahead. 33.333 of 55. It goes left to right and stands in the right third: 33 % of"
                                + " the picture lie ahead. [Place it in the left third]");
        // At 85 mm from 5.76 m; from 2.5 m it shows 0.398 m, and a close-up of 0.425 m wants 2.67 m.
        assertThat(said(new TightRoom(), spot(plan, base, "roomM", 2.5), base.with("focalLengthMm", 85.0)))
                .isEqualTo(
                        "BREAK Room is tight. 5.759 of 2.5. Hall gives 2.5 m, this stands 5.76 m away. [Take the 35 mm, Make"
                                + " it an extreme close-up]");
        // A wide of 4.25 m from 15.2 m; the 24 mm needs 7.3 m, and three show a medium at 0.83 m, which wants 3.38.
        assertThat(said(new TightRoom(), spot(plan, base, "roomM", 3.0), base.with("size", Size.WIDE)))
                .isEqualTo(
                        "BREAK Room is tight. 15.227 of 3. Hall gives 3 m, this stands 15.2 m away. [Make it a medium close]");
    }

    @Test
    void heights_that_nothing_reaches() {
        assertThat(said(new OutOfReach(), plan, base.with("cameraHeightM", 5.0).with("size", Size.CLOSE_UP)))
                .isEqualTo(
                        "BREAK Cannot be framed from there. 3.47 of 1.568. The lens frames this from 1.57 m, but the camera is"
                                + " 3.47 m above or below its aim. [Bring the camera to 1.53 m]");
        assertThat(said(
                        new UnderTheCeiling(),
                        spot(plan, base, "ceilingM", Optional.of(2.0)),
                        base.with("cameraHeightM", 1.95)))
                .isEqualTo(
                        "BREAK Under the ceiling. 1.95 of 1.7. The ceiling is at 2 m and the camera needs 0.3 m below it."
                                + " [Bring the camera to 1.7 m]");
        assertThat(said(new UnderTheCeiling(), plan, base.with("cameraHeightM", 2.5)))
                .isEqualTo(
                        "BREAK Past the support's reach. 2.5 of 1.9. A tripod holds the camera from 0.15 m to 1.9 m up."
                                + " [Bring the camera to 1.9 m]");
        assertThat(said(new UnderTheCeiling(), plan, base.with("cameraHeightM", 0.1)))
                .isEqualTo(
                        "BREAK Past the support's reach. 0.1 of 0.15. A tripod holds the camera from 0.15 m to 1.9 m up."
                                + " [Bring the camera to 0.15 m]");
    }

    @Test
    void what_sends_the_camera_back() {
        // Half of 28° and a quarter of a metre at twice 6.37 m, or at 3.37 m where the pane lies halfway.
        assertThat(said(
                        new InTheMirror(),
                        plan,
                        base.with("bearingDeg", 5.0).with("devices", Devices.of(Device.REFLECTION))))
                .isEqualTo(
                        "WATCH The camera is in the picture. 5 of 15.1. It looks at the mirror 5° off square; within 15° it"
                                + " shows the camera and its operator. [Shoot from the front, 20°]");
        assertThat(said(new InTheMirror(), plan, base.with("bearingDeg", 5.0).with("viewpoint", Viewpoint.INSIDE_OUT)))
                .isEqualTo(
                        "WATCH The camera is in the picture. 5 of 18.217. It looks at the pane 5° off square; within 18° it"
                                + " shows the camera and its operator. [Shoot from the front, 20°]");
    }

    @ParameterizedTest
    @CsvSource({
        "TRIPOD, 'Level, nothing loose'",
        "SLIDER, 'Level, nothing loose, in and out points set'",
        "HAND_HELD, 'Elbows in, turn the body and not the hands'",
        "GIMBAL, 'Balanced on all three axes with the motors off'",
        "OVERHEAD, 'Secondary fixing on, nobody under it'",
        "TURNTABLE, 'Level, turns without a wobble'",
        "MOUNT, 'Tied twice, checked after the first metres'",
        "DRONE, 'Air space and batteries looked at by the pilot'"
    })
    void what_is_looked_at_before_each_support(Support support, String first) {
        assertThat(ReadyChecks.of(plan, base.with("support", support))).first().isEqualTo(first);
    }

    @Test
    void what_is_looked_at_goes_by_what_is_used() {
        assertThat(ReadyChecks.of(plan, base))
                .contains("Lens and thing cleaned", "Sound: levels, wind, traffic")
                .doesNotContain("Lamps off")
                .noneMatch(check -> check.contains("varying"));
        Plan varies = plan.apply(Change.set(plan.bodies().get(0), "variableRate", true));
        assertThat(ReadyChecks.of(varies, base)).contains("Rate locked on the Body, not varying");
        Plan sounds = plan.apply(Change.batch(List.of(
                Change.set(plan.actionOf(base), "thing", "cup"), Change.set(plan.actionOf(base), "sound", "a sip"))));
        assertThat(ReadyChecks.of(sounds, base.with("lampsOff", true)))
                .contains("Lens and cup cleaned", "Lamps off")
                .anyMatch(check -> check.contains("a sip"));
    }

    @Test
    void what_a_shot_costs_in_card_and_battery() {
        Plan cards = plan.apply(new Change.Add(new Card(sample.id(), "128 GB", 1, 2, 128, 100)));
        double rollS = ShotNumbers.of(plan, base).hold().rollS() * base.takes();
        Recording recording = Recording.of(cards, base);

        // 100 Mbit/s are 12.5 MB for each second; read at 100 MB/s.
        assertThat(recording.megabytes()).isEqualTo(12.5 * rollS);
        assertThat(recording.copyMin()).isEqualTo(12.5 * rollS / 100 / 60);
        assertThat(Recording.of(plan, base).copyMin()).as("no card").isZero();
        assertThat(recording.batteryShare())
                .isEqualTo(rollS / 60 / plan.bodies().get(0).batteryMin());
    }
}
