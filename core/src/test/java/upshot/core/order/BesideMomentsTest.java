package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.light.LightHour;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.ExtraCrew;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Rest;
import upshot.core.plan.Shot;
import upshot.core.plan.Turn;
import upshot.core.plan.WantedLight;
import upshot.day.DayClock;
import upshot.day.DayOrder;
import upshot.day.DayState;
import upshot.day.Pause;

/** Rests beside moments, hours outside the shoot, nights over a change of the clock, and people between two crews. */
class BesideMomentsTest {

    private final SamplePlan sample = new SamplePlan();

    /** A shot that takes so many minutes in takes of under an hour, each with three seconds to settle and two of tail. */
    private Shot shot(Action action, double minutes) {
        int takes = (int) Math.ceil(minutes / 50);
        return sample.shot(action, one -> one.with("takes", takes).with("holdS", minutes * 60 / takes - 5));
    }

    private Action at(LocalTime time) {
        return sample.action(one -> one.with("fixedTime", Optional.of(time)).with("durationS", 60.0));
    }

    private List<DayState> inOrder(Integer... setups) {
        return DayOrder.of(new DayClock(Shoot.of(sample.build()).problem()), List.of(List.of(setups)))
                .all();
    }

    private static List<Pause.Kind> kinds(DayState state) {
        return state.pauses().stream().map(Pause::kind).toList();
    }

    @Test
    void a_meal_that_does_not_fit_before_the_moment_comes_after_it() {
        sample.brief("wrapTime", LocalTime.of(20, 0));
        // Ends at 15 + (3 + 305) × 1.1 = 354; the moment at 15:04 has its camera ready at 14:54, minute 354.
        shot(sample.action(), 305);
        shot(at(LocalTime.of(15, 7)), 1);
        shot(sample.action(), 5);
        List<DayState> day = inOrder(0, 1, 2);

        assertThat(kinds(day.get(1))).isEmpty();
        assertThat(kinds(day.get(2))).containsExactly(Pause.Kind.MEAL);
    }

    @Test
    void a_break_is_taken_early_where_none_fits_before_the_moment() {
        sample.brief("wrapTime", LocalTime.of(20, 0));
        // 15 + (3 + 80) × 1.1 = 107; then (1.5 + 55) × 1.1 = 62.2, so 170; the moment is ready at 175 and over at 186.
        shot(sample.action(), 80);
        shot(sample.action(), 55);
        shot(at(LocalTime.of(12, 5)), 1);
        List<DayState> late = inOrder(0, 1, 2);

        assertThat(kinds(late.get(1))).containsExactly(Pause.Kind.BREAK);
    }

    @Test
    void with_room_before_the_moment_the_break_waits_for_it() {
        sample.brief("wrapTime", LocalTime.of(20, 0));
        shot(sample.action(), 80);
        shot(sample.action(), 55);
        shot(at(LocalTime.of(12, 45)), 1);

        assertThat(kinds(inOrder(0, 1, 2).get(1))).isEmpty();
        assertThat(kinds(inOrder(0, 1, 2).get(2))).containsExactly(Pause.Kind.BREAK);
    }

    @ParameterizedTest
    @CsvSource({
        "18:00, '', false",
        "16:00, '', true",
        "'', 08:00, false",
        "'', 10:00, true",
        "18:00, 19:00, false",
        "07:00, 18:30, true",
        "06:00, 08:30, false"
    })
    void whoever_comes_at_six_is_not_shot_at_nine(String from, String until, boolean shot) {
        shot(sample.action(), 1);
        Plan plan = sample.build();
        Plan hours = set(set(plan, "fromTime", from), "untilTime", until);
        DayPlan day = ShootingOrder.of(hours);

        assertThat(day.slots().isEmpty()).isNotEqualTo(shot);
        if (!shot) {
            assertThat(new WhyLeftOut(day, new Whys(day)).of(day.dropped().get(0)))
                    .contains("Ada leaves no time for it between call and wrap");
        }
    }

    @ParameterizedTest
    @CsvSource({
        "09:20, 40, 60, is over at ten: rolled then",
        "10:14, 30, 18, begins when the take has ended: nothing is in the way",
        "10:13, 30, 103, begins a minute before the end of the take",
        "08:30, 60, 30, began before the call",
        "16:00, 60, 18, later in the day",
        "06:00, 120, 18, before the call altogether"
    })
    void nobody_is_asked_for_anything_in_a_rest_that_is_planned(String from, double minutes, int rollMin, String when) {
        // 15 min of safety talk and 3 to rig, with the margin 18.3; 50 min with theirs are 55, so that it is over at
        // 73.3.
        shot(sample.action(), 50);
        Plan plan = sample.build();
        Rest rest = new Rest(sample.id(), plan.subjects().get(0).id(), LocalTime.parse(from), minutes);
        DayPlan day = ShootingOrder.of(plan.apply(new Change.Add(rest)));

        assertThat(day.slots().get(0).times().roll().afterCall()).as(when).isEqualTo(rollMin);
        Plan another = plan.apply(new Change.Add(new Rest(rest.id(), sample.object(), rest.startTime(), minutes)));
        assertThat(ShootingOrder.of(another).slots().get(0).times().roll().afterCall())
                .as("the rest of somebody else")
                .isEqualTo(18);
    }

