package upshot.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers and things in sentences. */
class WordingTest {

    @ParameterizedTest
    @CsvSource({"0, open hole, 0 open holes", "1, use, 1 use", "2, shot, 2 shots"})
    void one_is_one_and_everything_else_is_many(long count, String what, String said) {
        assertThat(Wording.count(count, what)).isEqualTo(said);
    }

    /** The subject's own left and right: at 90° its right side is seen, and who goes on goes from left to right. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "0; the front, 0°",
                "22; the front, 22°",
                "23; the front right, 23°",
                "90; the right, 90°",
                "180; behind, 180°",
                "-90; the left, -90°",
                "337; the front left, 337°",
                "338; the front, 338°"
            })
    void a_bearing_is_said_as_on_set(double bearing, String said) {
        assertThat(Wording.place(bearing)).isEqualTo(said);
    }

    /** The nearest of eighths and thirds of the way to behind; whichever way round is as far. */
    @ParameterizedTest
    @CsvSource({
        "0, straight on",
        "30, an eighth round",
        "-60, a third round",
        "300, a third round",
        "74, a third round",
        "76, half round",
        "225, three quarters round",
        "180, all the way round"
    })
    void how_far_round_is_said_in_parts(double bearing, String said) {
        assertThat(Wording.round(bearing)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"orbit, an orbit", "extreme wide, an extreme wide", "wide, a wide"})
    void an_stands_before_a_vowel(String what, String said) {
        assertThat(Wording.one(what)).isEqualTo(said);
    }
}
