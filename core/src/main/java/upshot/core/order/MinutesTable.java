package upshot.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import upshot.core.house.Threshold;
import upshot.core.plan.Kind;
import upshot.core.plan.Plan;
import upshot.core.plan.Support;
import upshot.core.plan.Walk;

/**
 * What things cost in minutes.
 *
 * @param safetyTalk at the call, with unloading
 * @param walk between two spots that have no walk of their own
 * @param lens to change it
 * @param rebalance a gimbal after a lens change
 * @param rate to change the frame rate
 * @param light to place lamps of one's own
 * @param lamps of the spot, to switch them off or on
 * @param newStand on the same support
 * @param readyBefore how long before a fixed moment the camera stands ready
 * @param marginShare added to rigging and shooting
 * @param walks between two spots each
 */
public record MinutesTable(
        double safetyTalk,
        double walk,
        double lens,
        double rebalance,
        double rate,
        double light,
        double lamps,
        double newStand,
        double readyBefore,
        double marginShare,
        List<Walk> walks) {

    public static final MinutesTable USUAL = new MinutesTable(15, 3, 2, 4, 0.5, 10, 2, 1.5, 10, 0.10, List.of());

    public MinutesTable {
        walks = List.copyOf(walks);
    }

    /** The usual minutes with the walks and thresholds of a job. */
    public static MinutesTable of(Plan plan) {
        return new MinutesTable(
                plan.threshold(Threshold.SAFETY_TALK),
                USUAL.walk,
                USUAL.lens,
                USUAL.rebalance,
                USUAL.rate,
                USUAL.light,
                USUAL.lamps,
                USUAL.newStand,
                plan.threshold(Threshold.READY_BEFORE),
                plan.threshold(Threshold.MARGIN) / 100,
                plan.list(Kind.WALK));
    }

    /**
     * One line of a setup's minutes.
     *
     * @param label what the time goes into
     */
    public record Item(String label, double minutes) {}

    /**
     * What it takes to be ready for a setup.
     *
     * @param before the setup that was shot before, or null at the start of the day
     */
    public List<Item> change(Setup before, Setup next) {
        List<Item> items = new ArrayList<>();
        boolean moved = before == null || !before.spot().id().equals(next.spot().id());
        if (moved && before != null) {
            items.add(new Item(
                    "Walk from " + before.spot().name(),
                    walkMin(before.spot().id(), next.spot().id())));
        }
        boolean otherSupport = before == null || before.support() != next.support();
        boolean otherLens =
                before == null || before.first().focalLengthMm() != next.first().focalLengthMm();
        if (otherSupport) {
            items.add(
                    new Item("Rig the " + next.support().label(), next.support().rigMin()));
        } else {
            items.add(new Item("New stand", newStand));
        }
        if (otherLens && before != null) {
            items.add(new Item("Change the lens", lens));
            if (next.support() == Support.GIMBAL && !otherSupport) {
                items.add(new Item("Balance again", rebalance));
            }
        }
        if (before != null && !before.first().captureRate().equals(next.first().captureRate())) {
            items.add(new Item("Change the frame rate", rate));
        }
        if (next.lightsDifferFrom(before)) {
            items.add(new Item("Place the lamps", light));
        }
        boolean dark = before != null && before.first().lampsOff();
        if (dark != next.first().lampsOff()) {
            items.add(new Item(dark ? "Lamps on" : "Lamps off", lamps));
        }
        return items;
    }

    private double walkMin(UUID from, UUID to) {
        return walks.stream()
                .filter(one -> one.joins(from, to))
                .findFirst()
                .map(Walk::minutes)
                .orElse(walk);
    }
}
