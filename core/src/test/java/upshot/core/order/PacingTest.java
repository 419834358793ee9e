package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomDays;
import upshot.core.SamplePlan;
import upshot.core.house.OrderSchool;
import upshot.core.house.Threshold;
import upshot.core.late.Clash;
import upshot.core.plan.Action;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Body;
import upshot.core.plan.Card;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.day.Cost;
import upshot.day.DayClock;
import upshot.day.DayOrder;
import upshot.day.DayState;
import upshot.day.Pause;

/** The clock by hand: call at nine, fifteen minutes of talk, three for the tripod, a tenth of margin. */
class PacingTest {

    private final SamplePlan sample = new SamplePlan();

    /** A shot whose takes take so many minutes, each with three seconds to settle and two of tail. */
    private Shot shot(Action action, double minutes) {
        int takes = minutes > 60 ? 2 : 1;
        return sample.shot(action, one -> one.with("takes", takes).with("holdS", minutes * 60 / takes - 5));
    }

    private Action fresh() {
        return sample.action();
    }

    private static DayOrder inOrder(Plan plan, Integer... setups) {
        return DayOrder.of(new DayClock(Shoot.of(plan).problem()), List.of(List.of(setups)));
    }

    private static DayState pace(DayOrder order, int place) {
        return order.all().get(place);
    }

    @Test
    void a_break_comes_before_what_would_end_more_than_three_hours_after_the_last() {
        shot(fresh(), 30);
        shot(fresh(), 90);
        shot(fresh(), 17);
        sample.brief("wrapTime", LocalTime.of(20, 0));
        DayOrder order = inOrder(sample.build(), 0, 1, 2);

        // 15 + (3 + 30) × 1.1 = 51.3; + (3 + 1.5 + 90) × 1.1 = 103.95; the third would end at 180: no break.
        assertThat(pace(order, 0).times().end().afterCall()).isEqualTo(52);
        assertThat(pace(order, 1).times().end().afterCall()).isEqualTo(156);
        assertThat(pace(order, 2).times().end().afterCall()).isEqualTo(180);
        assertThat(order.all()).allSatisfy(pace -> assertThat(pace.pauses()).isEmpty());
        shot(fresh(), 3);
        DayOrder longer = inOrder(sample.build(), 0, 1, 2, 3);
        assertThat(pace(longer, 3).pauses()).containsExactly(new Pause(Pause.Kind.BREAK, 180, 190));
        assertThat(pace(longer, 3).times().gettingReady().afterCall()).isEqualTo(190);
    }

    @Test
    void the_meal_lies_at_a_meal_time_and_counts_as_a_break() {
        sample.brief("wrapTime", LocalTime.of(20, 0));
        for (int i = 0; i < 4; i++) {
            shot(fresh(), 77);
        }
        shot(fresh(), 10);
        DayOrder order = inOrder(sample.build(), 0, 1, 2, 3, 4);
        List<Pause> pauses =
                order.all().stream().flatMap(pace -> pace.pauses().stream()).toList();

        assertThat(pauses).extracting(Pause::kind).containsExactly(Pause.Kind.BREAK, Pause.Kind.MEAL, Pause.Kind.BREAK);
        // Called at 9:00: between 11:30 and 14:30.
        assertThat(pauses.get(1).fromMin()).isBetween(150, 330);
        assertThat(pauses.get(1).untilMin() - pauses.get(1).fromMin()).isEqualTo(30);
    }

    @Test
    void full_cards_are_copied_before_what_does_not_go_on_them() {
        Shot first = shot(fresh(), 10);
        shot(fresh(), 10);
        Plan plan = sample.build();
        // 100 Mbit/s for 600 s are 7.5 GB; at 50 MB/s they take 2.5 min.
        Plan small = plan.apply(new Change.Add(new Card(UUID.randomUUID(), "Card", 1, 1, 14.9, 50)));
        Plan enough = plan.apply(new Change.Add(new Card(UUID.randomUUID(), "Card", 1, 1, 15.1, 50)));

        assertThat(pace(inOrder(small, 0, 1), 1).pauses()).containsExactly(new Pause(Pause.Kind.COPY, 30, 33));
        assertThat(pace(inOrder(enough, 0, 1), 1).pauses()).isEmpty();
        assertThat(small.find(RecordKind.SHOT, first.id())).isPresent();
    }

