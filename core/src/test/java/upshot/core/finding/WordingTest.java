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

    @ParameterizedTest
    @CsvSource({"orbit, an orbit", "extreme wide, an extreme wide", "wide, a wide"})
    void an_stands_before_a_vowel(String what, String said) {
        assertThat(Wording.one(what)).isEqualTo(said);
    }
}
