package upshot.core.order;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import upshot.core.house.Threshold;
import upshot.core.plan.Subject;

/**
 * How a crew's day stands after one setup of an order. It follows from the one before and the setup alone, so that an
 * order is timed by going through it once. Minutes count from the brief's call and are whole; costs are kept in
 * hundredths.
 */
public final class Pace {

    /** Time that is not spent on a setup. */
    public record Pause(Kind kind, int fromMin, int untilMin) {

        /** What for. */
        public enum Kind {
            BREAK("Break"),
            MEAL("Meal"),
            COPY("Copy the cards");

            private final String label;

            Kind(String label) {
                this.label = label;
            }

            public String label() {
                return label;
            }
        }
    }

    /** By how many minutes a limit is broken. */
    public record Breach(Limit limit, int minutes) {}

    /**
     * Where a setup stands on the clock.
     *
     * @param startMin getting ready begins
     * @param readyMin the camera stands ready
     * @param rollMin shooting begins
     * @param spareMin how much later all of it could be and still keep its own limits
     * @param pauses before it
     */
    record Clock(int startMin, int readyMin, int rollMin, int endMin, int spareMin, List<Pause> pauses) {}

    /**
     * Cameras that roll one run together, seen from the last of them.
     *
     * @param freeMin when the crew was free before the first of them
     * @param changeMin getting all of them ready
     * @param shootMin the longest
     * @param idleMin time before it with nothing to do
     */
    record Run(int freeMin, double changeMin, double shootMin, int cameras, int idleMin) {}

    /**
     * What is carried from setup to setup beside the clock.
     *
     * @param done setups shot so far
     * @param megabytes on the cards and not copied, copyMin what copying them takes
     * @param people how each person stands
     * @param others setups so far that the school of order does not want early
     * @param messy setups so far that leave a mess
     */
    record Carried(
            BitSet done,
            int lastBreakMin,
            boolean mealTaken,
            double megabytes,
            double copyMin,
            Person[] people,
            int others,
            int messy) {}

    /** When somebody was last in front of the camera, and how long they have worked without a rest. */
    record Person(int lastMin, double activeMin) {
        static final Person FRESH = new Person(-1, 0);
    }

    private final Pace before;
    private final Crew crew;
    private final int setup;
    private final Clock clock;
    private final Run run;
    private final List<Breach> breaches;
    private final long[] costs;
    private final Carried carried;

    Pace(Pace before, int setup, Clock clock, Run run, List<Breach> breaches, long[] costs, Carried carried) {
        this(before, before.crew, setup, clock, run, breaches, costs, carried);
    }

    private Pace(
            Pace before,
            Crew crew,
            int setup,
            Clock clock,
            Run run,
            List<Breach> breaches,
            long[] costs,
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

    /** The crew after unloading and the safety talk, before any setup. */
    static Pace atCall(Shoot shoot, Crew crew) {
        int free = crew.callMin() + (int) Math.ceil(shoot.of(Threshold.SAFETY_TALK));
        Person[] people = new Person[shoot.people().size()];
        Arrays.fill(people, Person.FRESH);
        return new Pace(
                null,
                crew,
                -1,
                new Clock(crew.callMin(), free, free, free, Integer.MAX_VALUE, List.of()),
                new Run(crew.callMin(), 0, 0, 0, 0),
                List.of(),
                new long[Cost.values().length],
                new Carried(new BitSet(), crew.callMin(), false, 0, 0, people, 0, 0));
    }

    /** Whether it is the crew before its first setup. */
    boolean first() {
        return setup < 0;
    }

    /** Whether its crew has shot something before it. */
    public boolean afterAnother() {
        return before != null && !before.first();
    }

    public int setup() {
        return setup;
    }

    public Crew crew() {
        return crew;
    }

    Pace before() {
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

    public int startMin() {
        return clock.startMin();
    }

    public int rollMin() {
        return clock.rollMin();
    }

    public int endMin() {
        return clock.endMin();
    }

    public List<Pause> pauses() {
        return clock.pauses();
    }

    public List<Breach> breaches() {
        return breaches;
    }

    /** By how much all limits are broken here, 0 for nothing. */
    public long brokenMin() {
        long sum = 0;
        for (Breach breach : breaches) {
            sum += breach.minutes();
        }
        return sum;
    }

    /** Weighted minutes of a cost at this setup, in hundredths; below zero where it saves what one before it cost. */
    public long hundredths(Cost cost) {
        return costs[cost.ordinal()];
    }

    /**
     * Minutes for which somebody in it was not in front of the camera before; none for who comes the first time.
     *
     * @param minutes breaks of the crew among them
     */
    public record Free(Subject who, int minutes) {}

    /** How long everybody in it was free before; nobody is between cameras that roll along. */
    public List<Free> free(Shoot shoot) {
        if (rollsAlong()) {
            return List.of();
        }
        return IntStream.of(shoot.part(setup).people())
                .filter(person -> before.carried.people()[person].lastMin() >= 0)
                .mapToObj(person -> new Free(
                        shoot.people().get(person), clock.rollMin() - before.carried.people()[person].lastMin()))
                .toList();
    }

    /** Whether it rolls in one run with the setup before it. */
    public boolean rollsAlong() {
        return run.cameras() > 1;
    }
}
