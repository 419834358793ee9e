package upshot.day;

import java.util.ArrayList;
import java.util.List;

/**
 * What it takes to get from one setup to the next, in minutes.
 *
 * @param walkMin between two spots, by their numbers
 * @param rigMin of each support, by its number
 * @param newStandMin another stand on the same support
 * @param lensMin another lens
 * @param rebalanceMin after another lens on the same balanced support
 * @param rateMin another frame rate
 * @param lampsPlacedMin own lamps placed anew
 * @param lampsSwitchedMin the spot's lamps off or on
 * @param rigAgainMin a support that stands rigged at the spot since before, taken up again
 * @param anotherActionMin people told, things laid out; with the action's reset where it is taken up again
 */
public record Changes(
        List<List<Double>> walkMin,
        List<Double> rigMin,
        double newStandMin,
        double lensMin,
        double rebalanceMin,
        double rateMin,
        double lampsPlacedMin,
        double lampsSwitchedMin,
        double rigAgainMin,
        double anotherActionMin) {

    /** What the time of a change goes into. */
    public enum Work {
        WALK,
        RIG,
        NEW_STAND,
        LENS,
        REBALANCE,
        RATE,
        LAMPS_PLACED,
        LAMPS_OFF,
        LAMPS_ON,
        ANOTHER_ACTION
    }

    /** A part of a change and its minutes. */
    public record Item(Work work, double minutes) {}

    public Changes {
        walkMin = walkMin.stream().map(List::copyOf).toList();
        rigMin = List.copyOf(rigMin);
    }

    /** What it takes at the start of the day. */
    List<Item> items(DaySetup next) {
        List<Item> items = new ArrayList<>();
        items.add(new Item(Work.RIG, rigMin.get(next.gear().support())));
        if (next.gear().lamps() != 0) {
            items.add(new Item(Work.LAMPS_PLACED, lampsPlacedMin));
        }
        if (next.gear().dark()) {
            items.add(new Item(Work.LAMPS_OFF, lampsSwitchedMin));
        }
        return items;
    }

    /** What it takes after another setup; nothing where it is the same action from the same stand. */
    List<Item> items(DaySetup before, DaySetup next) {
        List<Item> items = new ArrayList<>();
        Gear from = before.gear();
        Gear to = next.gear();
        if (before.action() != next.action() && anotherActionMin > 0) {
            items.add(new Item(Work.ANOTHER_ACTION, anotherActionMin));
        }
        if (from.stand() == to.stand()) {
            return items;
        }
        if (from.spot() != to.spot()) {
            items.add(new Item(Work.WALK, walkMin.get(from.spot()).get(to.spot())));
        }
        boolean otherSupport = from.support() != to.support();
        items.add(otherSupport ? new Item(Work.RIG, rigMin.get(to.support())) : new Item(Work.NEW_STAND, newStandMin));
        if (from.lens() != to.lens()) {
            items.add(new Item(Work.LENS, lensMin));
            if (to.balanced() && !otherSupport) {
                items.add(new Item(Work.REBALANCE, rebalanceMin));
            }
        }
        if (from.rate() != to.rate()) {
            items.add(new Item(Work.RATE, rateMin));
        }
        if (to.lamps() != 0 && from.lamps() != to.lamps()) {
            items.add(new Item(Work.LAMPS_PLACED, lampsPlacedMin));
        }
        if (from.dark() != to.dark()) {
            items.add(new Item(to.dark() ? Work.LAMPS_OFF : Work.LAMPS_ON, lampsSwitchedMin));
        }
        return items;
    }
}
