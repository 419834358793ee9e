package upshot.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as people type them, held against what was written down before there was a reader. */
class GuessTest {

    private static final double SAID = 0.75;
    private static final double WRONG = 0.05;

    private record Line(String set, String typed, String kind, String focus, String thing) {

        boolean english() {
            return !kind.equals("-");
        }

        Optional<Guess> guess() {
            return new LineReader(List.of(), List.of()).read(typed).guess();
        }

        /** A thing that is not named is not said, and not wrong. */
        boolean right(Guess guess) {
            return (guess.person() ? "person" : "thing").equals(kind)
                    && guess.focus().name().toLowerCase(Locale.ROOT).equals(focus)
                    && (guess.thing().isEmpty() || guess.thing().equals(thing));
        }
    }

    private static List<Line> lines(String set) throws IOException {
        try (InputStream lines = GuessTest.class.getResourceAsStream("lines.txt")) {
            return new String(lines.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.startsWith(set))
                    .map(line -> line.split("\\s*\\|\\s*"))
                    .map(parts -> new Line(parts[0], parts[1], parts[2], parts[3], parts[4]))
                    .toList();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"tune", "count", "again", "five"})
    void three_of_four_are_told_and_hardly_one_is_wrong(String set) throws IOException {
        List<Line> english = lines(set).stream().filter(Line::english).toList();
        List<Line> said =
                english.stream().filter(line -> line.guess().isPresent()).toList();
        List<String> wrong = said.stream()
                .filter(line -> !line.right(line.guess().orElseThrow()))
                .map(line -> line.typed() + " → " + line.guess().orElseThrow())
                .toList();

        assertThat(english).hasSizeGreaterThanOrEqualTo(30);
        assertThat(said.size() / (double) english.size()).as("said of %s", set).isGreaterThanOrEqualTo(SAID);
        assertThat(wrong.size() / (double) said.size())
                .as("wrong of %s: %s", set, wrong)
                .isLessThanOrEqualTo(WRONG);
    }

    @ParameterizedTest
    @ValueSource(strings = {"tune", "count"})
    void other_languages_are_left_alone(String set) throws IOException {
        assertThat(lines(set).stream().filter(line -> !line.english()))
                .hasSize(10)
                .allSatisfy(line -> assertThat(line.guess()).as(line.typed()).isEmpty());
    }
}
