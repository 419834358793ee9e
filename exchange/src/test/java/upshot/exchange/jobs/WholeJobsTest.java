package upshot.exchange.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Jobs as they are planned, an expert's and a beginner's of each trade; see docs/verdicts.md. */
class WholeJobsTest {

    /** At most one watch in so many pictures of a good job. */
    private static final int PICTURES_A_WATCH = 20;

    @Test
    void there_are_seven_trades_and_two_hands() {
        assertThat(JobFile.names()).hasSize(14);
        assertThat(JobFile.names().stream()
                        .map(name -> name.substring(0, name.indexOf('-')))
                        .distinct())
                .hasSize(7);
    }

    @Test
    void every_table_says_rule_place_and_verdict() {
        for (String name : JobFile.names()) {
            assertThat(JobFile.expected(name))
                    .as(name)
                    .allSatisfy(line -> assertThat(line).matches("[a-z-]+,[^,]+,(WATCH|BREAK|HOLE|LEFT_OUT)"));
        }
    }

    @Test
    void what_must_be_found_is_found_and_good_jobs_are_left_in_peace() {
        int hits = 0;
        int misses = 0;
        for (String name : JobFile.names()) {
            Count count = Count.of(name);
            hits += count.hits().size();
            misses += count.misses().size();
            if (count.good()) {
                assertThat(count.alarms())
                        .as(name)
                        .noneMatch(alarm -> !alarm.line().endsWith("WATCH"));
                assertThat(count.alarms().size() * PICTURES_A_WATCH).as(name).isLessThanOrEqualTo(count.pictures());
            }
        }
        assertThat(hits).as("hits beside %d misses", misses).isGreaterThanOrEqualTo((int)
                Math.ceil(0.95 * (hits + misses)));
    }

    /** {@code ./upshot verdicts} writes it anew. */
    @Test
    void the_published_count_is_the_present_one() throws IOException {
        assertThat(Files.readString(Path.of("../docs/verdicts.md")).lines())
                .containsExactlyElementsOf(VerdictsReport.present());
    }
}
