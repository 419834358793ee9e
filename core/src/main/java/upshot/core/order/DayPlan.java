package upshot.core.order;

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

/**
 * Setups on the clock. Times are whole minutes after the brief's call.
 *
 * @param slots in shooting order, crew by crew; cameras that roll one run together share their times
 * @param dropped what does not fit, in story order
 * @param talkMin minutes of unloading and safety talk at the call
 * @param slackMin the most that can be lost at any one point while everything after it still happens; below zero it is
 *     what the dropped setups would need
 * @param order what it was read from
 */
public record DayPlan(List<Slot> slots, List<Dropped> dropped, int talkMin, int slackMin, RunningOrder order) {

    /**
     * A setup that has its time.
     *
     * @param number 1 for the first
     * @param fixed whether the moment and not the crew decides when
     * @param pinned whether somebody keeps it at its time
     * @param pace how the crew's day stands after it
     */
    public record Slot(int number, Setup setup, int startMin, int endMin, boolean fixed, boolean pinned, Pace pace) {

        private static Slot of(RunningOrder order, int number, Pace pace, Pace lastOfRun) {
            Shoot.Part part = order.shoot().part(pace.setup());
            return new Slot(
                    number,
                    part.setup(),
                    lastOfRun.startMin(),
                    lastOfRun.endMin(),
                    part.fixedMin() >= 0,
                    order.shoot().pinnedMin(pace.setup(), pace.crew()) >= 0,
                    pace);
        }

        private Slot with(Shoot shoot) {
            return new Slot(number, shoot.setups().get(pace.setup()), startMin, endMin, fixed, pinned, pace);
        }

        /** Whether the same shots begin at the same time. */
        boolean sameStart(Slot other) {
            return startMin == other.startMin && setup.sameShots(other.setup);
        }

        /** Whether it is the same setup at the same time. */
        boolean sameTime(Slot other) {
            return startMin == other.startMin && endMin == other.endMin && setup.equals(other.setup);
        }
    }

    /**
     * A setup that does not fit.
     *
     * @param index of the setup in the shoot
     * @param needsMin what it would take behind the last of the day
     */
    public record Dropped(int index, Setup setup, int needsMin) {}

    /** The day of an order. */
    public static DayPlan of(RunningOrder order) {
        List<Slot> slots = new ArrayList<>();
        for (List<Pace> crew : order.paces()) {
            for (int i = 0; i < crew.size(); i++) {
                int last = i;
                while (last + 1 < crew.size() && crew.get(last + 1).rollsAlong()) {
                    last++;
                }
                slots.add(Slot.of(order, slots.size() + 1, crew.get(i), crew.get(last)));
            }
        }
        List<Dropped> dropped =
                order.left().stream().map(setup -> dropped(order, setup)).toList();
        int needed = dropped.stream().mapToInt(Dropped::needsMin).sum();
        int talk = Pace.atCall(order.shoot(), order.shoot().crews().get(0)).endMin();
        return new DayPlan(List.copyOf(slots), dropped, talk, needed > 0 ? -needed : slack(order), order);
    }

    /** The same day of a shoot that is the same for the clock. */
    DayPlan takenOver(Shoot shoot) {
        return new DayPlan(
                slots.stream().map(slot -> slot.with(shoot)).toList(),
                dropped.stream()
                        .map(one -> new Dropped(one.index, shoot.setups().get(one.index), one.needsMin))
                        .toList(),
                talkMin,
                slackMin,
                new RunningOrder(shoot, order.crews(), order.paces()));
    }

    private static Dropped dropped(RunningOrder order, int setup) {
        Shoot shoot = order.shoot();
        List<Pace> first = order.paces().get(0);
        int last = first.isEmpty() ? -1 : first.get(first.size() - 1).setup();
        Setup one = shoot.setups().get(setup);
        double minutes = (shoot.changeMin(last, setup) + one.shootMin())
                * (1 + shoot.table().marginShare());
        return new Dropped(setup, one, Pacing.roundedUp(minutes));
    }

    private static int slack(RunningOrder order) {
        int slack = Integer.MAX_VALUE;
        for (int i = 0; i < order.paces().size(); i++) {
            List<Pace> paces = order.paces().get(i);
            Crew crew = order.shoot().crews().get(i);
            for (Pace pace : paces) {
                slack = Math.min(slack, pace.clock().spareMin());
            }
            Pace last = paces.isEmpty() ? Pace.atCall(order.shoot(), crew) : paces.get(paces.size() - 1);
            slack = Math.min(slack, crew.wrapMin() - last.endMin());
        }
        return slack;
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

    /** Whether every shot begins at the same time, however it may look now. */
    public boolean sameStarts(DayPlan other) {
        return same(other, Slot::sameStart);
    }

    private boolean same(DayPlan other, BiPredicate<Slot, Slot> alike) {
        return slots.size() == other.slots.size()
                && IntStream.range(0, slots.size()).allMatch(i -> alike.test(slots.get(i), other.slots.get(i)));
    }

    /** Two days are the same when the same setups stand at the same times, whatever they were made from. */
    @Override
    public boolean equals(Object other) {
        return other instanceof DayPlan that
                && same(that, Slot::sameTime)
                && dropped.equals(that.dropped)
                && talkMin == that.talkMin
                && slackMin == that.slackMin;
    }

    @Override
    public int hashCode() {
        return Objects.hash(slots.size(), dropped, talkMin, slackMin);
    }

    /** The setups of a crew. */
    public List<Slot> slotsOf(Crew crew) {
        return slots.stream()
                .filter(slot -> slot.pace().crew().index() == crew.index())
                .toList();
    }
}
