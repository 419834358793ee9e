package upshot.core.order;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.day.DayOrder;
import upshot.day.DaySetup;
import upshot.day.DayState;
import upshot.day.Minute;
import upshot.day.Times;

/**
 * Setups on the clock.
 *
 * @param shoot whose setups they are
 * @param order the same in numbers
 * @param slots in shooting order, crew by crew; cameras that roll one run together share their times
 * @param dropped what does not fit, in story order
 * @param talk when unloading and the safety talk are over
 * @param slackMin the most that can be lost at any one point while everything after it still happens; below zero it is
 *     what the dropped setups would need
 */
public record DayPlan(Shoot shoot, DayOrder order, List<Slot> slots, List<Dropped> dropped, Minute talk, int slackMin) {

    /**
     * A setup that has its time.
     *
     * @param number 1 for the first
     * @param fixed whether the moment and not the crew decides when
     * @param pinned whether somebody keeps it at its time
     * @param state how the crew's day stands after it
     */
    public record Slot(int number, Setup setup, Crew crew, Times times, boolean fixed, boolean pinned, DayState state) {

        /** From getting ready to the end. */
        public int minutes() {
            return times.end().since(times.gettingReady());
        }

        /** Whether the same shots roll at the same time. */
        boolean sameRoll(Slot other) {
            return times.roll().equals(other.times.roll()) && setup.sameShots(other.setup);
        }

        /** Whether it is the same setup at the same times. */
        boolean sameTimes(Slot other) {
            return times.equals(other.times) && setup.equals(other.setup);
        }
    }

    /**
     * A setup that does not fit.
     *
     * @param index of the setup in the shoot
     * @param needsMin what it would take behind the last of the day
     */
    public record Dropped(int index, Setup setup, int needsMin) {}

    /**
     * Minutes for which somebody in a setup was not in front of the camera before.
     *
     * @param minutes breaks of the crew among them
     */
    public record Free(Subject who, int minutes) {}

    /** The day of an order. */
    public static DayPlan of(Shoot shoot, DayOrder order) {
        List<Slot> slots = new ArrayList<>();
        for (List<DayState> crew : order.states()) {
            for (int i = 0; i < crew.size(); i++) {
                int last = i;
                while (last + 1 < crew.size() && crew.get(last + 1).rollsAlong()) {
                    last++;
                }
                slots.add(slot(
                        shoot, slots.size() + 1, crew.get(i), crew.get(last).times()));
            }
        }
        List<Dropped> dropped = order.left().stream()
                .map(setup -> new Dropped(setup, shoot.setups().get(setup), order.neededMin(setup)))
                .toList();
        int needed = dropped.stream().mapToInt(Dropped::needsMin).sum();
        return new DayPlan(
                shoot,
                order,
                List.copyOf(slots),
                dropped,
                order.clock().atCall(0).times().end(),
                needed > 0 ? -needed : order.slackMin());
    }

    private static Slot slot(Shoot shoot, int number, DayState state, Times times) {
        DaySetup numbers = shoot.problem().setup(state.setup());
        return new Slot(
                number,
                shoot.setups().get(state.setup()),
                shoot.crews().get(state.crew()),
                times,
                numbers.fixed().isPresent(),
                numbers.pinnedMin(state.crew()).isPresent(),
                state);
    }

    /** A minute by the place's clock. */
    public LocalTime clock(Minute minute) {
        return shoot.plan().brief().clockAt(minute.afterCall());
    }

    /** The slot in which a shot is made, if it is made. */
    public Optional<Slot> slotOf(Shot shot) {
        return slots.stream()
                .filter(slot -> slot.setup().shots().contains(shot))
                .findFirst();
    }

    /** The slots by the shots made in them. */
    public Map<UUID, Slot> byShot() {
        return slots.stream()
                .flatMap(slot -> slot.setup().shots().stream().map(shot -> Map.entry(shot.id(), slot)))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** How long everybody in a slot was free before; nobody is between cameras that roll along, or comes the first time. */
    public List<Free> free(Slot slot) {
        if (slot.state().rollsAlong()) {
            return List.of();
        }
        return shoot.performing(slot.setup()).stream()
                .filter(person -> slot.state().freeMin(person) >= 0)
                .map(person -> new Free(shoot.people().get(person), slot.state().freeMin(person)))
                .toList();
    }

    /** Whether every shot rolls at the same time, however it may look now. */
    public boolean sameRolls(DayPlan other) {
        return same(other, Slot::sameRoll);
    }

    private boolean same(DayPlan other, BiPredicate<Slot, Slot> alike) {
        return slots.size() == other.slots.size()
                && IntStream.range(0, slots.size()).allMatch(i -> alike.test(slots.get(i), other.slots.get(i)));
    }

    /** Two days are the same when the same setups stand at the same times, whatever they were made from. */
    @Override
    public boolean equals(Object other) {
        return other instanceof DayPlan that
                && same(that, Slot::sameTimes)
                && dropped.equals(that.dropped)
                && talk.equals(that.talk)
                && slackMin == that.slackMin;
    }

    @Override
    public int hashCode() {
        return Objects.hash(slots.size(), dropped, talk, slackMin);
    }

    /** The setups of a crew. */
    public List<Slot> slotsOf(Crew crew) {
        return slots.stream()
                .filter(slot -> slot.crew().index() == crew.index())
                .toList();
    }
}
