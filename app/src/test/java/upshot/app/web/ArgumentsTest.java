package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalTime;
import java.util.Map;
import org.junit.jupiter.api.Test;
import upshot.core.plan.InvalidField;

class ArgumentsTest {

    @Test
    void a_time_needs_no_zero_in_front_and_must_be_of_a_day() {
        Arguments sent = new Arguments(Map.of("short", " 9:30 ", "long", "09:30", "late", "24:10"));
        assertThat(sent.time("short")).isEqualTo(LocalTime.of(9, 30)).isEqualTo(sent.time("long"));
        assertThatThrownBy(() -> sent.time("late"))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("“24:10” is no time of the day");
        assertThatThrownBy(() -> sent.time("missing")).isInstanceOf(InvalidField.class);
    }
}
