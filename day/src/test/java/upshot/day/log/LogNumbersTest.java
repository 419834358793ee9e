package upshot.day.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Logs as numbers: whoever reads them in whatever order comes to the same, and what is no log is refused. */
class LogNumbersTest extends LogSample {

    /** Ids decide the places, so that lines are renumbered as a phone that got them in another order would do. */
    @RepeatedTest(50)
    void the_same_lines_give_the_same_state_whoever_reads_them(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double[] numbers = LogNumbers.write(TABLE, RandomLog.of(random, TABLE, 400), START);

        double[] state = LogNumbers.state(numbers);

        assertThat(LogNumbers.state(numbers))
                .as("seed %d", run.getCurrentRepetition())
                .containsExactly(state);
        assertThat(state[0]).as("takes").isPositive();
        assertThat(Arrays.stream(state)).allMatch(Double::isFinite);
    }

    @RepeatedTest(20)
    void what_comes_late_or_shuffled_changes_nothing(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<LogLine> all = RandomLog.of(random, TABLE, 300);
        List<LogLine> shuffled = new ArrayList<>(all);
        List<Integer> places = new ArrayList<>();
        for (int place = 0; place < all.size(); place++) {
            places.add(place);
        }
        Collections.shuffle(places, random);
        for (int place = 0; place < all.size(); place++) {
            LogLine line = all.get(place);
            shuffled.set(
                    places.get(place),
                    new LogLine(
                            line.what(),
                            line.atMs(),
                            line.phone(),
                            line.number(),
                            line.of() < 0 ? -1 : places.get(line.of()),
                            line.about(),
                            line.body(),
                            line.detail(),
                            line.amount(),
                            line.turns()));
        }

        LogState state = LogFold.of(TABLE, all, START);
        LogState other = LogFold.of(TABLE, shuffled, START);

        assertThat(other.shots()).isEqualTo(state.shots());
        assertThat(other.setups()).isEqualTo(state.setups());
        assertThat(other.order()).isEqualTo(state.order());
        assertThat(other.takes())
                .extracting(Take::parts)
                .isEqualTo(state.takes().stream().map(Take::parts).toList());
    }

    @Test
    void numbers_that_are_no_log_are_refused() {
        double[] log = LogNumbers.write(TABLE, List.of(), START);
        assertThatThrownBy(() -> LogNumbers.state(Arrays.copyOf(log, log.length - 1)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> LogNumbers.state(Arrays.copyOf(log, log.length + 3)))
                .isInstanceOf(IllegalArgumentException.class);
        double[] unknown = Arrays.copyOf(log, log.length + 10);
        unknown[log.length] = 99;
        assertThatThrownBy(() -> LogNumbers.state(unknown)).hasMessageContaining("nothing known");
    }
}
