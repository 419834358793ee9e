package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;

/** Orders as they are written into a plan, and what two days have beside each other. */
class WrittenOrderTest {

    private final SamplePlan sample = new SamplePlan();
    private final List<Shot> shots = List.of(
            sample.shot(sample.action(), 30), sample.shot(sample.action(), 30), sample.shot(sample.action(), 30));

    private Plan ordered(Plan plan, Integer... order) {
        return plan.apply(WrittenOrder.of(Shoot.of(plan), List.of(List.of(order)), sample::id));
    }

    private String order(Plan plan) {
        return ShootingOrder.of(plan).slots().stream()
                .map(slot -> "" + shots.indexOf(slot.setup().first()))
                .reduce("", String::concat);
    }

    private static List<Double> ranks(Plan plan) {
        return plan.list(RecordKind.TURN).stream().map(Turn::rank).toList();
    }

    @Test
    void a_whole_order_is_written_and_written_anew_with_the_turns_that_are_there() {
        Plan plan = ordered(sample.build(), 2, 0, 1);
        assertThat(order(plan)).isEqualTo("201");
        List<UUID> ids = plan.list(RecordKind.TURN).stream().map(Turn::id).toList();
        Plan other = ordered(plan, 1, 0, 2);

        assertThat(order(other)).isEqualTo("102");
        assertThat(other.list(RecordKind.TURN)).extracting(Turn::id).containsExactlyInAnyOrderElementsOf(ids);
        assertThat(WrittenOrder.of(Shoot.of(other), List.of(List.of(1, 0, 2)), sample::id)
                        .changes())
                .as("nothing differs")
                .isEmpty();
        assertThat(ranks(other)).isSorted().doesNotHaveDuplicates();
    }

    @Test
    void what_an_order_leaves_out_has_no_turn_and_what_was_let_go_stays_so() {
        Plan plan = ordered(sample.build(), 2, 0, 1);
        assertThat(ordered(plan, 2, 0).list(RecordKind.TURN)).hasSize(2);
        Setup gone = Shoot.of(plan).setups().get(1);
        Plan let = plan.apply(WrittenOrder.letGo(Shoot.of(plan), sample::id, gone));

        assertThat(order(let)).isEqualTo("20");
        assertThat(ordered(let, 0, 1).list(RecordKind.TURN))
                .filteredOn(Turn::letGo)
                .hasSize(1);
        assertThat(let.apply(WrittenOrder.forgotten(let)).list(RecordKind.TURN))
                .singleElement()
                .matches(Turn::letGo);
        Plan fresh = sample.build();
        Plan letAtOnce = fresh.apply(WrittenOrder.letGo(
                Shoot.of(fresh), sample::id, Shoot.of(fresh).setups().get(1)));
        assertThat(letAtOnce.list(RecordKind.TURN)).singleElement().satisfies(turn -> {
            assertThat(turn.letGo()).isTrue();
            assertThat(turn.shotId()).isEqualTo(shots.get(1).id());
        });
    }

    @ParameterizedTest
    @CsvSource({"0, 2, 120", "2, 0, 201", "1, 0, 102", "1, 9, 021", "0, -1, 012"})
    void a_setup_moves_among_the_others_whether_an_order_is_written_or_not(int setup, int position, String expected) {
        Plan written = ordered(sample.build(), 0, 1, 2);
        DayPlan day = ShootingOrder.of(written);
        Setup moved = day.shoot().setups().get(setup);
        Crew crew = day.shoot().crews().get(0);

        Plan after = written.apply(WrittenOrder.move(day, sample::id, moved, crew, position));
        assertThat(order(after)).isEqualTo(expected);
        assertThat(after.list(RecordKind.TURN)).as("one turn changes").hasSize(3);
        Plan free = sample.build();
        DayPlan own = ShootingOrder.of(free);
        int stood = own.slots().stream()
                .map(slot -> shots.indexOf(slot.setup().first()))
                .toList()
                .indexOf(setup);
        String others = order(free).replace("" + setup, "");
        int to = Math.max(0, Math.min(position, others.length()));
        assertThat(order(free.apply(WrittenOrder.move(
                        own, sample::id, own.slots().get(stood).setup(), crew, position))))
                .isEqualTo(others.substring(0, to) + setup + others.substring(to));
    }

    @Test
    void a_turn_goes_to_another_crew() {
        Plan plan = ordered(sample.build(), 0, 1, 2);
        ExtraCrew second = new ExtraCrew(sample.id(), "Day 2", 1, 1, LocalTime.of(9, 0), LocalTime.of(12, 0), 1);
        Plan two = plan.apply(new Change.Add(second));
        Plan moved = two.apply(WrittenOrder.of(Shoot.of(two), List.of(List.of(0, 2), List.of(1)), sample::id));

        assertThat(moved.list(RecordKind.TURN))
                .filteredOn(turn -> turn.shotId().equals(shots.get(1).id()))
                .singleElement()
                .extracting(Turn::shiftId)
                .isEqualTo(Optional.of(second.id()));
        assertThat(ShootingOrder.of(moved).slots().get(2).crew().index()).isEqualTo(1);
        assertThat(WrittenOrder.of(Shoot.of(moved), List.of(List.of(0, 2), List.of(1)), sample::id)
                        .changes())
                .isEmpty();
    }

