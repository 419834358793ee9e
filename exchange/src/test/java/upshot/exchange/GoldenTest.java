package upshot.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.plan.Plan;
import upshot.core.verdict.Verdict;
import upshot.exchange.json.PlanJson;
import upshot.exchange.text.Sha256;

/**
 * What is said of both demo jobs and of two hundred seeded plans, as it was when the file was written: a net under changes that mean to change nothing.
 * Where a change is meant, {@code -Dupshot.write-golden=true} writes the file anew, and the words in full to
 * {@code target/golden}, to be laid beside those of the version before.
 */
class GoldenTest {

    static final Path FILES = Path.of("src/test/resources/golden");
    private static final Path WORDS = Path.of("target/golden");
    private static final int PLANS = 200;
    private static final int FIGURES = 16;
    private static final boolean WRITE = Boolean.getBoolean("upshot.write-golden");

    private final List<String> now = new ArrayList<>();

    @Test
    void nothing_that_is_said_of_both_demos_and_two_hundred_plans_has_changed() throws IOException {
        for (String demo : List.of("kiln-night", "tallow-street")) {
            look(demo, PlanJson.read(Files.readAllBytes(FILES.resolve(demo + ".json"))));
        }
        for (int seed = 1; seed <= PLANS; seed++) {
            look(Integer.toString(seed), new RandomPlans(seed).plan());
        }
        Path file = FILES.resolve("plans.txt");
        if (WRITE) {
            Files.write(file, now);
        }
        assertThat(now).isEqualTo(Files.readAllLines(file));
    }

    /** A line for each plan, with a hash for each part of what is said. */
    private void look(String name, Plan plan) throws IOException {
        StringBuilder line = new StringBuilder(name);
        for (Map.Entry<String, String> part : Golden.of(Verdict.of(plan)).entrySet()) {
            String hash = Sha256.hex(part.getValue()).substring(0, FIGURES);
            line.append(' ').append(part.getKey()).append('=').append(hash);
            if (WRITE) {
                Files.createDirectories(WORDS);
                Files.writeString(WORDS.resolve("%s-%s.txt".formatted(name, part.getKey())), part.getValue());
            }
        }
        now.add(line.toString());
    }
}
