package upshot.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Status;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.house.Threshold;
import upshot.core.order.ShootingOrder;
import upshot.core.plan.Action;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Use;
import upshot.core.roll.DayLog;
import upshot.core.roll.Lines;
import upshot.core.roll.LogEntry;
import upshot.core.roll.LoggedDay;
import upshot.core.verdict.Verdict;
import upshot.day.log.What;

/** Days as they were logged, and what is read out of them. */
class TaughtTest {

    private static final Instant CALL = Instant.parse("2026-10-21T08:00:00Z");

    private final SamplePlan sample = new SamplePlan()
            .brief("shootDate", Optional.of(LocalDate.of(2026, 10, 21)))
            .brief("callTime", LocalTime.of(10, 0))
            .brief("wrapTime", LocalTime.of(19, 0))
            .brief("zone", "Europe/Berlin");
    private final List<LogEntry> entries = new ArrayList<>();
    private Action first;
    private Shot tripod;
    private Shot gimbal;
    private Shot moved;
    private Shot other;

    @BeforeEach
    void fourSetups() {
        first = sample.action();
        tripod = sample.shot(first, one -> one.with("bearingDeg", 30.0));
        gimbal = sample.shot(first, one -> one.with("bearingDeg", 60.0).with("support", Support.GIMBAL));
        moved = sample.shot(first, one -> one.with("bearingDeg", 90.0).with("support", Support.GIMBAL));
        other = sample.shot(sample.action(), 30);
    }

    private LogEntry say(What what, Instant at, Optional<UUID> of, Optional<UUID> about) {
        return Lines.say(sample, entries, what, at, of, about, "");
    }

    /** A take of a minute. */
    private UUID rolls(Shot shot, double atMin) {
        Instant at = CALL.plusMillis(Math.round(60_000 * atMin));
        LogEntry take = say(What.ROLL, at, Optional.empty(), Optional.of(shot.id()));
        say(What.STOP, at.plusSeconds(60), Optional.of(take.id()), Optional.empty());
        return take.id();
    }

    private ShotDay day() {
        LoggedDay day = LoggedDay.of(sample.build(), ShootingOrder.of(sample.build()));
        return ShotDay.of(day, new DayLog(day, entries), CALL.toEpochMilli());
    }

    @Test
    void a_change_lasts_from_the_last_stop_to_the_first_roll_and_knows_its_parts() {
        rolls(tripod, 20);
        rolls(tripod, 22);
        rolls(gimbal, 30.5);
        rolls(moved, 33);
        rolls(other, 39);

        assertThat(Changeovers.of(day()))
                .containsExactly(
                        new Spent(7.5, Set.of(Threshold.RIG_GIMBAL)),
                        new Spent(1.5, Set.of(Threshold.NEW_STAND)),
                        new Spent(5, Set.of(Threshold.ANOTHER_ACTION, Threshold.RIG_AGAIN)));
    }

    @Test
    void what_says_nothing_of_the_work_is_left_out() {
        rolls(tripod, 20);
        say(What.EXTRA, CALL.plusSeconds(22 * 60), Optional.empty(), Optional.empty());
        rolls(gimbal, 30);
        say(What.ENTERED, CALL.plusSeconds(32 * 60), Optional.empty(), Optional.of(moved.id()));
        rolls(other, 40);
        rolls(tripod, 50);
        rolls(gimbal, 51 + Threshold.RIG_GIMBAL.usual() * 3 + 15.1);

        assertThat(Changeovers.of(day()))
                .as("beside an extra; beside what was written down afterwards; back to an action; somebody had lunch")
                .isEmpty();
    }

    @Test
    void a_fixed_moment_is_waited_for() {
        Shot moment = sample.shot(
                sample.action(one ->
                        one.with("fixedTime", Optional.of(LocalTime.of(12, 0))).with("once", true)),
                30);
        rolls(tripod, 20);
        rolls(moment, 120);

        assertThat(Changeovers.of(day())).isEmpty();
    }

    @Test
    void eight_changes_make_a_sentence_that_a_job_can_take_over() {
        rolls(tripod, 20);
        rolls(gimbal, 28.6);

        Taught one = Taught.of(Collections.nCopies(7, day()), List.of(), Threshold::usual);
        Taught eight = Taught.of(Collections.nCopies(8, day()), List.of(), Threshold::usual);

        assertThat(one.minutes()).isEmpty();
        assertThat(eight.minutes()).singleElement().satisfies(lesson -> {
            assertThat(lesson.threshold()).isEqualTo(Threshold.RIG_GIMBAL);
            assertThat(lesson.minutes()).isEqualTo(7.5);
            assertThat(lesson.sentence()).isEqualTo("Rig the gimbal: 7.5 min, not 5. 8 changes in 8 days.");
        });
        assertThat(Taught.of(Collections.nCopies(8, day()), List.of(), part -> 7.5)
                        .minutes())
                .as("planned with it already")
                .isEmpty();
    }

    @Test
    void keepers_and_what_was_got_are_counted_over_all_days() {
        for (int take = 0; take < 4; take++) {
            UUID id = rolls(gimbal, 20 + 2 * take);
            say(take == 3 ? What.KEEP : What.AGAIN, CALL.plusSeconds(3600 + take), Optional.of(id), Optional.empty());
            UUID still = rolls(tripod, 60 + 2 * take);
            say(What.KEEP, CALL.plusSeconds(7200 + take), Optional.of(still), Optional.empty());
        }

        List<String> habits = Taught.of(Collections.nCopies(2, day()), List.of(), Threshold::usual)
                .habits();

        assertThat(habits)
                .contains(
                        "A keeper takes you 1.6 takes, by 16 takes of planned shots.",
                        "Gimbal: 25 % of 8 takes are keepers; of all together, 63 %.",
                        "Tripod: 100 % of 8 takes are keepers; of all together, 63 %.")
                .noneMatch(sentence -> sentence.startsWith("Slider"));
        assertThat(Taught.of(List.of(), List.of(), Threshold::usual).habits()).isEmpty();
    }

    @Test
    void an_editor_agrees_with_the_findings_of_a_picture_and_of_the_joints_beside_it() {
        sample.use(gimbal, 48);
        sample.use(sample.shot(first, one -> one.with("bearingDeg", 95.0)), 48);
        Use jumps = sample.use(sample.shot(first, one -> one.with("bearingDeg", 96.0)), 48);
        Verdict verdict = Verdict.of(sample.build());
        assertThat(verdict.joints().get(1))
                .as("two pictures alike")
                .anyMatch(finding -> finding.status() == Status.BREAK);

        Foretold all = Foretold.of(
                verdict,
                List.of(remark(jumps, "DOES_NOT_CUT"), remark(jumps, "GOOD"), remark(sample.use(other), "TOO_SHORT")));

        assertThat(all)
                .as("praise, and a use that is not in the cut, do not count")
                .isEqualTo(new Foretold(1, 1));
        assertThat(Taught.of(List.of(), Collections.nCopies(8, all), Threshold::usual)
                        .habits())
                .containsExactly("Of 8 objections by editors, 8 are to pictures of which a finding had spoken.");
    }

    private HandOffEntry remark(Use use, String kind) {
        return new HandOffEntry(
                sample.id(),
                HandOffWhat.REMARK,
                Optional.empty(),
                Optional.empty(),
                Optional.of(use.id()),
                Optional.empty(),
                kind,
                0,
                "",
                List.of());
    }
}
