package upshot.exchange.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A plan file as each version wrote it, never written again: whoever has one can still read it. */
class FrozenPlansTest {

    private static final Path FILES = Path.of("src/test/resources/frozen");

    private final ObjectMapper json = new ObjectMapper();

    static IntStream versions() {
        return IntStream.rangeClosed(1, PlanJson.VERSION);
    }

    @ParameterizedTest
    @MethodSource("versions")
    void every_value_of_it_is_still_there_under_its_name(int version) throws IOException {
        byte[] file = Files.readAllBytes(FILES.resolve("plan-%d.json".formatted(version)));
        String now = PlanJson.write(PlanJson.read(file));

        JsonNode was = json.readTree(file).path("records");
        JsonNode is = json.readTree(now.getBytes(StandardCharsets.UTF_8)).path("records");
        assertThat(was.size()).isGreaterThan(10);
        was.properties().forEach(kind -> {
            for (int i = 0; i < kind.getValue().size(); i++) {
                JsonNode present = is.path(kind.getKey()).path(i);
                kind.getValue()
                        .path(i)
                        .properties()
                        .forEach(field -> assertThat(present.path(field.getKey()))
                                .as("%s.%s", kind.getKey(), field.getKey())
                                .isEqualTo(field.getValue()));
            }
        });
    }
}
