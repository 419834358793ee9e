package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.WantedLight;
import upshot.day.Windows.Span;

/** When an action can be shot, in minutes after the call at nine; the day ends at five, minute 480. */
class HoursTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    private static Hours of(Plan plan) {
        return Hours.of(plan, plan.actions().get(0), Crew.of(plan).get(0));
    }

    private static Plan times(Plan plan, String from, String until) {
        return plan.apply(Change.batch(List.of(
                Change.set(
                        plan.actions().get(0),
                        "fromTime",
                        Optional.ofNullable(from).map(LocalTime::parse)),
                Change.set(
                        plan.actions().get(0),
                        "untilTime",
                        Optional.ofNullable(until).map(LocalTime::parse)))));
    }

    @ParameterizedTest
    @CsvSource({
        "10:00, 12:00, 60, 180",
        ", 12:00, 0, 180",
        "10:00, , 60, 480",
        "08:00, 10:00, 0, 60",
        "16:00, 20:00, 420, 480",
        // Half past midnight is nearer to the next call than to the wrap: it begins with the day.
        "01:30, 10:00, 0, 60",
        "00:30, 10:00, ,",
        "06:00, 08:30, ,",
        "17:00, 18:00, ,",
        "18:00, , ,",
        "12:00, 12:00, ,"
    })
    void hours_of_the_clock_within_the_day(String from, String until, Integer begins, Integer ends) {
        Hours hours = of(times(sample.build(), from, until));

        assertThat(hours.spans()).isEqualTo(begins == null ? List.of() : List.of(new Span(begins, ends)));
        assertThat(hours.windows().bounded()).isTrue();
    }

    @Test
    void nothing_bounds_the_whole_day_and_a_spot_is_entered_when_it_opens() {
        Plan plan = sample.build();

        assertThat(of(plan).windows().bounded()).isFalse();
        assertThat(of(plan).spans()).containsExactly(new Span(0, 480));
        assertThat(of(plan).why()).isEmpty();
        assertThat(of(times(plan, "08:00", "18:00")).windows().bounded())
                .as("more than the day")
                .isFalse();
        Plan opens = plan.apply(Change.set(plan.spots().get(0), "opensTime", Optional.of(LocalTime.of(10, 0))));
        assertThat(of(opens).windows().rigFromMin()).isEqualTo(60);
        assertThat(of(opens).spans()).containsExactly(new Span(60, 480));
        Plan evening = plan.apply(Change.set(plan.spots().get(0), "opensTime", Optional.of(LocalTime.of(18, 0))));
        assertThat(of(evening).windows().rigFromMin()).isZero();
        Plan atWrap = plan.apply(Change.set(plan.spots().get(0), "opensTime", Optional.of(LocalTime.of(17, 0))));
        assertThat(of(atWrap).windows().rigFromMin()).isEqualTo(480);
    }

    @Test
    void all_that_bounds_it_is_named() {
        Plan plan = times(sample.build(), "10:00", null);
        assertThat(of(plan).why()).isEqualTo(action.name());
        Plan ada = plan.apply(Change.set(plan.subjects().get(0), "untilTime", Optional.of(LocalTime.of(15, 0))));
        assertThat(of(ada).why()).isEqualTo(action.name() + " and Ada");
        Plan hall = ada.apply(Change.set(ada.spots().get(0), "closesTime", Optional.of(LocalTime.of(14, 0))));
        assertThat(of(hall).why()).isEqualTo(action.name() + ", Ada and Hall");
        assertThat(of(hall).spans()).containsExactly(new Span(60, 300));
        assertThat(new Whys(ShootingOrder.of(hall)).spans(of(hall))).isEqualTo("from 10:00 to 14:00");
    }

    @Test
    void everybody_who_takes_part_bounds_it() {
        sample.performer(action, sample.otherPerson());
        Plan plan = sample.build();
        Plan ben = plan.apply(Change.set(plan.subjects().get(1), "fromTime", Optional.of(LocalTime.of(11, 0))));

        assertThat(of(ben).spans()).containsExactly(new Span(120, 480));
        assertThat(of(ben).why()).isEqualTo("Ben");
    }

    /** On 9 October at 52.63 N the evening's golden light begins within the working day of 9 to 17 and goes on past it. */
    @Test
    void light_that_is_asked_for_leaves_its_windows_as_far_as_the_day_goes() {
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)));
        Plan golden = sample.build().apply(Change.set(action, "wantedLight", WantedLight.GOLDEN_EVENING));

        assertThat(of(golden).spans()).singleElement().satisfies(span -> {
            assertThat(span.fromMin()).isBetween(420, 479);
            assertThat(span.untilMin()).isEqualTo(480);
        });
        Plan dark = sample.build().apply(Change.set(action, "wantedLight", WantedLight.DARK));
        assertThat(of(dark).spans()).as("not by day").isEmpty();
        Plan night = dark.apply(Change.batch(List.of(
                Change.set(dark.brief(), "callTime", LocalTime.of(22, 0)),
                Change.set(dark.brief(), "wrapTime", LocalTime.of(4, 0)))));
        assertThat(of(night).spans())
                .as("what ends at midnight goes on after it")
                .containsExactly(new Span(0, 360));
    }

    @Test
    void two_days_are_the_same_where_the_same_stands_at_the_same_times() {
        Shot first = sample.shot(action, 30);
        sample.shot(action, 90);
        Plan plan = sample.build();
        DayPlan day = ShootingOrder.of(plan);
        DayPlan again =
                DayPlan.of(Shoot.of(plan), ShootingOrder.of(Shoot.of(plan)).order());

        assertThat(again).isEqualTo(day).hasSameHashCodeAs(day);
        assertThat(again.sameRolls(day)).isTrue();
        Plan looks = plan.apply(Change.set(first, "note", "look up"));
        assertThat(ShootingOrder.of(looks)).as("the setup is another").isNotEqualTo(day);
        assertThat(ShootingOrder.of(looks).sameRolls(day))
                .as("but rolls when it did")
                .isTrue();
        Plan longer = plan.apply(Change.set(first, "holdS", 600.0));
        assertThat(ShootingOrder.of(longer).sameRolls(day)).isFalse();
        Plan fewer = plan.apply(new Change.Remove(first));
        assertThat(ShootingOrder.of(fewer).sameRolls(day)).isFalse();
        assertThat(day.byShot()).hasSize(2).containsKey(first.id());
        assertThat(day.slotOf(first)).contains(day.byShot().get(first.id()));
        assertThat(day.slots())
                .allSatisfy(slot -> assertThat(slot.minutes())
                        .isEqualTo(slot.times().end().afterCall()
                                - slot.times().gettingReady().afterCall()));
        assertThat(day.slotsOf(day.shoot().crews().get(0))).hasSize(2);
        assertThat(day.free(day.slots().get(0))).as("nobody was there before").isEmpty();
        assertThat(day.free(day.slots().get(1)))
                .singleElement()
                .satisfies(free -> assertThat(free.who().name()).isEqualTo("Ada"));
    }

    @Test
    void what_must_come_first_says_why() {
        SamplePlan things = new SamplePlan();
        Action clean = things.action(one -> one.with("thing", "bowl").with("name", "Ada turns it"));
        Action mess = things.action(
                one -> one.with("thing", "bowl").with("name", "Ada glazes").with("messy", true));
        Action other = things.action(one -> one.with("thing", "cup").with("messy", true));
        for (Action one : List.of(clean, mess, other)) {
            things.shot(one, 30);
        }
        Prerequisites needs = Shoot.of(things.build()).prerequisites();
        assertThat(needs.why(0, 1)).contains("Ada glazes leaves bowl messy");
        assertThat(needs.why(1, 0)).isEmpty();
        assertThat(needs.why(0, 2)).as("another thing").isEmpty();
        assertThat(needs.after(0).get(1)).isTrue();
        Plan set = things.build().apply(Change.set(clean, "setsState", "turned"));
        assertThat(Shoot.of(set).prerequisites().why(0, 1)).contains("bowl becomes turned");
        Plan then = things.build().apply(Change.set(mess, "setsState", "glazed"));
        assertThat(Shoot.of(then).prerequisites().why(0, 1)).contains("bowl becomes glazed");
    }
}
