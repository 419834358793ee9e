package upshot.day.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.day.log.LogState.ShotState;
import upshot.day.log.LogState.Status;

/** What follows from a log: clean stretches, keepers, corrections, and the same state in whatever order the lines come. */
class LogFoldTest extends SpokenLog {

    @Test
    void clean_begins_after_settling_and_the_longest_stretch_counts() {
        int take = say(What.ROLL, 0, -1, 0);
        assertThat(shot(0).status()).isEqualTo(Status.ROLLING);
        assertThat(state().takes().get(0).cleanFromMs()).isEqualTo(START + 3000);

        say(What.NOT_CLEAN, 7, take, -1);
        assertThat(state().takes().get(0).cleanFromMs()).isEqualTo(START + 7000);
        say(What.STOP, 13.5, take, -1);

        assertThat(state().takes().get(0).parts().get(0).cleanS()).isEqualTo(6.5, within(1e-9));
        assertThat(shot(0)).isEqualTo(new ShotState(Status.GOT, 1, 1, 6.5, 6.5));
    }

    @ParameterizedTest
    @CsvSource({"0,4.9,SHORT", "0,5,GOT", "1,9.9,SHORT", "1,10,GOT", "3,2.9,SHORT", "3,3,GOT"})
    void enough_is_what_the_uses_need_or_the_hold_where_there_is_none_and_never_under_three_seconds(
            int shot, double cleanS, Status status) {
        int take = say(What.ROLL, 0, -1, shot);
        say(What.STOP, 3 + cleanS, take, -1);

        assertThat(shot(shot).status()).isEqualTo(status);
        assertThat(shot(shot).bestS()).isEqualTo(cleanS, within(1e-9));
    }

    @Test
    void a_take_stopped_while_it_settles_has_no_clean_second() {
        int take = say(What.ROLL, 0, -1, 0);
        say(What.STOP, 2, take, -1);

        assertThat(shot(0)).isEqualTo(new ShotState(Status.SHORT, 1, 1, 0, 0));
    }

    @Test
    void what_is_taken_again_is_no_keeper_until_it_is_kept_after_all() {
        int take = say(What.ROLL, 0, -1, 0);
        say(What.STOP, 20, take, -1);
        say(What.AGAIN, 21, 0, take, -1, 3, 0);

        assertThat(shot(0)).isEqualTo(new ShotState(Status.TO_DO, 1, 0, 0, 0));
        assertThat(state().takes().get(0).reason()).isEqualTo(3);
        assertThat(state().setups().get(0).left()).isFalse();

        say(What.KEEP, 30, take, -1);
        assertThat(shot(0).status()).isEqualTo(Status.GOT);
        assertThat(state().takes().get(0).reason()).isZero();
    }

    @Test
    void a_run_that_is_reframed_is_one_take_and_each_part_has_its_own_stretch() {
        int take = say(What.ROLL, 0, -1, 0);
        say(What.NEXT_SIZE, 10, take, 1);
        say(What.STOP, 25, take, -1);

        assertThat(state().takes()).hasSize(1);
        assertThat(state().takes().get(0).parts())
                .extracting(Take.Part::shot, Take.Part::cleanS)
                .containsExactly(tuple(0, 7.0), tuple(1, 12.0));
        assertThat(shot(0).status()).isEqualTo(Status.GOT);
        assertThat(shot(1).status()).isEqualTo(Status.GOT);
        assertThat(state().setups().get(0).left()).isTrue();
    }

    @Test
    void a_stop_that_was_taken_back_was_none() {
        int take = say(What.ROLL, 0, -1, 1);
        int stop = say(What.STOP, 5, take, -1);
        int back = say(What.TAKEN_BACK, 7, stop, -1);
        assertThat(shot(1).status()).isEqualTo(Status.ROLLING);

        say(What.TAKEN_BACK, 8, back, -1);
        assertThat(shot(1)).isEqualTo(new ShotState(Status.SHORT, 1, 1, 2, 2));
    }

    @Test
    void a_phone_that_rolls_anew_has_stopped_before_and_another_phone_goes_on() {
        say(What.ROLL, 0, -1, 0);
        say(What.ROLL, 2, 1, -1, 1, 0, 0);
        say(What.ROLL, 20, -1, 3);

        assertThat(state().shots())
                .extracting(ShotState::status)
                .containsExactly(Status.GOT, Status.ROLLING, Status.TO_DO, Status.ROLLING);
    }

    @Test
    void later_puts_a_setup_behind_the_next_one_that_is_not_done() {
        say(What.ENTERED, 0, 0, -1, 2, 0, 30);
        say(What.LATER, 1, -1, 0);
        assertThat(state().order()).containsExactly(1, 2, 0);

        say(What.LATER, 2, -1, 1);
        assertThat(state().order()).as("nothing comes behind it").containsExactly(1, 2, 0);
    }

