package upshot.core.handoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.measure.FrameRate;

class TimeCodeTest {

    /** By hand: two numbers are left out in each of the first nine minutes, so 18 in ten and 108 in an hour. */
    @ParameterizedTest
    @CsvSource({
        "24,false,0,00:00:00:00",
        "24,false,86400,01:00:00:00",
        "24000/1001,false,86400,01:00:00:00",
        "25,false,24,00:00:00:24",
        "120,false,119,00:00:00:119",
        "30000/1001,true,1799,00:00:59;29",
        "30000/1001,true,1800,00:01:00;02",
        "30000/1001,true,17981,00:09:59;29",
        "30000/1001,true,17982,00:10:00;00",
        "30000/1001,true,107892,01:00:00;00",
        "60000/1001,true,3600,00:01:00;04",
        "60000/1001,true,215784,01:00:00;00",
        "30000/1001,false,1800,00:01:00:00"
    })
    void codes_of_frames(String rate, boolean drop, long frame, String code) {
        assertThat(TimeCode.of(frame, FrameRate.parse(rate), drop)).isEqualTo(code);
        assertThat(TimeCode.frame(code, FrameRate.parse(rate), drop)).isEqualTo(frame);
    }

    @Test
    void every_frame_of_two_hours_has_its_own_code() {
        FrameRate rate = FrameRate.parse("29.97");
        String before = "";
        for (long frame = 0; frame < 215_784; frame += 7) {
            String code = TimeCode.of(frame, rate, true);
            assertThat(code).isGreaterThan(before);
            assertThat(TimeCode.frame(code, rate, true)).isEqualTo(frame);
            before = code;
        }
    }

    @ParameterizedTest
    @CsvSource({
        "24,false,00:00:00:24",
        "24,false,24:00:00:00",
        "24,false,00:60:00:00",
        "24,false,1:00:00:00",
        "30000/1001,true,00:01:00;01",
        "24,false,noon"
    })
    void what_is_no_code_is_said(String rate, boolean drop, String code) {
        assertThatThrownBy(() -> TimeCode.frame(code, FrameRate.parse(rate), drop))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(code);
    }

    @Test
    void numbers_are_left_out_at_thirty_and_sixty_only() {
        assertThat(TimeCode.canDrop(FrameRate.parse("29.97"))).isTrue();
        assertThat(TimeCode.canDrop(FrameRate.parse("59.94"))).isTrue();
        assertThat(TimeCode.canDrop(FrameRate.parse("23.976"))).isFalse();
        assertThat(TimeCode.canDrop(FrameRate.of(30))).isFalse();
    }
}
