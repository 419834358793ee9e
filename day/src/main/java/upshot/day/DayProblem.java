package upshot.day;

import java.util.ArrayList;
import java.util.List;

/**
 * Everything about a shoot that decides its order, as numbers. Two days with equal problems have equal orders: that is
 * all that needs to be remembered of a day.
 *
 * @param crews at least one, the brief's own first
 * @param setups in story order; everything else names them by their place here
 * @param changes what it takes to get from one to the next
 * @param people who stands in front of the camera
 * @param rests breaks, the meal, the talk at the call
 * @param capacityMegabytes of all cards together, 0 where they are not counted
 * @param margin what rigging and shooting are multiplied by, 1.1 for a tenth more
 * @param readyBeforeMin how long before what happens once the camera stands ready
 */
public record DayProblem(
        List<DayCrew> crews,
        List<DaySetup> setups,
        Changes changes,
        List<Performer> people,
        Rests rests,
        double capacityMegabytes,
        double margin,
        double readyBeforeMin) {

    private static final double LATE_READY_MIN = 2;

    public DayProblem {
        crews = List.copyOf(crews);
        setups = List.copyOf(setups);
        people = List.copyOf(people);
    }

    public int size() {
        return setups.size();
    }

    public DaySetup setup(int index) {
        return setups.get(index);
    }

    /**
     * What is left of it for its first crew, which stands somewhere: turns bind no more, pins only what lies ahead, and for
     * a moment one is ready just in time rather than not at all.
     */
    DayProblem standing(DayCrew.Standing now) {
        List<DayCrew> standing = new ArrayList<>(crews);
        standing.set(0, crews.get(0).standing(now));
        return new DayProblem(
                standing,
                setups.stream().map(setup -> setup.from(now.freeMin())).toList(),
                changes,
                people,
                rests,
                capacityMegabytes,
                margin,
                Math.min(readyBeforeMin, LATE_READY_MIN));
    }

    /**
     * What it takes to be ready for a setup.
     *
     * @param before −1 at the start of the day
     */
    public List<Changes.Item> change(int before, int next) {
        return before < 0 ? changes.items(setup(next)) : changes.items(setup(before), setup(next));
    }
}