    @Test
    void whoever_rests_for_the_whole_day_is_not_shot_and_that_is_why() {
        shot(sample.action(), 1);
        Plan plan = sample.build();
        UUID ada = plan.subjects().get(0).id();
        DayPlan day = ShootingOrder.of(plan.apply(new Change.Add(new Rest(sample.id(), ada, LocalTime.of(8, 0), 600))));

        assertThat(new WhyLeftOut(day, new Whys(day)).of(day.dropped().get(0)))
                .contains("Ada's rest leaves no time for it between call and wrap");
    }

    private static Plan set(Plan plan, String field, String time) {
        return time.isEmpty()
                ? plan
                : plan.apply(Change.set(plan.subjects().get(0), field, Optional.of(LocalTime.parse(time))));
    }

    private Brief night(LocalDate date) {
        sample.brief("shootDate", Optional.of(date))
                .brief("zone", "Europe/London")
                .brief("callTime", LocalTime.of(22, 0))
                .brief("wrapTime", LocalTime.of(6, 0));
        return sample.build().brief();
    }

    @Test
    void a_night_over_a_change_of_the_clock_counts_the_minutes_that_pass() {
        Brief back = night(LocalDate.of(2026, 10, 24));
        // The hour from one to two comes twice: nine hours until six.
        assertThat(back.dayMinutes()).isEqualTo(540);
        assertThat(back.clockAt(240)).isEqualTo(LocalTime.of(1, 0));
        assertThat(back.clockAt(540)).isEqualTo(LocalTime.of(6, 0));
        Brief on = night(LocalDate.of(2026, 3, 28));
        // The hour from one to two is left out: seven hours.
        assertThat(on.dayMinutes()).isEqualTo(420);
        assertThat(on.clockAt(180)).isEqualTo(LocalTime.of(2, 0));
        Brief plain = night(LocalDate.of(2026, 6, 1));
        assertThat(plain.dayMinutes()).isEqualTo(480);
        assertThat(plain.minutesAfterCall(LocalTime.of(22, 0))).isZero();
    }

    @Test
    void dawn_after_midnight_belongs_to_the_night_before() {
        sample.brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)));
        night(LocalDate.of(2026, 6, 1));
        Action dawn = sample.action(one -> one.with("wantedLight", WantedLight.GOLDEN_MORNING));
        shot(dawn, 1);
        Plan plan = sample.build();

        assertThat(LightHour.of(plan, dawn).orElseThrow().windows()).hasSize(1);
        assertThat(ShootingOrder.of(plan).slots()).hasSize(1);
        Plan evening = plan.apply(Change.set(dawn, "wantedLight", WantedLight.GOLDEN_EVENING));
        assertThat(ShootingOrder.of(evening).slots())
                .as("the sun is down at ten")
                .isEmpty();
    }

    /** How many minutes lie between the end with one crew and the roll with the other. */
    private int between(UnaryOperator<Action> second) {
        shot(sample.action(), 10);
        Shot other = shot(sample.action(second), 10);
        Plan plan = sample.build();
        ExtraCrew crew = new ExtraCrew(sample.id(), "Second unit", 1, 0, LocalTime.of(9, 0), LocalTime.of(17, 0), 1);
        Plan two = plan.apply(Change.batch(List.of(
                new Change.Add(crew),
                new Change.Add(
                        new Turn(sample.id(), other.id(), Optional.of(crew.id()), 1, Optional.empty(), false)))));
        DayPlan day = ShootingOrder.of(two);
        List<DayPlan.Slot> slots = day.slots().stream()
                .sorted(Comparator.comparingInt(slot -> slot.times().roll().afterCall()))
                .toList();
        return slots.size() < 2
                ? Integer.MAX_VALUE
                : slots.get(1).times().roll().since(slots.get(0).times().end());
    }

    @Test
    void whoever_changes_crews_and_spots_walks() {
        assertThat(between(one -> one.with("spotId", sample.nextSpot()))).isGreaterThanOrEqualTo(3);
        assertThat(sample.build().list(RecordKind.WALK)).isEmpty();
    }
}
