package upshot.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Colours and sizes of type of the screens come from one place. Papers have their own: their maker knows no tokens. */
class StylesTest {

    private static final Path STYLES = Path.of("src/main/resources/static/css");
    /** Of the pages, and of Roll, which is dark or bright. */
    private static final List<Path> TOKENS =
            List.of(STYLES.resolve("web/tokens.css"), STYLES.resolve("roll/tokens.css"));

    private static final Set<String> PAPERS = Set.of("call-sheet.css", "report.css", "sheet.css", "scouting-sheet.css");
    private static final Pattern LITERAL =
            Pattern.compile("#[0-9a-fA-F]{3,8}\\b(?=[^{}]*\\})|rgba?\\(|hsla?\\(|font-size: ?[0-9.]+(?:px|em|pt|%)");
    private static final Pattern TOKEN = Pattern.compile("var\\((--(?:up|roll)-[\\w-]+)");

    private static List<Path> screens() throws IOException {
        try (Stream<Path> all = Files.walk(STYLES)) {
            return all.filter(file -> file.toString().endsWith(".css"))
                    .filter(file -> !TOKENS.contains(file)
                            && !PAPERS.contains(file.getFileName().toString()))
                    .toList();
        }
    }

    @Test
    void no_screen_names_a_colour_or_a_size_of_its_own() throws IOException {
        for (Path file : screens()) {
            assertThat(LITERAL.matcher(Files.readString(file)).results().map(found -> found.group()))
                    .as(file.toString())
                    .isEmpty();
        }
    }

    @Test
    void every_token_that_is_asked_for_is_there() throws IOException {
        StringBuilder tokens = new StringBuilder();
        for (Path file : TOKENS) {
            tokens.append(Files.readString(file));
        }
        for (Path file : screens()) {
            TOKEN.matcher(Files.readString(file))
                    .results()
                    .forEach(found ->
                            assertThat(tokens.toString()).as(file.toString()).contains(found.group(1) + ":"));
        }
    }
}
