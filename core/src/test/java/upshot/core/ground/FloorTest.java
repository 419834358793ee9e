package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Zones;

class FloorTest {

    /** An L: six metres across and five deep, without the far right quarter. */
    private static final Outline L = Outline.parse("0 0, 6 0, 6 2, 3 2, 3 5, 0 5");

    @ParameterizedTest
    @CsvSource({
        "1, 1, true",
        "5, 1, true",
        "5, 3, false",
        "1, 4.9, true",
        "3, 3, false",
        "6, 1, false",
        "-1, 1, false",
        "3, 2, false"
    })
    void a_point_is_inside_or_not_and_an_edge_is_outside(double across, double deep, boolean inside) {
        assertThat(Floor.isInside(L.corners(), new Corner(across, deep))).isEqualTo(inside);
    }

    @ParameterizedTest
    @CsvSource({"0, 4", "90, 5", "180, 1", "270, 1", "45, 1.41421356"})
    void the_wall_is_as_far_as_a_ruler_says(double bearing, double metres) {
        // From (1, 1): 4 m to the far wall, 5 m to the right one; at 45° the inner corner (3, 2) is missed.
        double expected = bearing == 45 ? Math.hypot(2, 2) : metres;
        assertThat(Floor.toWallM(L.corners(), new Corner(1, 1), bearing)).isCloseTo(expected, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({
        "2, 2, true",
        "3.9, 2, true",
        "4.1, 2, false",
        "1, 4.9, true",
        "1, 5.1, false",
        "3, 3, false",
        "0.5, 5.4, true",
        "0.5, 5.6, false"
    })
    void before_and_behind_a_slanted_wall(double across, double deep, boolean inside) {
        // Across and deep add up to six along it.
        assertThat(Floor.isInside(Outline.parse("0 0, 6 0, 0 6").corners(), new Corner(across, deep)))
                .isEqualTo(inside);
    }

    @ParameterizedTest
    @CsvSource({"0, 4", "90, 4", "45, 2.82842712", "60, 2.92820323", "180, 1", "225, 1.41421356"})
    void a_slanted_wall_is_as_far_as_its_sides_say(double bearing, double metres) {
        // From (1, 1): four along either axis, 4/√2 straight at it, 4/(sin 60° + cos 60°).
        assertThat(Floor.toWallM(Outline.parse("0 0, 6 0, 0 6").corners(), new Corner(1, 1), bearing))
                .isCloseTo(metres, within(1e-6));
    }

    @RepeatedTest(60)
    void whoever_goes_no_farther_than_the_wall_stays_inside(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Corner point = new Corner(0.1 + random.nextDouble() * 2.8, 0.1 + random.nextDouble() * 4.8);
        double bearing = random.nextDouble() * 360;
        double wall = Floor.toWallM(L.corners(), point, bearing);

        assertThat(Floor.isInside(L.corners(), Floor.from(point, bearing, wall * 0.999)))
                .as("seed %d", run.getCurrentRepetition())
                .isTrue();
        assertThat(Floor.isInside(L.corners(), Floor.from(point, bearing, wall + 0.001)))
                .isFalse();
    }

    @Test
    void outside_with_no_wall_ahead_nothing_stops_anybody() {
        assertThat(Floor.toWallM(L.corners(), new Corner(-1, 1), 270)).isInfinite();
        assertThat(Floor.toWallM(L.corners(), new Corner(-1, 1), 90)).isCloseTo(1, within(1e-9));
    }

    @Test
    void zones_are_read_and_written_and_refused_where_they_are_none() {
        Zones zones = Zones.parse("0 0, 1 0, 1 1 / 3 3, 4 3, 4 4");

        assertThat(zones.outlines()).hasSize(2);
        assertThat(Zones.parse(zones.toString())).isEqualTo(zones);
        assertThat(Zones.parse(" ")).isEqualTo(Zones.NONE);
        assertThatThrownBy(() -> Zones.parse("0 0, 1 0, 1 1 /")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Zones.parse("0 0, 1 0")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Zones.parse("0 0, 1 0, 1 1 /".repeat(21) + "0 0, 1 0, 1 1"))
                .hasMessageContaining("at most 20");
    }
}