    @Test
    void a_second_camera_rolls_along_on_an_action_that_tires() {
        Action action = sample.action(one -> one.with("tiring", true));
        shot(action, 10);
        sample.shot(action, one -> one.with("takes", 1).with("holdS", 355.0).with("bearingDeg", 120.0));
        Plan one = sample.build();
        Body second = Body.draft(UUID.randomUUID(), "Second");
        Plan two = one.apply(Change.batch(List.of(
                new Change.Add(second),
                new Change.Add(RecordKind.MODE.with(
                        RecordKind.MODE.copy(one.modesOf(one.bodies().get(0)).get(0), UUID.randomUUID()),
                        "bodyId",
                        second.id())))));

        assertThat(inOrder(one, 0, 1).minutes(Cost.SHOOTING)).isEqualTo(16);
        assertThat(inOrder(two, 0, 1).minutes(Cost.SHOOTING)).isEqualTo(10);
        assertThat(pace(inOrder(two, 0, 1), 1).rollsAlong()).isTrue();
        // Both are rigged first: 3 + 1.5 and ten of shooting, with a tenth.
        assertThat(pace(inOrder(two, 0, 1), 1).times().end().afterCall()).isEqualTo(15 + 16);
    }

    @Test
    void one_run_is_reframed_for_every_size_where_the_action_tires_and_lasts_long_enough() {
        Action action = sample.action(
                one -> one.with("tiring", true).with("durationS", 20.0).with("resetMin", 4.0));
        sample.shot(action, 30);
        sample.shot(action, 30);
        Plan plan = sample.build();

        // Four rolls of 15 s and one reset between the two runs: 1 + 4 min; apart it would be two resets.
        assertThat(Setup.of(plan).get(0).shootMin()).isEqualTo(5);
        Plan brief = plan.apply(Change.set(plan.get(RecordKind.ACTION, action.id()), "durationS", 19.9));
        assertThat(Setup.of(brief).get(0).shootMin()).isEqualTo(9);
    }

    @Test
    void free_time_counts_from_the_end_of_ones_last_setup_to_the_next_roll() {
        shot(fresh(), 10);
        shot(sample.action(one -> one.with("subjectId", sample.otherPerson())), 20);
        shot(fresh(), 10);
        DayOrder order = inOrder(sample.build(), 0, 1, 2);
        DayState third = pace(order, 2);

        // 15 + (3 + 10) × 1.1 = 29.3; + (3 + 1.5 + 20) × 1.1 = 26.95; then, of 4.5 × 1.1 rounded up, the 3 and the
        // stand are made before the roll.
        assertThat(pace(order, 0).times().end().afterCall()).isEqualTo(30);
        assertThat(pace(order, 1).times().end().afterCall()).isEqualTo(57);
        assertThat(third.times().roll().afterCall()).isEqualTo(61);
        DayPlan day = DayPlan.of(Shoot.of(sample.build()), order);
        assertThat(day.free(day.slots().get(1))).isEmpty();
        assertThat(day.free(day.slots().get(2))).singleElement().satisfies(free -> {
            assertThat(free.who().name()).isEqualTo("Ada");
            assertThat(free.minutes()).isEqualTo(31);
        });
    }

    @Test
    void somebody_who_works_past_their_limit_rests_or_costs_the_minutes_past_it() {
        shot(fresh(), 10);
        shot(fresh(), 10);
        // The first ends at 9:30; the second takes 16 minutes more, and no rest goes between.
        sample.brief("wrapTime", LocalTime.of(9, 50));
        Plan plan = sample.build();
        UUID ada = plan.subjects().get(0).id();
        Plan tired = plan.apply(Change.set(plan.get(RecordKind.SUBJECT, ada), "effortMin", Optional.of(15.0)));

        assertThat(inOrder(tired, 0, 1).minutes(Cost.EFFORT)).isEqualTo(5);
        Plan rested = tired.apply(Change.set(tired.get(RecordKind.SUBJECT, ada), "effortMin", Optional.of(20.0)));
        assertThat(inOrder(rested, 0, 1).minutes(Cost.EFFORT)).isZero();
        Plan longer = tired.apply(Change.edit(tired.brief(), one -> one.withWrapTime(LocalTime.of(17, 0))));
        DayOrder order = inOrder(longer, 0, 1);
        assertThat(order.minutes(Cost.EFFORT)).isZero();
        DayPlan day = DayPlan.of(Shoot.of(longer), order);
        assertThat(new Whys(day).of(day.slots().get(1)))
                .contains("Ada rests until %s."
                        .formatted(day.clock(day.slots().get(1).times().roll())));
    }

    @Test
    void clean_comes_before_messy_with_the_same_thing_and_a_state_splits_before_from_after() {
        shot(sample.action(one -> one.with("thing", "bowl").with("messy", true)), 1);
        shot(sample.action(one -> one.with("thing", "Bowl")), 1);
        Shoot shoot = Shoot.of(sample.build());

        assertThat(inOrder(shoot.plan(), 0, 1).merit().brokenMin()).isEqualTo(1);
        assertThat(inOrder(shoot.plan(), 1, 0).merit().brokenMin()).isZero();
        assertThat(new Whys(ShootingOrder.of(shoot))
                        .of(ShootingOrder.of(shoot).slots().get(1)))
                .anySatisfy(why -> assertThat(why).startsWith("Comes after ").contains("messy"));
        shot(sample.action(one -> one.with("thing", "bowl").with("setsState", "glazed")), 1);
        assertThat(inOrder(sample.build(), 1, 0, 2).merit().brokenMin()).isZero();
        assertThat(inOrder(sample.build(), 1, 2, 0).merit().brokenMin()).isEqualTo(1);
    }

