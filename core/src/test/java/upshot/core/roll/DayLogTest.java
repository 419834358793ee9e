package upshot.core.roll;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;
import upshot.day.log.LogState;
import upshot.day.log.LogState.Status;
import upshot.day.log.LogTable;
import upshot.day.log.What;

/** The log against a plan: records as places, times as instants, and one state whatever the order of arrival. */
class DayLogTest {

    private final SamplePlan sample = new SamplePlan()
            .brief("shootDate", Optional.of(LocalDate.of(2026, 10, 24)))
            .brief("callTime", LocalTime.of(22, 0))
            .brief("wrapTime", LocalTime.of(5, 0))
            .brief("zone", "Europe/Berlin");
    private final List<LogEntry> entries = new ArrayList<>();

    private static LoggedDay day(Plan plan) {
        return LoggedDay.of(plan, ShootingOrder.of(plan));
    }

    private LogEntry say(What what, Instant at, Optional<UUID> of, Optional<UUID> about, String detail) {
        return Lines.say(sample, entries, what, at, of, about, detail);
    }

    @Test
    void a_moment_after_midnight_and_after_the_clocks_went_back_is_lost_when_it_is_over() {
        Action late = sample.action(one -> one.with("fixedTime", Optional.of(LocalTime.of(3, 30)))
                .with("durationS", 90.0)
                .with("once", true));
        Shot shot = sample.shot(late, 30);
        Plan plan = sample.build();

        LogTable table = day(plan).table();

        // 22:00 of the summer clock is 20:00 UTC; 3:30 of the winter clock is 2:30 UTC, and lasts until 2:32.
        assertThat(table.shots().get(plan.shots().indexOf(shot)).lostAfterMs())
                .isEqualTo(Instant.parse("2026-10-25T02:32:00Z").toEpochMilli());
        assertThat(table.setups().get(0).rollMs())
                .isEqualTo(Instant.parse("2026-10-25T02:30:00Z").toEpochMilli(), within(60_000.0));
    }

    @Test
    void what_the_uses_need_and_the_hold_come_from_the_plan() {
        Action action = sample.action();
        Shot used = sample.shot(action, one -> one.with("holdS", 8.0));
        Shot unused = sample.shot(sample.action(), one -> one.with("holdS", 8.0));
        sample.use(used, 48);
        Plan plan = sample.build();

        LogTable table = day(plan).table();

        // 48 frames at 24 and a second of handle on each side: 4 s of the 8 s that are asked for.
        LogTable.Shot first = table.shots().get(plan.shots().indexOf(used));
        assertThat(List.of(first.needS(), first.cleanS(), first.enoughS(), first.settleS()))
                .containsExactly(4.0, 8.0, 4.0, 3.0);
        assertThat(table.shots().get(plan.shots().indexOf(unused)).enoughS()).isEqualTo(8);
    }

    @Test
    void entries_speak_of_shots_people_actions_checks_and_reasons() {
        Action action = sample.action();
        Shot shot = sample.shot(action, 30);
        Plan plan = sample.build();
        LoggedDay day = day(plan);
        Instant at = Instant.parse("2026-10-24T20:30:00Z");
        String check = day.checks(0).get(2);
        LogEntry take = say(What.ROLL, at, Optional.empty(), Optional.of(shot.id()), "");
        say(What.STOP, at.plusSeconds(30), Optional.of(take.id()), Optional.empty(), "");
        say(What.AGAIN, at.plusSeconds(31), Optional.of(take.id()), Optional.empty(), "WIND");
        say(What.CHECK, at.plusSeconds(32), Optional.empty(), Optional.of(shot.id()), check);
        say(What.CHECK, at.plusSeconds(32), Optional.empty(), Optional.of(shot.id()), "What no list has any more");
        say(What.CONSENT, at.plusSeconds(33), Optional.empty(), Optional.of(sample.otherPerson()), "REFUSED");
        LogEntry extra = say(What.EXTRA, at.plusSeconds(40), Optional.empty(), Optional.empty(), "");
        say(What.STOP, at.plusSeconds(50), Optional.of(extra.id()), Optional.empty(), "");
        say(What.NAMED, at.plusSeconds(51), Optional.of(extra.id()), Optional.of(action.id()), "DETAIL");
        say(What.ROLL, at.plusSeconds(60), Optional.empty(), Optional.of(sample.id()), "");

        LogState state = new DayLog(day, entries).state(at.toEpochMilli());

        assertThat(state.takes()).hasSize(3);
        assertThat(state.takes().get(0).reason()).isEqualTo(1 + RetakeReason.WIND.ordinal());
        assertThat(state.takes().get(1).namedAction()).isZero();
        assertThat(state.takes().get(1).namedSize())
                .as("detail, counted from one")
                .isEqualTo(3);
        assertThat(state.takes().get(2).shot()).as("a shot that is gone").isEqualTo(-1);
        assertThat(state.setups().get(0).checks()).isEqualTo(1 << 2);
        assertThat(state.consents()).containsExactly(0, 3);
        assertThat(state.shots().get(0).status()).isEqualTo(Status.TO_DO);
    }

    @Test
    void what_somebody_let_go_in_the_plan_is_not_in_the_day() {
        Shot made = sample.shot(sample.action(), 30);
        Shot gone = sample.shot(sample.action(), 60);
        Plan plan = sample.build();
        Plan without = plan.apply(new Change.Add(
                new Turn(sample.id(), gone.id(), Optional.empty(), gone.rank(), Optional.empty(), true)));

        LoggedDay day = day(without);

        assertThat(day.stops()).extracting(stop -> stop.setup().first()).containsExactly(made);
        assertThat(day.table().shots()).extracting(LogTable.Shot::setup).containsExactly(0, -1);
    }

    @RepeatedTest(10)
    void doubled_and_shuffled_entries_give_one_state(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Shot shot = sample.shot(sample.action(), 30);
        Shot other = sample.shot(sample.action(), 60);
        LoggedDay day = day(sample.build());
        Instant at = Instant.parse("2026-10-24T20:30:00Z");
        for (int i = 0; i < 60; i++) {
            at = at.plusSeconds(random.nextInt(20));
            UUID about = random.nextBoolean() ? shot.id() : other.id();
            LogEntry take = say(What.ROLL, at, Optional.empty(), Optional.of(about), "");
            say(What.STOP, at.plusSeconds(random.nextInt(30)), Optional.of(take.id()), Optional.empty(), "");
        }
        LogState once = new DayLog(day, entries).state(at.toEpochMilli());
        Collections.shuffle(entries, random);

        LogState again = new DayLog(day, entries).state(at.toEpochMilli());

        assertThat(again.shots()).isEqualTo(once.shots());
        assertThat(again.shots().get(0).takes() + again.shots().get(1).takes()).isEqualTo(60);
    }
}