    @Test
    void a_pin_keeps_the_time_and_is_taken_out_again() {
        Plan plan = sample.build();
        DayPlan day = ShootingOrder.of(plan);
        DayPlan.Slot last = day.slots().get(2);
        Plan pinned = plan.apply(WrittenOrder.pin(day, sample::id, last, true));

        assertThat(pinned.list(RecordKind.TURN))
                .filteredOn(turn -> turn.pinnedTime().isPresent())
                .singleElement()
                .satisfies(turn -> {
                    assertThat(turn.shotId()).isEqualTo(last.setup().first().id());
                    assertThat(turn.pinnedTime())
                            .contains(day.clock(last.times().gettingReady()));
                });
        assertThat(pinned.list(RecordKind.TURN)).hasSize(3);
        DayPlan kept = ShootingOrder.of(pinned);
        assertThat(kept.slots().get(2).pinned()).isTrue();
        Plan free = pinned.apply(WrittenOrder.pin(kept, sample::id, kept.slots().get(2), false));
        assertThat(free.list(RecordKind.TURN))
                .hasSize(3)
                .allMatch(turn -> turn.pinnedTime().isEmpty());
    }

    @Test
    void two_days_beside_each_other_say_what_each_has_and_costs() {
        Plan plan = ordered(sample.build(), 0, 1, 2);
        Plan other = ordered(plan, 2, 1);
        Setup gone = Shoot.of(other).setups().get(0);
        Plan without = other.apply(WrittenOrder.letGo(Shoot.of(other), sample::id, gone));
        Comparison comparison = Comparison.of(ShootingOrder.of(plan), ShootingOrder.of(without));

        assertThat(comparison.lost()).containsExactly(shots.get(0));
        assertThat(comparison.won()).isEmpty();
        assertThat(comparison.moved())
                .as("the last comes first, the middle one stays second")
                .isEqualTo(1);
        assertThat(comparison.lines().get(0)).isEqualTo(new Comparison.Line("must shots made", 3, 2, "shots", true));
        assertThat(comparison.lines().get(0).better()).isEqualTo(-1);
        assertThat(comparison.lines())
                .extracting(Comparison.Line::what)
                .doesNotContain("bonus shots made")
                .contains("slack");
        assertThat(comparison.lines())
                .filteredOn(line -> line.what().equals("slack"))
                .singleElement()
                .satisfies(slack -> assertThat(slack.better()).isEqualTo(1));
        assertThat(comparison.lines())
                .filteredOn(line -> line.what().equals("all minutes, as they count"))
                .singleElement()
                .satisfies(all -> {
                    assertThat(all.after()).isLessThan(all.before());
                    assertThat(all.better()).as("fewer are better").isEqualTo(1);
                });
        Comparison back = Comparison.of(ShootingOrder.of(without), ShootingOrder.of(plan));
        assertThat(back.won()).containsExactly(shots.get(0));
        assertThat(Comparison.of(ShootingOrder.of(plan), ShootingOrder.of(plan)).moved())
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({"1, 1.04, true, 0", "1, 1.06, true, 1", "1, 1.06, false, -1", "2, 1, true, -1", "2, 1, false, 1"})
    void the_same_to_a_tenth_is_neither_better_nor_worse(double before, double after, boolean more, int better) {
        assertThat(new Comparison.Line("", before, after, "min", more).better()).isEqualTo(better);
    }

    @Test
    void what_goes_round_is_named_step_by_step() {
        SamplePlan round = new SamplePlan();
        Shot messy = round.shot(round.action(one -> one.with("thing", "bowl").with("messy", true)), 30);
        Shot glazes = round.shot(round.action(one -> one.with("thing", "bowl").with("setsState", "glazed")), 30);
        Shot clean = round.shot(round.action(one -> one.with("thing", "bowl")), 30);
        Prerequisites needs = Shoot.of(round.build()).prerequisites();
        List<Integer> cycle = needs.cycle();

        assertThat(cycle).containsExactlyInAnyOrder(0, 1, 2);
        List<Shot> all = List.of(messy, glazes, clean);
        for (int i = 0; i < 3; i++) {
            int next = cycle.get((i + 1) % 3);
            assertThat(needs.after(cycle.get(i)).get(next)).isTrue();
            assertThat(needs.cycleInWords().get(i))
                    .startsWith("%s before %s: "
                            .formatted(
                                    all.get(cycle.get(i)).code(), all.get(next).code()));
        }
        assertThat(Shoot.of(sample.build()).prerequisites().cycle()).isEmpty();
    }
}
