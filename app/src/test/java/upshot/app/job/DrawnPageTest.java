package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DrawnPageTest {

    private static String unpacked(byte[] packed) throws IOException {
        try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "TOKEN", "no place", "a TOKEN b", "TOKEN – “ü” TOKENTOKEN ×", "<meta TOKEN><form TOKEN>\n\n"
            })
    void the_token_of_whoever_asks_stands_in_every_place(String page) throws IOException {
        DrawnPage drawn = new DrawnPage(page, "TOKEN");
        for (String token : new String[] {"x", "another-token_0123456789", "t".repeat(300)}) {
            String wanted = page.replace("TOKEN", token);
            assertThat(new String(drawn.plain(token), StandardCharsets.UTF_8)).isEqualTo(wanted);
            assertThat(unpacked(drawn.packed(token))).isEqualTo(wanted);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {8191, 8192, 8193, 70_000, 1_000_000})
    void pages_of_any_length_come_out_as_they_went_in(int length) throws IOException {
        Random random = new Random(length);
        StringBuilder page = new StringBuilder("TOKEN");
        while (page.length() < length) {
            page.append((char) (' ' + random.nextInt(600)));
        }
        page.append("TOKEN");
        assertThat(unpacked(new DrawnPage(page.toString(), "TOKEN").packed("abc")))
                .isEqualTo(page.toString().replace("TOKEN", "abc"));
    }

    @ParameterizedTest
    @ValueSource(ints = {200, 2000})
    void what_repeats_is_packed(int rows) {
        DrawnPage drawn = new DrawnPage("TOKEN" + "<tr><td>one row</td></tr>".repeat(rows), "TOKEN");
        assertThat(drawn.packed("abc")).hasSizeLessThan(400);
    }
}
