package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Action;
import upshot.core.plan.Plan;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;

/** The limits of a day checked from the plan and the clock alone, without anything that made the order. */
final class LimitsKept {

    private LimitsKept() {}

    static void check(DayPlan day) {
        Plan plan = day.shoot().plan();
        Map<UUID, List<DayPlan.Slot>> byPerson = new HashMap<>();
        for (DayPlan.Slot slot : day.slots()) {
            Crew crew = slot.crew();
            Action action = slot.setup().action();
            assertThat(slot.times().end().afterCall()).isLessThanOrEqualTo(crew.wrapMin());
            assertThat(slot.times().gettingReady().afterCall()).isGreaterThanOrEqualTo(crew.callMin());
            action.fromTime()
                    .filter(time -> minute(plan, time) < crew.wrapMin())
                    .ifPresent(time ->
                            assertThat(slot.times().roll().afterCall()).isGreaterThanOrEqualTo(minute(plan, time)));
            action.untilTime()
                    .filter(time -> minute(plan, time) <= crew.wrapMin())
                    .ifPresent(
                            time -> assertThat(slot.times().end().afterCall()).isLessThanOrEqualTo(minute(plan, time)));
            action.fixedTime().ifPresent(time -> {
                assertThat(slot.times().roll().afterCall()).isEqualTo(minute(plan, time));
                assertThat(slot.times().gettingReady().afterCall()).isLessThanOrEqualTo(minute(plan, time) - 10);
            });
            for (Subject subject : Coverage.performing(plan, action)) {
                if (subject.kind() == SubjectKind.PERSON) {
                    byPerson.computeIfAbsent(subject.id(), none -> new ArrayList<>())
                            .add(slot);
                }
            }
        }
        byPerson.values().forEach(LimitsKept::nobodyTwice);
        things(day);
    }

    private static int minute(Plan plan, LocalTime time) {
        return plan.brief().minutesAfterCall(time);
    }

    private static void nobodyTwice(List<DayPlan.Slot> slots) {
        for (DayPlan.Slot one : slots) {
            for (DayPlan.Slot other : slots) {
                boolean sameAction = one.setup().action().equals(other.setup().action());
                if (one != other && !sameAction) {
                    assertThat(Math.min(
                                    one.times().end().afterCall(),
                                    other.times().end().afterCall()))
                            .isLessThanOrEqualTo(Math.max(
                                    one.times().roll().afterCall(),
                                    other.times().roll().afterCall()));
                }
            }
        }
    }

    /** Nothing messy before something clean with the same thing, where no state is set. */
    private static void things(DayPlan day) {
        for (DayPlan.Slot messy : day.slots()) {
            for (DayPlan.Slot clean : day.slots()) {
                Action mess = messy.setup().action();
                Action care = clean.setup().action();
                if (mess.messy()
                        && !care.messy()
                        && mess.hasThing()
                        && mess.thing().equals(care.thing())
                        && mess.setsState().isEmpty()
                        && care.setsState().isEmpty()) {
                    assertThat(clean.times().roll().afterCall())
                            .isLessThanOrEqualTo(messy.times().roll().afterCall());
                }
            }
        }
    }
}
