package upshot.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.RoundingMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FrameRateTest {

    @ParameterizedTest
    @CsvSource({
        "24,24,1",
        "23.976,24000,1001",
        "23.98,24000,1001",
        "29.97,30000,1001",
        "30000/1001,30000,1001",
        "48/2,24,1"
    })
    void parse_reads_rates_exactly(String text, int numerator, int denominator) {
        assertThat(FrameRate.parse(text)).isEqualTo(new FrameRate(numerator, denominator));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "-24", "24/0", "24.5", "1001", "fast", "99999999999", "1/2"})
    void parse_refuses_what_is_no_rate(String text) {
        assertThatThrownBy(() -> FrameRate.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void an_hour_of_broadcast_frames_has_no_drift() {
        FrameRate rate = FrameRate.parse("29.97");

        assertThat(rate.framesIn(3600, RoundingMode.FLOOR)).isEqualTo(107_892);
        assertThat(rate.secondsOf(30_000L * 3600)).isEqualTo(1001.0 * 3600);
    }

    @Test
    void frames_round_as_asked() {
        FrameRate rate = FrameRate.of(24);

        assertThat(rate.framesIn(0.75, RoundingMode.CEILING)).isEqualTo(18);
        assertThat(rate.framesIn(0.76, RoundingMode.FLOOR)).isEqualTo(18);
        assertThat(rate.framesIn(0.76, RoundingMode.CEILING)).isEqualTo(19);
    }

    @Test
    void one_rate_over_another_and_their_labels() {
        assertThat(FrameRate.of(120).over(FrameRate.of(24))).isEqualTo(5);
        assertThat(FrameRate.parse("23.976").label()).isEqualTo("23.976");
        assertThat(FrameRate.parse("59.94").label()).isEqualTo("59.94");
        assertThat(FrameRate.parse("24000/1001").toString()).isEqualTo("24000/1001");
        assertThat(FrameRate.of(24)).isGreaterThan(FrameRate.parse("23.976"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"16:9", "9:16", "1:1", "4:5", "2.39:1", "1.85:1", "2.35:1"})
    void a_shape_reads_back_as_it_is_written(String text) {
        assertThat(Aspect.parse(text)).hasToString(text);
        assertThat(Aspect.parse(Aspect.parse(text).toString())).isEqualTo(Aspect.parse(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"16", "0:9", "9:100", "a:b", "1:2:3", "-1:1"})
    void no_shape_is_refused(String text) {
        assertThatThrownBy(() -> Aspect.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }
}
