package upshot.day;

import java.util.BitSet;
import java.util.List;
import upshot.day.DayState.Carried;
import upshot.day.DayState.Clock;
import upshot.day.DayState.Person;
import upshot.day.DayState.Run;

/** What a setup costs where it stands, and what it leaves behind for those after it. */
final class PlaceCosts {

    /** Clean work that comes after mess is messed with by each of it, in minutes. */
    private static final double AFTER_MESS_MIN = 2;

    private final DayProblem problem;
    private final Relations relations;

    PlaceCosts(DayProblem problem, Relations relations) {

        this.problem = problem;
        this.relations = relations;
    }

    DayState state(
            DayState before, int setup, double changeMin, Clock clock, Run run, List<Breach> breaches, boolean along) {
        DaySetup next = problem.setup(setup);
        int[] costs = new int[Cost.ALL.length];
        double shooting = along ? run.shootMin() - before.run().shootMin() : run.shootMin();
        put(costs, Cost.GETTING_READY, changeMin);
        put(costs, Cost.SHOOTING, shooting);
        put(costs, Cost.WAITING, along ? run.idleMin() - before.run().idleMin() : run.idleMin());
        Person[] people = people(before, next, clock, shooting, along, costs);
        put(costs, Cost.DRIFT, along || !next.outdoors() ? 0 : driftMin(before, setup, clock));
        Carried carried = before.carried();
        put(costs, Cost.OUT_OF_TURN, outOfTurnMin(next, carried.messy(), carried.others()));
        return new DayState(
                before, before.crew(), setup, clock, run, breaches, costs, carried(before, setup, clock, people));
    }

    /**
     * What a setup costs for coming late.
     *
     * @param messyBefore setups before it that leave a mess
     * @param othersBefore setups before it that the school of order does not want early
     */
    static double outOfTurnMin(DaySetup next, int messyBefore, int othersBefore) {
        return (next.messy() ? 0 : messyBefore * AFTER_MESS_MIN) + (next.early() ? othersBefore : 0);
    }

    private static void put(int[] costs, Cost cost, double minutes) {
        costs[cost.ordinal()] += cost.hundredths(minutes);
    }

    private Person[] people(DayState before, DaySetup next, Clock clock, double shooting, boolean along, int[] costs) {
        Person[] known = before.carried().people();
        if (next.people().isEmpty()) {
            return known;
        }
        Person[] after = known.clone();
        for (int index : next.people()) {
            Performer performer = problem.people().get(index);
            Person person = known[index];
            int gap = person.lastMin() < 0 || along ? 0 : clock.rollMin() - person.lastMin();
            int waited = Math.max(0, gap - pausedMin(clock.pauses()));
            double active = gap >= Math.max(1, performer.restMin()) ? 0 : person.activeMin();
            double share = performer.released() ? 1 / Cost.KEPT_WAITING.weight() : 1;
            put(costs, Cost.KEPT_WAITING, waited * share);
            double limit = performer.effortMin().orElse(Double.MAX_VALUE);
            put(costs, Cost.EFFORT, Math.max(0, active + shooting - limit) - Math.max(0, active - limit));
            after[index] = new Person(clock.endMin(), active + shooting);
        }
        return after;
    }

    private static int pausedMin(List<Pause> pauses) {
        int sum = 0;
        for (Pause pause : pauses) {
            sum += pause.minutes();
        }
        return sum;
    }

    /** Minutes since the same action was shot under the same sky; none where this order has not shot it. */
    private double driftMin(DayState before, int setup, Clock clock) {
        BitSet same = relations.sameAction(setup);
        if (!before.carried().done().intersects(same)) {
            return 0;
        }
        DayState one = before;
        while (!one.first() && !same.get(one.setup())) {
            one = one.before();
        }
        return one.first() ? 0 : clock.rollMin() - one.endMin();
    }

    private Carried carried(DayState before, int setup, Clock clock, Person[] people) {
        DaySetup next = problem.setup(setup);
        Carried carried = before.carried();
        BitSet done = (BitSet) carried.done().clone();
        done.set(setup);
        boolean copied = clock.pauses() != before.pauses() && !clock.pauses().isEmpty() && cardsFull(before, next);
        int gap = clock.gettingReadyMin() - before.endMin();
        int lastBreak = carried.lastBreakMin();
        int fed = carried.fedMin();
        if (gap >= problem.rests().breakMin()) {
            lastBreak = clock.gettingReadyMin();
        }
        for (Pause pause : clock.pauses()) {
            lastBreak = pause.kind() == Pause.Kind.COPY ? lastBreak : Math.max(lastBreak, pause.untilMin());
            fed = pause.kind() == Pause.Kind.MEAL ? pause.untilMin() : fed;
        }
        return new Carried(
                done,
                lastBreak,
                fed,
                (copied ? 0 : carried.megabytes()) + next.recording().megabytes(),
                (copied ? 0 : carried.copyMin()) + next.recording().copyMin(),
                people,
                carried.others() + (next.early() ? 0 : 1),
                carried.messy() + (next.messy() ? 1 : 0));
    }

    /** Whether what a setup records does not go on the cards that are still empty. */
    boolean cardsFull(DayState before, DaySetup next) {
        return problem.capacityMegabytes() > 0
                && before.carried().megabytes() > 0
                && before.carried().megabytes() + next.recording().megabytes() > problem.capacityMegabytes();
    }
}
