package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.verdict.Outlook;

class OutlookWordsTest {

    @Test
    void three_are_named_and_the_whole_cut_once() {
        assertThat(OutlookWords.of(new Outlook(
                        List.of("One pace in the whole cut", "Too long in the whole cut"),
                        List.of("Too alike at joint 2", "A at joint 3", "B at joint 4", "C at joint 5"))))
                .isEqualTo("Clears one pace, too long in the whole cut."
                        + " Raises too alike at joint 2, a at joint 3, b at joint 4 and 1 more.");
        assertThat(OutlookWords.of(new Outlook(List.of(), List.of("Too long in the whole cut"))))
                .isEqualTo("Raises too long in the whole cut.");
        assertThat(OutlookWords.of(new Outlook(List.of(), List.of()))).isEqualTo("Clears nothing by itself.");
    }
}
