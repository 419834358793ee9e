package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.house.ShutterSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Change;
import upshot.core.plan.Lamps;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

/** Light, lamps and shutter: violated, kept, exactly on the bound, and where the rules have nothing to say. */
class ShotLightTest extends ShotOnSample {

    @Test
    void light_is_enough_just_short_or_far_too_little() {
        Shot shot = shot(one -> one, one -> one.with("captureRate", FrameRate.of(120)));
        Plan plan = sample.build();
        double needed = Exposing.of(plan, shot).needed().lux();

        assertThat(status(new TooDark(), spot(plan, shot, "lux", needed), shot)).isEmpty();
        assertThat(status(new TooDark(), spot(plan, shot, "lux", needed * 0.99), shot))
                .contains(Status.WATCH);
        assertThat(status(new TooDark(), spot(plan, shot, "lux", needed / 4), shot))
                .contains(Status.WATCH);
        assertThat(status(new TooDark(), spot(plan, shot, "lux", needed / 4.01), shot))
                .contains(Status.BREAK);
    }

    @Test
    void the_ladder_gives_the_stops_in_order_and_its_rungs_make_it_bright_enough() {
        Shot shot = shot(one -> one, one -> one.with("captureRate", FrameRate.of(25)));
        Plan dark = spot(spot(sample.build(), shot, "lamps", Lamps.NONE), shot, "lux", 12.0);
        List<ExposureLadder.Rung> rungs =
                ExposureLadder.brighter(dark, shot, Exposing.of(dark, shot).missingStops());

        assertThat(rungs).extracting(ExposureLadder.Rung::label).satisfies(labels -> {
            assertThat(labels.get(0)).startsWith("Shutter 1/");
            assertThat(labels.get(1)).startsWith("Open to f/1.8, sharp ");
            assertThat(labels.get(2)).startsWith("ISO ");
        });
        Plan bright = dark.apply(Change.batch(
                rungs.stream().flatMap(rung -> rung.change().stream()).toList()));
        assertThat(Exposing.of(bright, again(bright, shot)).missingStops()).isLessThan(0.02);
        assertThat(ExposureLadder.brighter(dark, shot, 0)).isEmpty();
    }

    @Test
    void the_ladder_ends_with_lamps_when_the_camera_has_no_more() {
        Shot shot = shot(one -> one, one -> one);
        Plan plan = sample.build();

        assertThat(ExposureLadder.brighter(plan, shot, 12))
                .last()
                .satisfies(rung -> assertThat(rung.label()).endsWith("stops of lamps"));
    }

