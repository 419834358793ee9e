package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Standing;

class ShadowsTest {

    private final SamplePlan sample = new SamplePlan();

    /** A post of a metre square between (2, 2) and (3, 3), two metres high, in a yard without walls. */
    private FloorPlan yard(double heightM) {
        Plan plan = sample.build();
        plan = plan.apply(new Change.Add(new Standing(
                sample.id(),
                sample.nextSpot(),
                1,
                "post",
                Standing.Kind.FURNITURE,
                Outline.parse("2 2, 3 2, 3 3, 2 3"),
                heightM,
                "",
                "")));
        return FloorPlan.of(plan, plan.spots().get(1));
    }

    @ParameterizedTest
    @CsvSource({
        // The sun at 45° stands to the right: two metres of shadow to the left, from 3 to 0.
        "0.1, 2.5, true",
        "-0.1, 2.5, false",
        "2.5, 2.5, true",
        "3.1, 2.5, false",
        "1, 3.1, false",
        "1, 1.9, false"
    })
    void a_shadow_falls_away_from_the_sun_as_far_as_the_height_over_the_tangent(
            double across, double deep, boolean covered) {
        assertThat(new Shadows(yard(2), 45, 90).cover(new Corner(across, deep))).isEqualTo(covered);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 20, true", "0.49, 20, false"})
    void half_a_degree_is_the_last_that_throws_any(double altitude, double deep, boolean covered) {
        assertThat(new Shadows(yard(2), altitude, 0).cover(new Corner(2.5, -deep)))
                .isEqualTo(covered);
    }

    @ParameterizedTest
    @CsvSource({"3.9, true", "4.1, false", "2.1, true"})
    void a_wall_throws_one_too(double across, boolean covered) {
        Plan plan = sample.build();
        UUID yard = sample.nextSpot();
        plan = plan.apply(Change.batch(List.of(
                new Change.Add(new FloorCorner(sample.id(), yard, 1, 2, 0, 2, false)),
                new Change.Add(new FloorCorner(sample.id(), yard, 2, 2, 10, 0, false)),
                new Change.Add(new FloorCorner(sample.id(), yard, 3, 20, 10, 0, false)),
                new Change.Add(new FloorCorner(sample.id(), yard, 4, 20, 0, 0, false)))));

        // Two metres high along across 2, the sun at 45° to the left of it: two metres of shadow to the right.
        assertThat(new Shadows(FloorPlan.of(plan, plan.spots().get(1)), 45, 270).cover(new Corner(across, 5)))
                .isEqualTo(covered);
    }

    @Test
    void lower_sun_makes_longer_shadows() {
        // 2 / tan 26.565° is four metres.
        List<Corner> outline = new Shadows(yard(2), Math.toDegrees(Math.atan(0.5)), 0)
                .outlines()
                .get(0);
        assertThat(outline.stream().mapToDouble(Corner::deepM).min().orElseThrow())
                .isCloseTo(-2, within(1e-9));
        assertThat(outline.stream().mapToDouble(Corner::deepM).max().orElseThrow())
                .isCloseTo(3, within(1e-9));
    }

    @Test
    void a_slanted_sun_shears_it() {
        // From the front right at 45°: away is to the left and back, 2 m along each axis' √2.
        double away = 2 / Math.sqrt(2);
        Shadows shadows = new Shadows(yard(2), 45, 135);
        assertThat(shadows.cover(new Corner(2.5 - away + 0.49, 2.5 + away + 0.49)))
                .isTrue();
        assertThat(shadows.cover(new Corner(2.5 - away - 0.51, 2.5 + away + 0.51)))
                .isFalse();
        assertThat(shadows.cover(new Corner(2.5 + away, 2.5 - away))).isFalse();
    }

    @Test
    void what_is_flat_casts_none_and_at_night_there_is_none() {
        assertThat(new Shadows(yard(0), 45, 90).outlines()).isEmpty();
        assertThat(new Shadows(yard(2), -3, 90).outlines()).isEmpty();
    }
}
