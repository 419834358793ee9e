package upshot.offload;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Cards, readers and copies that fail while an offload runs, or change afterwards. */
class FaultsTest extends OnDesk {

    @ParameterizedTest
    @ValueSource(longs = {0, 4_194_304, 8_388_608})
    void a_card_that_is_pulled_out_is_taken_up_where_it_was(long where) throws Exception {
        desk.fault = (file, content, at) -> {
            if (file.startsWith(desk.card) && file.endsWith("A_0001.MP4") && at >= where) {
                throw new IOException("Input/output error");
            }
            return content;
        };
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("could not be read at DCIM/100/A_0001.MP4: Input/output error");
        assertThat(Files.exists(desk.copy(desk.first).resolve("DCIM/100/A_0001.MP4")))
                .isFalse();
        desk.fault = (file, content, at) -> content;
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        accepted(desk.second);
        cardIsAsItWas();
    }

    @Test
    void what_is_copied_is_not_read_for_copying_again() {
        desk.fault = (file, content, at) -> {
            if (file.endsWith("A_0003.MP4")) {
                throw new IOException("Input/output error");
            }
            return content;
        };
        desk.offload();
        desk.opened.clear();
        desk.fault = (file, content, at) -> content;
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        assertThat(desk.opened.stream().filter(file -> file.startsWith(desk.card) && file.endsWith("A_0001.MP4")))
                .as("only to compare")
                .hasSize(1);
    }

    @Test
    void a_card_that_gives_less_than_it_said_is_caught() {
        desk.fault = (file, content, at) -> file.endsWith("A_0001.MP4") && at >= 8_000_000 ? new byte[0] : content;
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("has 9000001 bytes, and gave 8388608");
        cardIsAsItWas();
    }

    /** 1 while it is copied, 2 while it is compared. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void a_reader_that_changes_a_bit_is_caught(int reading) {
        int[] readings = new int[1];
        desk.fault = (file, content, at) -> {
            if (file.startsWith(desk.card)
                    && file.endsWith("A_0002.MP4")
                    && content.length > 0
                    && ++readings[0] == reading) {
                content[77] ^= 1;
            }
            return content;
        };
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("gave DCIM/100/A_0002.MP4 differently");
        cardIsAsItWas();
    }

    @ParameterizedTest
    @ValueSource(strings = {"card", "copy", "manifest"})
    void a_bit_that_changes_afterwards_is_caught(String where) throws IOException {
        assertThat(desk.offload()).isEqualTo(Main.SAFE);
        Desk.flip(
                switch (where) {
                    case "card" -> desk.card.resolve("DCIM/100/A_0002.MP4");
                    case "copy" -> desk.copy(desk.second).resolve("DCIM/100/A_0002.MP4");
                    default -> desk.second.resolve("Kiln/A1.sha256");
                });
        assertThat(desk.offload("--check")).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).containsAnyOf("is not equal to the card's", "says something else than the copy");
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
    }

    @Test
    void a_card_that_changes_while_it_is_read_is_caught() {
        desk.fault = (file, content, at) -> {
            if (file.startsWith(desk.second) && !Files.exists(desk.card.resolve("later"))) {
                Files.writeString(desk.card.resolve("later"), "one more");
            }
            return content;
        };
        assertThat(desk.offload()).isEqualTo(Main.STOPPED);
        assertThat(desk.said()).contains("The card changed while it was read");
    }
}
