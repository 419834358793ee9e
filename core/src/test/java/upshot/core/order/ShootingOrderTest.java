package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.WantedLight;

class ShootingOrderTest {

    private final SamplePlan sample = new SamplePlan();

    private static DayPlan order(Plan plan) {
        return ShootingOrder.of(plan);
    }

    private static List<String> codes(DayPlan day) {
        return day.slots().stream()
                .flatMap(slot -> slot.setup().shots().stream())
                .map(Shot::code)
                .toList();
    }

    private static String why(DayPlan day, int slot) {
        return String.join(" ", new Whys(day).of(day.slots().get(slot)));
    }

    @Test
    void shots_that_share_a_stand_are_one_setup() {
        Action action = sample.action();
        sample.shot(action, 30);
        sample.shot(action, 30);
        sample.shot(action, shot -> shot.with("captureRate", FrameRate.of(48)));
        sample.shot(sample.action(), 30);

        assertThat(Setup.of(sample.build()))
                .extracting(setup -> setup.shots().size())
                .containsExactly(2, 1, 1);
    }

    @Test
    void minutes_add_up_by_hand() {
        sample.shot(sample.action(), 30);
        DayPlan.Slot slot = order(sample.build()).slots().get(0);

        // Tripod 3 min; two takes of 3 + 10 + 2 s are 0.5 min; 10 % of 3.5 is 0.35: 3.85, a started minute counts.
        assertThat(slot.times().gettingReady().afterCall()).isEqualTo(15);
        assertThat(slot.times().end().afterCall()).isEqualTo(15 + 4);
        assertThat(new Whys(order(sample.build())).minutes(slot))
                .extracting(SpentMinutes::minutes)
                .containsExactly(3.0, 0.5, 0.35000000000000003);
    }

    @Test
    void changes_cost_what_the_table_says() {
        Action action = sample.action();
        sample.shot(action, shot -> shot.with("support", Support.GIMBAL));
        sample.shot(action, shot -> shot.with("support", Support.GIMBAL).with("focalLengthMm", 85.0));
        sample.shot(sample.action(one -> one.with("spotId", sample.nextSpot())), 30);
        Shoot shoot = Shoot.of(sample.build());

        assertThat(change(shoot, 0, 1)).containsExactly("New stand 1.5", "Change the lens 2.0", "Balance again 4.0");
        assertThat(change(shoot, 1, 2))
                .containsExactly(
                        "Another action 3.0", "Walk from Hall 3.0", "Rig the tripod 3.0", "Change the lens 2.0");
    }

    @Test
    void spots_one_after_the_other_and_mess_last() {
        Shot far = sample.shot(sample.action(one -> one.with("spotId", sample.nextSpot())), 30);
        Shot messy = sample.shot(sample.action(one -> one.with("messy", true)), 30);
        Shot near = sample.shot(sample.action(), 30);
        DayPlan day = order(sample.build());

        assertThat(codes(day)).containsExactly(near.code(), far.code(), messy.code());
        assertThat(why(day, 2)).contains("mess");
    }

    @Test
    void a_fixed_moment_has_the_camera_ready_ten_minutes_before() {
        Shot fixed = sample.shot(at(LocalTime.of(10, 0), 120), 30);
        Shot free = sample.shot(sample.action(), 30);
        DayPlan day = order(sample.build());
        DayPlan.Slot moment = day.slots().get(1);

        assertThat(codes(day)).containsExactly(free.code(), fixed.code());
        // From nine: sixty minutes, less ten of waiting, 3 for another action and 1.5 for a new stand on the same
        // tripod.
        assertThat(moment.times().gettingReady().afterCall()).isEqualTo(60 - 10 - 5);
        // It lasts two minutes; two takes of 3 + 120 + 2 s, the first of them settled when it begins, are 4.1 min.
        assertThat(moment.times().end().afterCall()).isEqualTo(65);
        assertThat(day.slackMin()).isEqualTo(45 - 19);
    }

    @Test
    void what_does_not_fit_before_the_moment_waits_until_after_it() {
        Shot fixed = sample.shot(at(LocalTime.of(9, 35), 60), 30);
        Shot tooLong = sample.shot(sample.action(), shot -> shot.with("holdS", 300.0));
        Shot brief = sample.shot(sample.action(one -> one.with("messy", true)), 30);
        DayPlan day = order(sample.build());

        assertThat(codes(day)).containsExactly(brief.code(), fixed.code(), tooLong.code());
    }

    @Test
    void a_moment_that_begins_before_the_crew_can_be_there_is_dropped_with_its_reason() {
        sample.shot(at(LocalTime.of(9, 20), 60), 30);
        DayPlan day = order(sample.build());

        assertThat(day.slots()).isEmpty();
        assertThat(day.dropped())
                .singleElement()
                .satisfies(dropped -> assertThat(new Whys(day).dropped(dropped)).contains("not free in time"));
        assertThat(day.slackMin()).isNegative();
    }

