package upshot.day.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.day.log.LogState.ShotState;
import upshot.day.log.LogState.Status;

/** What is lost and how late it is, by the clock. */
class LostAndLateTest extends SpokenLog {

    @Test
    void what_could_not_wait_is_lost_unless_something_of_it_is_kept_or_it_was_let_go() {
        assertThat(LogFold.of(TABLE, lines, START + 60_000).shots().get(2).status())
                .isEqualTo(Status.TO_DO);
        assertThat(LogFold.of(TABLE, lines, START + 60_001).shots().get(2).status())
                .isEqualTo(Status.LOST);
        assertThat(LogFold.of(TABLE, lines, START + 60_001).setups().get(1).left())
                .isTrue();

        int gone = say(What.LET_GO, 1, -1, 2);
        assertThat(shot(2).status()).isEqualTo(Status.LET_GO);
        say(What.TAKEN_BACK, 2, gone, -1);
        say(What.ENTERED, 3, 0, -1, 2, 0, 4);
        assertThat(LogFold.of(TABLE, lines, START + 60_001).shots().get(2))
                .isEqualTo(new ShotState(Status.SHORT, 1, 1, 4, 4));
    }

    @ParameterizedTest
    @CsvSource({"45000,1,LOST", "45001,0,TO_DO", "-43200,0,TO_DO"})
    void half_a_day_away_from_its_day_nothing_is_lost_or_late(int nowS, int late, Status status) {
        LogState state = LogFold.of(TABLE, lines, START + nowS * 1000.0);

        assertThat(state.shots().get(2).status()).isEqualTo(status);
        assertThat(state.behindMs() > 0).isEqualTo(late > 0);
    }

    /** Planned until 60 s after the start; said to be later at 50 s, it may come until 3,650 s. */
    @ParameterizedTest
    @CsvSource({"3650000,TO_DO", "3650001,LOST"})
    void a_moment_that_is_put_later_may_still_come_within_an_hour(double nowMs, Status status) {
        say(What.LATER, 50, -1, 2);

        assertThat(LogFold.of(TABLE, lines, START + nowMs).shots().get(2).status())
                .isEqualTo(status);
    }

    /** The sun does not wait. */
    @Test
    void light_that_is_put_later_is_gone_when_it_is_gone() {
        LogTable light =
                new LogTable(List.of(new LogTable.Shot(0, 3, 3, 0, 10, START + 60_000, false)), TABLE.setups(), 2);
        say(What.LATER, 50, -1, 0);

        assertThat(LogFold.of(light, lines, START + 60_001).shots().get(0).status())
                .isEqualTo(Status.LOST);
    }

    /** The day was shot, so that what passed is lost; but nobody is half a day late any more. */
    @Test
    void after_a_day_that_was_shot_its_moments_stay_lost_and_nothing_is_late() {
        say(What.ENTERED, 30, 0, -1, 0, 0, 30);
        LogState state = LogFold.of(TABLE, lines, START + 40 * 86_400_000.0);

        assertThat(state.shots().get(2).status()).isEqualTo(Status.LOST);
        assertThat(state.shots().get(3).status()).isEqualTo(Status.TO_DO);
        assertThat(state.behindMs()).isZero();
    }

    @Test
    void a_rehearsal_after_the_day_loses_nothing() {
        say(What.ENTERED, 40 * 86_400, 0, -1, 0, 0, 30);

        assertThat(LogFold.of(TABLE, lines, START + 40 * 86_400_000.0)
                        .shots()
                        .get(2)
                        .status())
                .isEqualTo(Status.TO_DO);
    }

    @ParameterizedTest
    @CsvSource({"300,0", "301,1", "599,299"})
    void until_it_rolls_a_setup_is_late_from_when_it_should_roll(int nowS, int behindS) {
        LogState state = LogFold.of(TABLE, lines, START + nowS * 1000);
        assertThat(state.next()).isZero();
        assertThat(state.behindMs()).isEqualTo(behindS * 1000);
    }

    @Test
    void once_begun_it_is_late_from_when_it_should_end_and_with_nothing_left_nothing_is() {
        say(What.ENTERED, 0, 0, -1, 0, 0, 9);
        assertThat(LogFold.of(TABLE, lines, START + 600_000).behindMs()).isZero();
        assertThat(LogFold.of(TABLE, lines, START + 660_000).behindMs()).isEqualTo(60_000);
        for (int shot = 1; shot < 4; shot++) {
            say(What.LET_GO, 10, -1, shot);
        }
        assertThat(LogFold.of(TABLE, lines, START + 9_000_000.0))
                .extracting(LogState::next, LogState::behindMs)
                .containsExactly(-1, 0.0);
    }
}
