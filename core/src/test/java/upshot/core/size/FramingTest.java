package upshot.core.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FramingTest {

    private static final Offset<Double> MILLIMETRE = within(0.001);
    private static final double WIDE_SCREEN = 16.0 / 9;
    private static final Extent STANDING = Extent.person(0, 1.70, Posture.STANDING, 0.5, 0.4);

    private static Framing framing(Size size, Extent extent, double bearing, double aspect) {
        Optional<Double> shown = size == Size.INSERT ? Optional.of(0.2) : Optional.empty();
        return Framing.of(size, extent, bearing, aspect, shown, Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({
        // k × 1.70 m, and k_c × 1.70 or crown − (1 − k_c) × 1.70
        "EXTREME_WIDE,10.2,2.04",
        "WIDE,4.25,1.275",
        "FULL,1.955,0.85",
        "MEDIUM_FULL,1.19,1.207",
        "MEDIUM,0.935,1.3175",
        "MEDIUM_CLOSE,0.646,1.428",
        "CLOSE_UP,0.425,1.53",
        "EXTREME_CLOSE_UP,0.204,1.581",
        "INSERT,0.2,0.85"
    })
    void a_standing_person_on_every_rung(Size size, double heightM, double aimM) {
        Framing framing = framing(size, STANDING, 0, WIDE_SCREEN);

        assertThat(framing.heightM()).isCloseTo(heightM, MILLIMETRE);
        assertThat(framing.aimM()).isCloseTo(aimM, MILLIMETRE);
    }

    @Test
    void full_figures_follow_the_posture_tighter_sizes_the_standing_height() {
        Extent seated = Extent.person(0.1, 1.70, Posture.SEATED, 0.5, 0.4);

        assertThat(seated.topM()).isCloseTo(1.409, MILLIMETRE);
        assertThat(seated.eyeLineM()).isCloseTo(1.409 - 0.1088, MILLIMETRE);
        assertThat(framing(Size.FULL, seated, 0, WIDE_SCREEN).heightM()).isCloseTo(1.15 * 1.309, MILLIMETRE);
        assertThat(framing(Size.MEDIUM, seated, 0, WIDE_SCREEN).heightM()).isCloseTo(0.935, MILLIMETRE);
        assertThat(framing(Size.MEDIUM, seated, 0, WIDE_SCREEN).aimM()).isCloseTo(1.409 - 0.3825, MILLIMETRE);
    }

    @Test
    void a_broad_person_in_a_tall_frame_needs_its_breadth() {
        Extent broad = Extent.person(0, 1.0, Posture.STANDING, 1.2, 0.4);

        assertThat(framing(Size.FULL, broad, 0, 9.0 / 16).heightM()).isCloseTo(1.1 * 1.2 * 16 / 9, MILLIMETRE);
        assertThat(framing(Size.FULL, broad, 90, 9.0 / 16).heightM()).isCloseTo(1.15, MILLIMETRE);
    }

    @Test
    void an_object_is_framed_by_its_larger_side_and_aimed_at_its_middle() {
        Extent table = Extent.object(0.5, 0.3, 1.6, 0.8);

        assertThat(framing(Size.MEDIUM, table, 0, WIDE_SCREEN).heightM()).isCloseTo(0.55 * 0.9, MILLIMETRE);
        assertThat(framing(Size.MEDIUM, table, 90, WIDE_SCREEN).heightM()).isCloseTo(0.55 * 0.45, MILLIMETRE);
        assertThat(framing(Size.MEDIUM, table, 0, WIDE_SCREEN).aimM()).isCloseTo(0.65, MILLIMETRE);
        assertThat(framing(Size.WIDE, table, 0, WIDE_SCREEN).aimM()).isCloseTo(0.5 + 0.75 * 0.3, MILLIMETRE);
    }

    @Test
    void upright_a_full_has_its_middle_a_little_higher() {
        assertThat(framing(Size.FULL, STANDING, 0, 9.0 / 16).aimM()).isCloseTo(0.53 * 1.70, MILLIMETRE);
        assertThat(framing(Size.WIDE, STANDING, 0, 9.0 / 16).aimM()).isCloseTo(0.75 * 1.70, MILLIMETRE);
    }

    @Test
    void a_given_aim_wins_and_an_insert_shows_its_thing_with_room() {
        Framing aimed = Framing.of(Size.CLOSE_UP, STANDING, 0, WIDE_SCREEN, Optional.empty(), Optional.of(1.0));

        assertThat(aimed.aimM()).isEqualTo(1.0);
        assertThat(Framing.insertHeightM(0.2)).isCloseTo(0.26, MILLIMETRE);
    }

    @ParameterizedTest
    @CsvSource({
        "0.349,0,LOW",
        "0.35,0,WAIST",
        "0.749,0,WAIST",
        "0.75,0,EYE",
        "1.05,0,EYE",
        "1.051,0,HIGH",
        "0.9,59.99,EYE",
        "0.9,60,OVERHEAD"
    })
    void heights_of_people_by_share_of_the_crown(double share, double elevationDeg, CameraHeight expected) {
        assertThat(CameraHeight.ofPerson(share, elevationDeg)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "1,-10.01,LOW",
        "1,-10,LEVEL",
        "1,15,LEVEL",
        "1,15.01,RAISED",
        "1,35,RAISED",
        "1,35.01,FROM_45",
        "1,59.99,FROM_45",
        "1,60,OVERHEAD",
        "0.349,40,LOW",
        "0.35,40,FROM_45"
    })
    void heights_of_things_by_how_steeply_one_looks(double cameraM, double elevationDeg, CameraHeight expected) {
        assertThat(CameraHeight.ofThing(cameraM, elevationDeg)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "2.5, WIDE",
        "0.55, MEDIUM",
        "0.62, MEDIUM",
        "0.621, MEDIUM_FULL",
        "9, EXTREME_WIDE",
        "0.01, EXTREME_CLOSE_UP"
    })
    void a_frame_is_called_by_the_nearest_rung_in_log_scale(double heights, Size expected) {
        // Between medium and medium full the middle is √(0.55 · 0.70) = 0.6205.
        assertThat(Size.nearest(heights)).isEqualTo(expected);
    }
}
