package upshot.core.order;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Support;
import upshot.core.plan.Walk;

/**
 * What things cost in minutes: the usual ones, unless the job has moved them.
 *
 * @param moved the minutes that this job has moved
 * @param walks between two spots each
 */
public record MinutesTable(Map<Threshold, Double> moved, List<Walk> walks) {

    public static final MinutesTable USUAL = new MinutesTable(Map.of(), List.of());

    private static final Map<Support, Threshold> RIGGING = new EnumMap<>(Map.of(
            Support.TRIPOD, Threshold.RIG_TRIPOD,
            Support.HAND_HELD, Threshold.RIG_HAND_HELD,
            Support.SHOULDER, Threshold.RIG_SHOULDER,
            Support.GIMBAL, Threshold.RIG_GIMBAL,
            Support.SLIDER, Threshold.RIG_SLIDER,
            Support.OVERHEAD, Threshold.RIG_OVERHEAD,
            Support.TURNTABLE, Threshold.RIG_TURNTABLE,
            Support.MOUNT, Threshold.RIG_MOUNT,
            Support.DRONE, Threshold.RIG_DRONE));

    public MinutesTable {
        moved = Map.copyOf(moved);
        walks = List.copyOf(walks);
    }

    /** The minutes of a job. */
    public static MinutesTable of(Plan plan) {
        Map<Threshold, Double> moved = new EnumMap<>(Threshold.class);
        plan.list(Kind.ADJUSTMENT).forEach(one -> moved.put(one.threshold(), one.value()));
        moved.keySet().removeIf(one -> !one.ofTheDay());
        return new MinutesTable(moved, plan.list(Kind.WALK));
    }

    /** Minutes as they hold here; the margin in percent. */
    public double of(Threshold what) {
        return moved.getOrDefault(what, what.usual());
    }

    /** What is added to rigging and shooting, 0.1 for a tenth. */
    public double marginShare() {
        return of(Threshold.MARGIN) / 100;
    }

    /**
     * One line of a setup's minutes. Thousands are only added up, so that nothing is put into words before it is asked
     * for.
     *
     * @param what the time goes into
     * @param which of these, or empty
     */
    public record Item(String what, String which, double minutes) {

        Item(String what, double minutes) {
            this(what, "", minutes);
        }

        /** What the time goes into. */
        public String label() {
            return which.isEmpty() ? what : what + " " + which;
        }

        static double total(List<Item> items) {
            double sum = 0;
            for (Item item : items) {
                sum += item.minutes;
            }
            return sum;
        }
    }

    /**
     * What it takes to be ready for a setup; nothing where it is shot from the same stand.
     *
     * @param before the setup that was shot before, or null at the start of the day
     */
    public List<Item> change(Setup before, Setup next) {
        List<Item> items = new ArrayList<>();
        if (before != null && before.stand().equals(next.stand())) {
            return items;
        }
        if (before != null && !before.spot().id().equals(next.spot().id())) {
            items.add(new Item(
                    "Walk from",
                    before.spot().name(),
                    walkMin(before.spot().id(), next.spot().id())));
        }
        boolean otherSupport = before == null || before.support() != next.support();
        items.add(
                otherSupport
                        ? new Item("Rig the", next.support().label(), of(RIGGING.get(next.support())))
                        : new Item("New stand", of(Threshold.NEW_STAND)));
        if (before != null && !before.lens().equals(next.lens())) {
            items.add(new Item("Change the lens", of(Threshold.LENS)));
            if (next.support() == Support.GIMBAL && !otherSupport) {
                items.add(new Item("Balance again", of(Threshold.REBALANCE)));
            }
        }
        if (before != null && !before.first().captureRate().equals(next.first().captureRate())) {
            items.add(new Item("Change the frame rate", of(Threshold.RATE)));
        }
        if (next.lightsDifferFrom(before)) {
            items.add(new Item("Place the lamps", of(Threshold.LAMPS_PLACED)));
        }
        boolean dark = before != null && before.first().lampsOff();
        if (dark != next.first().lampsOff()) {
            items.add(new Item(dark ? "Lamps on" : "Lamps off", of(Threshold.LAMPS_SWITCHED)));
        }
        return items;
    }

    private double walkMin(UUID from, UUID to) {
        return walks.stream()
                .filter(one -> one.joins(from, to))
                .findFirst()
                .map(Walk::minutes)
                .orElseGet(() -> of(Threshold.WALK));
    }
}