    @Test
    void another_order_holds_with_its_times_and_what_it_does_not_name_comes_behind() {
        lines.add(new LogLine(
                What.ORDER,
                START + 400_000,
                0,
                0,
                -1,
                -1,
                -1,
                0,
                0,
                List.of(
                        new LogLine.Turn(3, START + 700_000, START + 900_000),
                        new LogLine.Turn(99, START, START),
                        new LogLine.Turn(3, START, START))));

        LogState state = LogFold.of(TABLE, lines, START + 760_000.0);

        assertThat(state.order()).containsExactly(2, 0, 1);
        assertThat(state.orders()).containsExactly(0);
        assertThat(state.behindMs()).as("by the new time").isEqualTo(60_000);
    }

    @Test
    void people_checks_extras_and_clips_stand_as_they_were_said_last() {
        say(What.CHECK, 0, 0, -1, 0, 4, 1);
        say(What.CHECK, 1, 0, -1, 1, 2, 1);
        say(What.CHECK, 2, 0, -1, 0, 2, 0);
        say(What.READ, 3, -1, 0);
        say(What.CONSENT, 4, 0, -1, 1, 2, 0);
        int extra = say(What.EXTRA, 6, -1, -1);
        say(What.STOP, 9, extra, -1);
        say(What.NAMED, 10, 0, extra, 7, 2, 0);
        int clip = say(What.CLIP, 11, extra, -1);

        assertThat(state().setups().get(0)).isEqualTo(new LogState.SetupState(true, 1 << 4, false));
        assertThat(state().consents()).containsExactly(0, 2);
        Take take = state().takes().get(0);
        assertThat(take.parts()).containsExactly(new Take.Part(-1, START + 6000, 3, START + 6000));
        assertThat(List.of(take.namedAction(), take.namedSize(), take.clipLine()))
                .containsExactly(7, 2, clip);
    }

    @Test
    void somebody_may_go_when_the_last_of_their_setups_is_left_and_is_gone_when_told() {
        assertThat(state().leaving()).containsExactly(0, 0);
        say(What.ENTERED, 0, 0, -1, 0, 0, 9);
        say(What.ENTERED, 1, 0, -1, 1, 0, 9);
        assertThat(state().leaving()).as("needed in the second setup").containsExactly(0, 0);
        say(What.LET_GO, 2, -1, 2);
        assertThat(state().leaving()).containsExactly(1, 0);
        say(What.RELEASED, 3, -1, 0);
        assertThat(state().leaving()).containsExactly(2, 0);
    }

    @Test
    void a_line_of_a_slow_phone_follows_what_it_speaks_of() {
        int take = say(What.ROLL, 3600, -1, 0);
        int stop = say(What.STOP, 3620, take, -1);
        say(What.AGAIN, 10, 1, take, -1, 5, 0);
        say(What.TAKEN_BACK, 12, 1, stop, -1, 0, 0);

        assertThat(state().takes().get(0).reason()).isEqualTo(5);
        assertThat(state().takes().get(0).rolling()).isTrue();
    }

    @Test
    void a_phone_set_back_an_hour_keeps_the_order_in_which_it_spoke() {
        int take = say(What.ROLL, 0, -1, 0);
        say(What.STOP, 20, take, -1);
        say(What.KEEP, -3580, take, -1);
        say(What.AGAIN, -3570, 0, take, -1, 1, 0);

        assertThat(state().takes().get(0).kept()).isZero();
    }

    @Test
    void lines_about_nothing_known_and_circles_change_nothing() {
        LogState before = state();
        say(What.ROLL, 0, -1, 99);
        say(What.NEXT_SIZE, 1, 0, 99);
        say(What.READ, 1, -1, 99);
        say(What.CHECK, 1, 0, -1, 0, 31, 1);
        say(What.CHECK, 1, 0, -1, 0, -1, 1);
        say(What.CONSENT, 1, 0, -1, 2, 1, 0);
        say(What.LATER, 1, -1, -1);
        say(What.STOP, 1, -1, -1);
        lines.add(new LogLine(What.TAKEN_BACK, START, 0, 100, 9, -1, 0, 0, 0, List.of()));
        lines.add(new LogLine(What.TAKEN_BACK, START, 0, 101, 8, -1, 0, 0, 0, List.of()));

        assertThat(state().shots()).isEqualTo(before.shots());
        assertThat(state().setups()).isEqualTo(before.setups());
        assertThat(state().order()).isEqualTo(before.order());
        assertThat(state().takes())
                .singleElement()
                .satisfies(take -> assertThat(take.shot()).isEqualTo(-1));
    }
}
