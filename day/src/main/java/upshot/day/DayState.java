package upshot.day;

import java.util.BitSet;
import java.util.List;

/**
 * How a crew's day stands after one setup of an order. It follows from the one before and the setup alone, so that an
 * order is timed by going through it once. Minutes count from the brief's call and are whole; costs are kept in
 * hundredths.
 */
public final class DayState {

    /**
     * Where a setup stands on the clock.
     *
     * @param gettingReadyMin the crew turns to it
     * @param readyMin the camera stands ready
     * @param rollMin shooting begins
     * @param spareMin how much later all of it could be and still keep its own limits
     * @param pauses before it
     */
    record Clock(int gettingReadyMin, int readyMin, int rollMin, int endMin, int spareMin, List<Pause> pauses) {

        Clock with(List<Pause> others) {
            return new Clock(gettingReadyMin, readyMin, rollMin, endMin, spareMin, others);
        }
    }

    /**
     * Cameras that roll one run together, seen from the last of them.
     *
     * @param freeMin when the crew was free before the first of them
     * @param changeMin getting all of them ready
     * @param shootMin the longest
     * @param idleMin time before it with nothing to do
     */
    record Run(int freeMin, double changeMin, double shootMin, int cameras, int idleMin) {

        Run idle(int minutes) {
            return new Run(freeMin, changeMin, shootMin, cameras, minutes);
        }
    }

    /**
     * What is carried from setup to setup beside the clock.
     *
     * @param done setups shot so far
     * @param fedMin when the crew has eaten last; the call where it has not
     * @param megabytes on the cards and not copied, copyMin what copying them takes
     * @param people how each person stands
     * @param others setups so far that the school of order does not want early
     * @param messy setups so far that leave a mess
     */
    record Carried(
            BitSet done,
            int lastBreakMin,
            int fedMin,
            double megabytes,
            double copyMin,
            Person[] people,
            int others,
            int messy) {}

    /** When somebody was last in front of the camera, and how long they have worked without a rest. */
    record Person(int lastMin, double activeMin) {
        static final Person FRESH = new Person(-1, 0);
    }

    private final DayState before;
    private final int crew;
    private final int setup;
    private final Clock clock;
    private final Run run;
    private final List<Breach> breaches;
    private final int[] costs;
    private final Carried carried;

    DayState(
            DayState before,
            int crew,
            int setup,
            Clock clock,
            Run run,
            List<Breach> breaches,
            int[] costs,
            Carried carried) {
        this.before = before;
        this.crew = crew;
        this.setup = setup;
        this.clock = clock;
        this.run = run;
        this.breaches = breaches;
        this.costs = costs;
        this.carried = carried;
    }

    /** Whether it is the crew before anything of this order. */
    public boolean first() {
        return before == null;
    }

    /** The setup that it stands after; −1 at the call. */
    public int setup() {
        return setup;
    }

    /** The crew's place among the crews. */
    public int crew() {
        return crew;
    }

    /** How the day stood before it. */
    public DayState before() {
        return before;
    }

    Clock clock() {
        return clock;
    }

    Run run() {
        return run;
    }

    Carried carried() {
        return carried;
    }

    int rollMin() {
        return clock.rollMin();
    }

    int endMin() {
        return clock.endMin();
    }

    public Times times() {
        return new Times(
                new Minute(clock.gettingReadyMin()),
                new Minute(clock.readyMin()),
                new Minute(clock.rollMin()),
                new Minute(clock.endMin()));
    }

    /** How much later all of it could be and still keep its own limits, in minutes. */
    public int spareMin() {
        return clock.spareMin();
    }

    /** What is put in before it. */
    public List<Pause> pauses() {
        return clock.pauses();
    }

    public List<Breach> breaches() {
        return breaches;
    }

    /** Whether a setup is shot by this crew up to here. */
    public boolean done(int other) {
        return carried.done().get(other);
    }

    /** By how much all limits are broken here, 0 for nothing. */
    public int brokenMin() {
        int sum = 0;
        for (Breach breach : breaches) {
            sum += breach.minutes();
        }
        return sum;
    }

    /** Weighted minutes of a cost at this setup, in hundredths; below zero where it saves what one before it cost. */
    public int hundredths(Cost cost) {
        return costs[cost.ordinal()];
    }

    /** What the setup costs altogether, in hundredths of weighted minutes. */
    public int hundredths() {
        int sum = 0;
        for (int cost : costs) {
            sum += cost;
        }
        return sum;
    }

    /** Whether it rolls in one run with the setup before it. */
    public boolean rollsAlong() {
        return run.cameras() > 1;
    }

    /**
     * Minutes since somebody in front of the camera was last there, breaks of the crew among them.
     *
     * @return −1 for who comes the first time
     */
    public int freeMin(int person) {
        int last = before.carried.people()[person].lastMin();
        return last < 0 ? -1 : clock.rollMin() - last;
    }
}