    @Test
    void prerequisites_that_go_round_are_named_and_nothing_is_broken_for_them() {
        shot(sample.action(one -> one.with("thing", "bowl").with("messy", true)), 1);
        shot(sample.action(one -> one.with("thing", "bowl").with("setsState", "glazed")), 1);
        shot(sample.action(one -> one.with("thing", "bowl")), 1);
        Shoot shoot = Shoot.of(sample.build());

        assertThat(shoot.prerequisites().cycle()).containsExactlyInAnyOrder(0, 1, 2);
        assertThat(shoot.prerequisites().cycleInWords()).hasSize(3).allMatch(words -> words.contains(" before "));
        assertThat(Clash.of(shoot.plan()).limits())
                .isEqualTo(shoot.prerequisites().cycleInWords());
        assertThat(ShootingOrder.of(shoot).order().merit().brokenMin()).isZero();
        assertThat(ShootingOrder.of(shoot).dropped()).isNotEmpty();
    }

    @Test
    void the_master_comes_first_where_the_school_says_so() {
        Action action = fresh();
        sample.shot(action, 30);
        sample.shot(action, one -> one.with("size", upshot.core.size.Size.WIDE).with("bearingDeg", 90.0));
        Plan plan = sample.build();
        Plan master = plan.apply(Change.set(plan.house(), "dayOrder", OrderSchool.MASTER_FIRST));

        assertThat(inOrder(plan, 0, 1).merit().brokenMin()).isZero();
        assertThat(inOrder(master, 0, 1).merit().brokenMin()).isEqualTo(1);
        assertThat(inOrder(master, 1, 0).merit().brokenMin()).isZero();
    }

    @Test
    void a_must_have_behind_something_else_costs_a_minute_for_each() {
        sample.shot(fresh(), one -> one.with("priority", Priority.BONUS));
        sample.shot(fresh(), 30);
        Plan plan = sample.build();

        assertThat(inOrder(plan, 0, 1).minutes(Cost.OUT_OF_TURN)).isEqualTo(1);
        assertThat(inOrder(plan, 1, 0).minutes(Cost.OUT_OF_TURN)).isZero();
    }

    @Test
    void a_second_day_takes_what_the_first_has_no_room_for_and_nobody_is_in_two_places() {
        sample.brief("wrapTime", LocalTime.of(9, 40));
        shot(fresh(), 15);
        shot(fresh(), 15);
        Plan plan = sample.build();
        Plan days = plan.apply(new Change.Add(
                new ExtraCrew(UUID.randomUUID(), "Day 2", 1, 1, LocalTime.of(9, 0), LocalTime.of(12, 0), 1)));
        DayPlan day = ShootingOrder.of(days);

        assertThat(ShootingOrder.of(plan).dropped()).hasSize(1);
        assertThat(day.dropped()).isEmpty();
        assertThat(day.slots().get(1).times().gettingReady().afterCall()).isEqualTo(24 * 60 + 15);
        Plan units = plan.apply(new Change.Add(
                new ExtraCrew(UUID.randomUUID(), "Second unit", 1, 0, LocalTime.of(9, 0), LocalTime.of(9, 40), 1)));
        // Ada is in both setups: the second unit cannot have her at the same time.
        assertThat(ShootingOrder.of(units).dropped()).hasSize(1);
    }

    @Test
    void the_minutes_of_a_job_are_its_own() {
        shot(fresh(), 10);
        Plan plan = sample.build();
        Plan slow = plan.apply(new Change.Add(new Adjustment(UUID.randomUUID(), Threshold.RIG_TRIPOD, 20)));

        assertThat(ShootingOrder.of(plan).order().minutes(Cost.GETTING_READY)).isEqualTo(3);
        assertThat(ShootingOrder.of(slow).order().minutes(Cost.GETTING_READY)).isEqualTo(20);
    }

    @RepeatedTest(40)
    void an_order_that_is_written_down_is_read_back(RepetitionInfo run) {
        Plan plan = new RandomDays(900 + run.getCurrentRepetition()).plan(10, 4);
        Shoot shoot = Shoot.of(plan);
        DayOrder polished =
                new Search(ShootingOrder.of(shoot).order(), Search.Effort.changes(1, 500)).run(better -> {});
        Plan written = plan.apply(WrittenOrder.of(shoot, polished.crews(), UUID::randomUUID));
        DayOrder read = ShootingOrder.of(written).order();

        assertThat(read.merit().brokenMin()).isZero();
        assertThat(read.merit()).as("seed %d", run.getCurrentRepetition()).isLessThanOrEqualTo(polished.merit());
        if (polished.left().isEmpty()) {
            assertThat(read.crews()).isEqualTo(polished.crews());
        }
    }
}
