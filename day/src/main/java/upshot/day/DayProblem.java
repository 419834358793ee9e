package upshot.day;

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
     * What it takes to be ready for a setup.
     *
     * @param before −1 at the start of the day
     */
    public List<Changes.Item> change(int before, int next) {
        return before < 0 ? changes.items(setup(next)) : changes.items(setup(before), setup(next));
    }
}
