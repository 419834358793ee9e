package upshot.core.order;

import java.util.BitSet;
import java.util.List;
import upshot.core.house.Threshold;
import upshot.core.order.Pace.Breach;
import upshot.core.order.Pace.Carried;
import upshot.core.order.Pace.Clock;
import upshot.core.order.Pace.Pause;
import upshot.core.order.Pace.Person;
import upshot.core.order.Pace.Run;
import upshot.core.plan.Subject;

/** What a setup costs where it stands, and what it leaves behind for those after it. */
final class Burdens {

    /** Waiting counts as the meal no sooner than this after the call. */
    private static final int MEAL_NOT_BEFORE_MIN = 120;

    /** Clean work that comes after mess is messed with by each of it, in minutes. */
    private static final double AFTER_MESS_MIN = 2;

    private static final int COSTS = Cost.values().length;

    private final Shoot shoot;
    private final double mealMin;
    private final double breakMin;
    private final Limits[] people;

    /** What somebody can bear. */
    private record Limits(double effortMin, double restMin, double waitingShare) {

        static Limits of(Subject subject) {
            return new Limits(
                    subject.effortMin().orElse(Double.MAX_VALUE),
                    Math.max(1, subject.restMin()),
                    subject.released() ? 1 / Cost.KEPT_WAITING.weight() : 1);
        }
    }

    Burdens(Shoot shoot) {
        this.shoot = shoot;
        this.mealMin = shoot.of(Threshold.MEAL);
        this.breakMin = shoot.of(Threshold.BREAK);
        this.people = shoot.people().stream().map(Limits::of).toArray(Limits[]::new);
    }

    Pace pace(Pace before, int setup, Clock clock, Run run, List<Breach> breaches, boolean along) {
        Shoot.Part part = shoot.part(setup);
        long[] costs = new long[COSTS];
        double shooting = along ? run.shootMin() - before.run().shootMin() : run.shootMin();
        put(costs, Cost.GETTING_READY, shoot.changeMin(before.setup(), setup));
        put(costs, Cost.SHOOTING, shooting);
        put(costs, Cost.WAITING, along ? run.idleMin() - before.run().idleMin() : run.idleMin());
        Person[] people = people(before, part, clock, shooting, along, costs);
        put(costs, Cost.DRIFT, along ? 0 : driftMin(before, part, clock));
        Carried carried = before.carried();
        boolean messy = part.setup().action().messy();
        put(costs, Cost.OUT_OF_TURN, outOfTurnMin(messy, carried.messy(), part.firstClass(), carried.others()));
        return new Pace(before, setup, clock, run, breaches, costs, carried(before, setup, part, clock, people));
    }

    /**
     * What a setup costs for coming late.
     *
     * @param messyBefore setups before it that leave a mess
     * @param othersBefore setups before it that the school of order does not want early
     */
    static double outOfTurnMin(boolean messy, int messyBefore, boolean firstClass, int othersBefore) {
        return (messy ? 0 : messyBefore * AFTER_MESS_MIN) + (firstClass ? othersBefore : 0);
    }

    private static void put(long[] costs, Cost cost, double minutes) {
        costs[cost.ordinal()] += cost.hundredths(minutes);
    }

    private Person[] people(Pace before, Shoot.Part part, Clock clock, double shooting, boolean along, long[] costs) {
        Person[] known = before.carried().people();
        if (part.people().length == 0) {
            return known;
        }
        Person[] after = known.clone();
        for (int index : part.people()) {
            Limits limits = this.people[index];
            Person person = known[index];
            int gap = person.lastMin() < 0 || along ? 0 : clock.rollMin() - person.lastMin();
            int waited = Math.max(0, gap - pausedMin(clock.pauses()));
            double active = gap >= limits.restMin() ? 0 : person.activeMin();
            put(costs, Cost.KEPT_WAITING, waited * limits.waitingShare());
            double limit = limits.effortMin();
            put(costs, Cost.EFFORT, Math.max(0, active + shooting - limit) - Math.max(0, active - limit));
            after[index] = new Person(clock.endMin(), active + shooting);
        }
        return after;
    }

    private static int pausedMin(List<Pause> pauses) {
        int sum = 0;
        for (Pause pause : pauses) {
            sum += pause.untilMin() - pause.fromMin();
        }
        return sum;
    }

    /** Minutes since the same action was shot under the same sky. */
    private double driftMin(Pace before, Shoot.Part part, Clock clock) {
        if (!part.setup().spot().outdoors() || !before.carried().done().intersects(part.sameAction())) {
            return 0;
        }
        Pace one = before;
        while (!part.sameAction().get(one.setup())) {
            one = one.before();
        }
        return clock.rollMin() - one.endMin();
    }

    private Carried carried(Pace before, int setup, Shoot.Part part, Clock clock, Person[] people) {
        Carried carried = before.carried();
        BitSet done = (BitSet) carried.done().clone();
        done.set(setup);
        boolean copied = clock.pauses() != before.pauses() && !clock.pauses().isEmpty() && cardsFull(before, part);
        int gap = clock.startMin() - before.endMin();
        int lastBreak = carried.lastBreakMin();
        boolean meal = carried.mealTaken();
        if (gap >= breakMin) {
            lastBreak = clock.startMin();
            meal |= gap >= mealMin && clock.startMin() - before.crew().callMin() >= MEAL_NOT_BEFORE_MIN;
        }
        for (Pause pause : clock.pauses()) {
            lastBreak = pause.kind() == Pause.Kind.COPY ? lastBreak : Math.max(lastBreak, pause.untilMin());
            meal |= pause.kind() == Pause.Kind.MEAL;
        }
        return new Carried(
                done,
                lastBreak,
                meal,
                (copied ? 0 : carried.megabytes()) + part.megabytes(),
                (copied ? 0 : carried.copyMin()) + part.copyMin(),
                people,
                carried.others() + (part.firstClass() ? 0 : 1),
                carried.messy() + (part.setup().action().messy() ? 1 : 0));
    }

    /** Whether what a setup records does not go on the cards that are still empty. */
    boolean cardsFull(Pace before, Shoot.Part part) {
        return shoot.capacityMegabytes() > 0
                && before.carried().megabytes() > 0
                && before.carried().megabytes() + part.megabytes() > shoot.capacityMegabytes();
    }
}
