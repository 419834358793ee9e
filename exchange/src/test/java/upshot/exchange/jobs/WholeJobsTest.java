package upshot.exchange.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Jobs as they are planned, an expert's and a beginner's of each trade; see docs/verdicts.md. */
class WholeJobsTest {

    @Test
    void there_are_six_trades_and_two_hands() {
        assertThat(JobFile.names()).hasSize(12);
        assertThat(JobFile.names().stream()
                        .map(name -> name.substring(0, name.indexOf('-')))
                        .distinct())
                .hasSize(6);
    }

    @Test
    void every_table_says_rule_place_and_verdict() {
        for (String name : JobFile.names()) {
            assertThat(JobFile.expected(name))
                    .as(name)
                    .allSatisfy(line -> assertThat(line).matches("[a-z-]+,[^,]+,(WATCH|BREAK|HOLE|LEFT_OUT)"));
        }
    }
}
