package upshot.core.optics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CloseUpTest {

    private static final Sensor SUPER_35 = Sensor.cropped(24.9, 14.0, 1, 24.9 / 14.0);

    @Test
    void a_glass_of_one_dioptre_maps_the_lens_s_limits() {
        assertThat(CloseUp.mappedM(0.914, 1)).isCloseTo(0.478, within(0.0005));
        assertThat(CloseUp.mappedM(Double.POSITIVE_INFINITY, 1)).isEqualTo(1.0);
    }

    /** Distance and lens invert each other: what the lens is set to frames what was asked for. */
    @RepeatedTest(60)
    void the_setting_frames_what_was_asked_for(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double focal = 20 + random.nextInt(120);
        double strength = 0.5 + random.nextDouble() * 4;
        double height = 0.02 + random.nextDouble() * 0.3;
        CloseUp through = CloseUp.of(SUPER_35, focal, height, strength);

        // The image behind lens and glass: 1/image = 1/f − x, magnification image/distance.
        double image = 1 / (1000 / focal - through.settingPerM());
        double magnification = image / through.distanceM();
        assertThat(magnification * height)
                .as("seed %d", run.getCurrentRepetition())
                .isCloseTo(0.014, within(1e-9));
    }

    @Test
    void too_wide_and_too_tight_have_their_bounds() {
        // x = 0 where s_h = F·f·P: F = 0.014/(0.05·2) = 0.14 m.
        assertThat(CloseUp.of(SUPER_35, 50, 0.139, 2).tooWide()).isFalse();
        assertThat(CloseUp.of(SUPER_35, 50, 0.141, 2).tooWide()).isTrue();
        assertThat(new CloseUp(1 / 0.45, 0.3).tooTight(0.45)).isFalse();
        assertThat(new CloseUp(1 / 0.45 + 1e-6, 0.3).tooTight(0.45)).isTrue();
    }

    @Test
    void a_background_far_enough_is_one_percent_soft() {
        Separation far = Separation.of(SUPER_35, 50, 2.8, 3.39);

        // At most 1.07 %, so one percent is reached at 3.39/(1 − 1/1.07).
        assertThat(far.kappa()).isCloseTo(1.07, within(0.005));
        assertThat(SUPER_35.backgroundBlurPercent(50, 2.8, 3.39, far.backgroundM()))
                .isCloseTo(1, within(1e-9));
        assertThat(Separation.of(SUPER_35, 50, 4, 3.39).reachable()).isFalse();
        assertThat(new Separation(1, 0).reachable()).isFalse();
        assertThat(new Separation(1.0001, 0).reachable()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "2.8, 0, 0, 240, 800, 588",
        "2.8, 0, 2, 240, 800, 2352",
        "2.8, 1, 0, 240, 800, 2352",
        "4, 0, 0, 50, 400, 500"
    })
    void light_for_an_exposure(
            double aperture, double magnification, double nd, double perSecond, double iso, double lux) {
        assertThat(NeededLight.of(aperture, magnification, nd, 1 / perSecond, iso)
                        .lux())
                .isCloseTo(lux, within(0.5));
    }

    @Test
    void missing_stops_are_doublings() {
        assertThat(new NeededLight(800).missingStops(200)).isCloseTo(2, within(1e-12));
        assertThat(new NeededLight(100).missingStops(400)).isCloseTo(-2, within(1e-12));
        assertThat(new NeededLight(100).missingStops(0))
                .as("as in a night without a moon, 0.0001 lx")
                .isCloseTo(6 * Math.log(10) / Math.log(2), within(1e-12));
    }

    @Test
    void set_to_infinity_the_glass_is_just_not_too_wide() {
        assertThat(new CloseUp(0, 0.5).tooWide()).isFalse();
        assertThat(new CloseUp(-1e-9, 0.5).tooWide()).isTrue();
    }
}