    @Test
    void one_camera_takes_one_view_of_a_moment_that_does_not_wait() {
        Action moment = at(LocalTime.of(12, 0), 60);
        sample.shot(moment, 30);
        Shot second = sample.shot(moment, 90);
        DayPlan day = order(sample.build());

        assertThat(day.slots()).hasSize(1);
        assertThat(day.dropped()).singleElement().satisfies(dropped -> {
            assertThat(dropped.setup().first()).isEqualTo(second);
            assertThat(new Whys(day).dropped(dropped)).contains("every camera is taken");
        });
    }

    @Test
    void a_day_that_is_too_short_drops_the_rest() {
        sample.brief("wrapTime", LocalTime.of(9, 19));
        Shot fits = sample.shot(sample.action(), 30);
        Shot left = sample.shot(sample.action(), 60);
        DayPlan exact = order(sample.build());

        assertThat(codes(exact)).containsExactly(fits.code());
        assertThat(exact.dropped())
                .extracting(dropped -> dropped.setup().first())
                .containsExactly(left);
        sample.brief("wrapTime", LocalTime.of(9, 18));
        assertThat(order(sample.build()).slots()).isEmpty();
    }

    private Action at(LocalTime time, double durationS) {
        return sample.action(one ->
                one.with("fixedTime", Optional.of(time)).with("once", true).with("durationS", durationS));
    }

    @RepeatedTest(60)
    void no_setup_is_lost_and_none_overlaps_another(RepetitionInfo run) {
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        DayPlan day = order(plan);
        String seed = "seed " + run.getCurrentRepetition();

        assertThat(day.slots().size() + day.dropped().size())
                .as(seed)
                .isEqualTo(Setup.of(plan).size());
        int now = day.talk().afterCall();
        for (DayPlan.Slot slot : day.slots()) {
            assertThat(slot.times().gettingReady().afterCall()).as(seed).isGreaterThanOrEqualTo(slot.fixed() ? 0 : now);
            assertThat(slot.times().end().afterCall())
                    .as(seed)
                    .isLessThanOrEqualTo(plan.brief().dayMinutes());
            now = Math.max(now, slot.times().end().afterCall());
        }
    }

    @Test
    void hours_of_action_people_spot_and_light_are_kept() {
        Shot early = sample.shot(sample.action(), 30);
        Shot late = sample.shot(sample.action(one -> one.with("fromTime", Optional.of(LocalTime.of(11, 0)))), 30);
        Shot dusk = sample.shot(
                sample.action(one -> one.with("wantedLight", WantedLight.GOLDEN).with("spotId", sample.nextSpot())),
                30);
        Plan plan = sample.brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)))
                .brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("zone", "Europe/London")
                .brief("wrapTime", LocalTime.of(20, 0))
                .build();
        DayPlan day = order(plan);

        assertThat(day.dropped()).isEmpty();
        assertThat(start(day, early)).isEqualTo(15);
        // The call is at nine; golden light begins at 17:27.
        assertThat(day.slotOf(late).orElseThrow().times().roll().afterCall()).isEqualTo(120);
        assertThat(start(day, late))
                .as("another action and a new stand are made before")
                .isEqualTo(116);
        assertThat(day.slotOf(dusk).orElseThrow().times().roll().afterCall()).isBetween(507, 509);
        assertThat(why(day, 1)).contains("from 11:00 to 20:00");
        Plan gone = plan.apply(Change.set(plan.subjects().get(0), "untilTime", Optional.of(LocalTime.of(11, 1))));
        assertThat(order(gone).dropped())
                .anySatisfy(
                        left -> assertThat(new Whys(order(gone)).dropped(left)).contains("from 11:00 to 11:01", "Ada"));
    }

    private static int start(DayPlan day, Shot shot) {
        return day.slots().stream()
                .filter(slot -> slot.setup().shots().contains(shot))
                .findFirst()
                .orElseThrow()
                .times()
                .gettingReady()
                .afterCall();
    }

    @Test
    void own_lamps_cost_ten_minutes_where_they_stand_differently_and_the_spot_s_two_to_switch() {
        Action action = sample.action();
        Shot lit = sample.shot(action, one -> one.with("keyDeg", Optional.of(75.0)));
        Shot same =
                sample.shot(action, one -> one.with("keyDeg", Optional.of(75.0)).with("bearingDeg", 90.0));
        Shot dark = sample.shot(action, one -> one.with("lampsOff", true).with("bearingDeg", 150.0));
        List<Setup> setups = Setup.of(sample.build());
        Shoot shoot = Shoot.of(sample.build());

        assertThat(setups).extracting(Setup::first).containsExactly(lit, same, dark);
        assertThat(change(shoot, -1, 0)).contains("Place the lamps 10.0");
        assertThat(change(shoot, 0, 1)).containsExactly("New stand 1.5");
        assertThat(change(shoot, 1, 2)).contains("Lamps off 2.0");
        assertThat(change(shoot, 2, 0)).contains("Lamps on 2.0", "Place the lamps 10.0");
    }

    private static List<String> change(Shoot shoot, int before, int next) {
        return new ChangeWords(shoot)
                .of(before, next, 0).stream()
                        .map(spent -> spent.label() + " " + spent.minutes())
                        .toList();
    }
}
