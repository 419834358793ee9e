package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Turn;

/**
 * What a day says of its setups, to the word and the minute. Call at nine, fifteen minutes of talk; two takes of 3 + 10 + 2 s
 * are half a minute, the margin is a tenth; whoever waits in front of the camera counts a quarter.
 */
class SaidOfTheDayTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action walk = sample.action(one -> one.with("name", "Ada walks"));
    private final Shot first = sample.shot(walk, one -> one.with("code", "A1").with("bearingDeg", 30.0));
    private final Shot second = sample.shot(walk, one -> one.with("code", "A2").with("bearingDeg", 90.0));
    private final Shot third = sample.shot(
            walk, one -> one.with("code", "A3").with("bearingDeg", 90.0).with("focalLengthMm", 85.0));

    private Shot elsewhere() {
        Action talk = sample.action(one -> one.with("name", "Ben talks")
                .with("spotId", sample.nextSpot())
                .with("subjectId", sample.otherPerson()));
        return sample.shot(talk, one -> one.with("code", "B1").with("support", Support.GIMBAL));
    }

    private Shot moment() {
        Action bell = sample.action(one -> one.with("name", "The bell")
                .with("fixedTime", Optional.of(LocalTime.of(11, 0)))
                .with("durationS", 60.0));
        return sample.shot(bell, one -> one.with("code", "C1").with("takes", 1));
    }

    private Shot late() {
        Action sits = sample.action(one -> one.with("name", "Ada sits")
                .with("fromTime", Optional.of(LocalTime.of(14, 0)))
                .with("messy", true));
        return sample.shot(sits, one -> one.with("code", "D1"));
    }

    private Plan written(Shot... shots) {
        List<Change> turns = new ArrayList<>();
        for (Shot shot : shots) {
            turns.add(new Change.Add(new Turn(
                    sample.id(), shot.id(), Optional.empty(), 10.0 * (turns.size() + 1), Optional.empty(), false)));
        }
        return sample.build().apply(Change.batch(turns));
    }

    /** "ready-roll-end: why / why not earlier / where its minutes go". */
    private static String said(Plan plan, int place) {
        DayPlan day = ShootingOrder.of(plan);
        Whys whys = new Whys(day);
        DayPlan.Slot slot = day.slots().get(place);
        return "%s-%s-%s: %s / %s / %s"
                .formatted(
                        day.clock(slot.times().gettingReady()),
                        day.clock(slot.times().roll()),
                        day.clock(slot.times().end()),
                        String.join(" ", whys.of(slot)),
                        whys.notEarlier(slot),
                        whys.minutes(slot).stream()
                                .map(one -> String.format(Locale.ROOT, "%s %.2f", one.label(), one.minutes()))
                                .collect(Collectors.joining(", ")));
    }

    @Test
    void one_after_the_other() {
        assertThat(said(sample.build(), 0))
                .isEqualTo(
                        "09:15-09:18-09:19: First of the day: getting ready takes 3 min. / It is the first of the day. /"
                                + " Rig the tripod 3.00, Shoot A1 0.50, Margin 0.35");
        assertThat(said(sample.build(), 1))
                .isEqualTo(
                        "09:19-09:20-09:22: Keeps the spot, the tripod and the lens of A1: getting ready takes 1.5 min. Ada is"
                                + " kept waiting before it, which counts 0.3 min. / It could as well stand before A1; the day would cost"
                                + " the same. / New stand 1.50, Shoot A2 0.50, Margin 0.20");
        assertThat(said(sample.build(), 2))
                .isEqualTo(
                        "09:22-09:25-09:27: Keeps the spot and the tripod of A2: getting ready takes 3.5 min. Ada is kept"
                                + " waiting before it, which counts 0.8 min. / It could as well stand before A1; the day would cost the"
                                + " same. / New stand 1.50, Change the lens 2.00, Shoot A3 0.50, Margin 0.40");
    }

    @Test
    void an_order_that_somebody_wrote_says_what_another_would_cost() {
        Plan plan = written(third, first, second);

        // The lens is changed once more: two minutes, a quarter of two for Ada.
        assertThat(said(plan, 1))
                .contains("/ Before A3 nothing breaks, but the day would cost 2.5 min more as they count. /");
        Shot ben = elsewhere();
        assertThat(said(written(first, ben, second, third), 1))
                .startsWith("09:19-09:31-09:32: Keeps the lens of A1: getting ready takes 11 min. /")
                .contains("/ It could: before A1 the day would cost 10.3 min less as they count. /")
                .endsWith("Another action 3.00, Walk from Hall 3.00, Rig the gimbal 5.00, Shoot B1 0.53, Margin 1.15");
    }

    @Test
    void an_action_that_is_taken_up_again() {
        assertThat(said(written(first, elsewhere(), second, third), 2))
                .isEqualTo(
                        "09:32-09:39-09:41: Keeps the lens of B1: getting ready takes 7 min. Ada is kept waiting before it,"
                                + " which counts 5 min. “Ada walks” was left after A1 and is taken up again here: directly after A1 it"
                                + " would do as well. / It could as well stand before B1; the day would cost the same. / Another action"
                                + " 3.00, Walk from Yard 3.00, Take up the tripod that stands there 1.00, Shoot A2 0.50, Margin 0.75");
    }

    @Test
    void a_moment_that_does_not_wait_and_somebody_who_comes_late() {
        elsewhere();
        moment();
        late();
        Plan plan = sample.build();

        assertThat(said(plan, 3)).startsWith("09:27-09:41-09:42: After A3 getting ready takes 13 min. /");
        // Seven to get ready and ten before eleven: 10:43; from 9:42 on nobody has anything to do, Ada since 9:27.
        assertThat(said(plan, 4))
                .isEqualTo(
                        "10:43-11:00-11:01: The bell is at 11:00; the camera stands ready from 10:50. Keeps the lens of B1:"
                                + " getting ready takes 7 min. The crew waits 61 min for it. Ada is kept waiting before it, which counts"
                                + " 23.3 min. / Its moment does not move. / Another action 3.00, Walk from Yard 3.00, Take up the tripod"
                                + " that stands there 1.00, Ready before the moment 10.00, Shoot C1 1.00");
        assertThat(said(plan, 5))
                .startsWith(
                        "13:56-14:00-14:02: Ada sits: from 14:00 to 17:00. It leaves a mess, so it comes after the clean work."
                                + " Keeps the spot, the tripod and the lens of C1: getting ready takes 4.5 min. The crew waits 165 min for"
                                + " it. Ada is kept waiting before it, which counts 42.3 min. / Before C1 that one would not be ready for"
                                + " its moment, by 197 min. /");
    }

    @Test
    void what_is_pinned_and_what_leaves_no_time() {
        Shot ben = elsewhere();
        Plan plan = written(first, second, third, ben);
        Turn turn = plan.list(RecordKind.TURN).get(3);
        Plan pinned = plan.apply(Change.set(turn, "pinnedTime", Optional.of(LocalTime.of(10, 0))));

        assertThat(said(pinned, 3))
                .startsWith(
                        "10:00-10:14-10:15: Pinned: getting ready begins at 10:00. After A3 getting ready takes 13 min. The crew"
                                + " waits 33 min for it. / Somebody keeps it at its time. /");
        Action early =
                sample.action(one -> one.with("name", "Too early").with("untilTime", Optional.of(LocalTime.of(8, 0))));
        sample.shot(early, one -> one.with("code", "E1"));
        DayPlan day = ShootingOrder.of(sample.build());
        assertThat(new Whys(day).dropped(day.dropped().get(0)))
                .isEqualTo("E1 does not fit: Too early leaves no time for it between call and wrap.");
    }

    @Test
    void who_has_had_the_rest_that_was_due() {
        Plan plan = written(first, elsewhere(), second);
        Plan tires = plan.apply(Change.batch(List.of(
                Change.set(plan.subjects().get(0), "effortMin", Optional.of(30.0)),
                Change.set(plan.subjects().get(0), "restMin", 20.0))));

        // From 9:19 to 9:39.
        assertThat(said(tires, 2)).contains("Ada has had 20 min of rest.");
        Plan longer = tires.apply(Change.set(tires.subjects().get(0), "restMin", 21.0));
        assertThat(said(longer, 2)).doesNotContain("of rest");
    }
}