    @Test
    void lamps_pulse_at_120_and_each_mend_ends_it() {
        Shot shot = shot(one -> one, one -> one.with("captureRate", FrameRate.of(120)));
        Plan plan = sample.build();
        Finding finding = new LampFlicker().judge(plan, shot).orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.BREAK);
        assertThat(finding.sentence()).contains("beat 4 times a second");
        assertThat(finding.mends()).extracting(Mend::label).containsExactly("Lamps off", "50 frames a second");
        for (int mend = 0; mend < finding.mends().size(); mend++) {
            Plan mended = mended(plan, finding, mend);
            assertThat(new LampFlicker().judge(mended, again(mended, shot))).isEmpty();
        }
    }

    @Test
    void a_safe_shutter_is_offered_where_there_is_one_and_daylight_has_none_to_say() {
        Shot shot = shot(one -> one, one -> one.with("shutterPerS", Optional.of(48.0)));
        Plan plan = sample.build();
        Finding finding = new LampFlicker().judge(plan, shot).orElseThrow();

        assertThat(finding.mends()).extracting(Mend::label).startsWith("Shutter 1/100", "Shutter 1/50");
        assertThat(status(new LampFlicker(), spot(plan, shot, "outdoors", true), shot))
                .isEmpty();
        assertThat(status(new LampFlicker(), spot(plan, shot, "lamps", Lamps.FLICKER_FREE), shot))
                .isEmpty();
        assertThat(status(new LampFlicker(), plan, shot.with("lampsOff", true))).isEmpty();
        Plan sixty = spot(plan, shot, "mainsHz", 60);
        assertThat(status(new LampFlicker(), sixty, shot)).isEmpty();
        assertThat(status(new LampFlicker(), sixty, shot.with("shutterPerS", Optional.of(240.0))))
                .contains(Status.WATCH);
    }

    @ParameterizedTest
    @CsvSource({
        "HALF_OPEN, false, 76.46, ''",
        "HALF_OPEN, false, 76.47, WATCH",
        "HALF_OPEN, false, 30.21, ''",
        "HALF_OPEN, false, 30.20, WATCH",
        "FREE, false, 500, ''",
        "FREE, true, 144, ''",
        "FREE, true, 144.1, WATCH",
        "FREE, true, 23.9, BREAK",
        "CRISP, false, 48, ''"
    })
    void movement_smears_as_the_school_wants(ShutterSchool school, boolean moves, double perSecond, String expected) {
        Shot shot = shot(
                one -> one.with("line", Line.NONE),
                one -> one.with("shutterPerS", Optional.of(perSecond)).with("move", moves ? Move.PAN : Move.STILL));
        Plan plan = sample.build();
        Plan house = plan.apply(Change.batch(
                plan.house().shutter() == school ? List.of() : List.of(Change.set(plan.house(), "shutter", school))));

        assertThat(status(new ShutterLook(), house, shot).map(Status::name).orElse(""))
                .isEqualTo(expected);
    }

    @Test
    void what_is_quick_is_shot_crisp_and_held_to_it() {
        Shot shot = shot(one -> one.with("quick", true).with("line", Line.NONE), one -> one);
        Plan plan = sample.build();
        Plan crisp = plan.apply(Change.set(plan.house(), "shutter", ShutterSchool.CRISP));

        assertThat(Exposing.shutter(crisp, shot).angleDeg(FrameRate.of(24))).isBetween(90.0, 120.0);
        assertThat(new ShutterLook().judge(crisp, shot)).isEmpty();
        assertThat(status(new ShutterLook(), crisp, shot.with("shutterPerS", Optional.of(48.0))))
                .contains(Status.WATCH);
    }

    @Test
    void too_many_stops_go_into_nd_before_the_shutter_is_touched() {
        Shot shot = shot(
                one -> one.with("spotId", sample.nextSpot()),
                one -> one.with("apertureN", 8.0).with("iso", 400));
        Plan plan = sample.build();
        Plan kit = plan.apply(Change.batch(List.of(
                new Change.Add(new NdFilter(sample.id(), "ND 0.9", 1, 3)),
                new Change.Add(new NdFilter(sample.id(), "ND 1.8", 2, 6)))));

        assertThat(DarkeningLadder.of(kit, shot, 6))
                .extracting(ExposureLadder.Rung::label)
                .containsExactly("ND 1.8, 6 stops");
        // Five: the three-stop filter, 1/50 to 1/80, f/8 to f/11, ISO 400 to 320; a twelfth of a stop has no mark.
        assertThat(DarkeningLadder.of(kit, shot, 5))
                .extracting(rung -> Math.round(rung.stops() * 1000) / 1000.0)
                .containsExactly(3.0, 0.678, 0.919, 0.322, 0.081);
        // Without filters: 1/80, f/16, ISO 400 down to the body's lowest, then more ND.
        double iso = Math.log(400.0 / plan.bodies().get(0).lowestIso()) / Math.log(2);
        List<ExposureLadder.Rung> bare = DarkeningLadder.of(plan, shot, 8);
        assertThat(bare)
                .extracting(ExposureLadder.Rung::label)
                .last()
                .asString()
                .endsWith("more of ND");
        assertThat(bare.stream().mapToDouble(ExposureLadder.Rung::stops).sum()).isCloseTo(8, within(1e-9));
        assertThat(bare.get(bare.size() - 1).stops())
                .isCloseTo(8 - Math.log(1.6) / Math.log(2) - 2 - iso, within(1e-6));
        assertThat(DarkeningLadder.of(plan, shot, 0)).isEmpty();
        Plan dark = kit.apply(Change.batch(DarkeningLadder.of(kit, shot, 5).stream()
                .flatMap(rung -> rung.change().stream())
                .toList()));
        assertThat(Exposing.of(dark, again(dark, shot)).needed().lux())
                .isCloseTo(Exposing.of(kit, shot).needed().lux() * 32, withinPercentage(8));
    }

    @Test
    void what_is_too_dark_takes_its_nd_off_first_and_every_rung_is_a_mark_of_the_camera() {
        Shot shot = shot(
                one -> one,
                one -> one.with("captureRate", FrameRate.of(25))
                        .with("ndStops", 6.0)
                        .with("iso", 800));
        Plan plan = spot(sample.build(), shot, "lamps", Lamps.NONE);

        assertThat(ExposureLadder.brighter(plan, shot, 6))
                .extracting(ExposureLadder.Rung::label)
                .containsExactly("ND off");
        // Four and a half more: 1/50 to 1/40 (1/30 is over two thirds of a stop), f/2.8 to f/1.8, and 2.9 of ISO.
        assertThat(ExposureLadder.brighter(plan, shot, 10.5))
                .extracting(rung -> rung.label().replaceAll(", .*", ""))
                .containsExactly("ND off", "Shutter 1/40", "Open to f/1.8", "ISO 6400");
        Plan weaker = plan.apply(new Change.Add(new NdFilter(sample.id(), "ND 0.9", 1, 3)));
        assertThat(ExposureLadder.brighter(weaker, shot, 2))
                .extracting(ExposureLadder.Rung::label)
                .containsExactly("ND of 3 stops instead");
    }

    @Test
    void a_close_up_glass_takes_no_light() {
        Shot shot = shot(
                one -> one, one -> one.with("insertHeightM", Optional.of(0.05)).with("size", Size.INSERT));
        Plan plan = sample.build();

        // 14 mm of sensor for 50 mm of frame: m = 0.28, (1 + m)² = 1.64 as much light as from far away.
        double bare = Exposing.of(plan, shot).needed().lux();
        double far =
                Exposing.of(plan, shot.with("size", Size.EXTREME_WIDE)).needed().lux();
        assertThat(bare / far).isCloseTo(1.28 * 1.28, withinPercentage(1));
        // Behind +4 the lens is set to x = (14 − 50·50·0.004)/(50·(50 + 14)) of 1/mm, and drawn out by f·x/(1 − f·x).
        double x = (14 - 50 * 50 * 0.004) / (50 * (50 + 14));
        double drawn = 50 * x / (1 - 50 * x);
        assertThat(Exposing.of(plan, shot.with("dioptrePerM", 4.0)).needed().lux() / far)
                .isCloseTo((1 + drawn) * (1 + drawn), withinPercentage(1));
    }
}
