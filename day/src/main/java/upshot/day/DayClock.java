package upshot.day;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import upshot.day.DayState.Carried;
import upshot.day.DayState.Clock;
import upshot.day.DayState.Person;
import upshot.day.DayState.Run;

/**
 * Puts one setup after another on the clock. A setup begins as late as what it waits for allows: a window of light, a
 * moment, somebody's hours. Breaks, the meal and copies of full cards go before the setup that would otherwise come too
 * late for them, and cost nothing where the crew waits anyway.
 */
public final class DayClock {

    private final DayProblem problem;
    private final Relations relations;
    private final double[][] changes;
    private final int mealMin;
    private final int breakMin;
    private final PlaceCosts burdens;
    private final Meals meals;
    private final Placing placing;
    private final Resting resting;
    private final StandingRigs rigs;
    private final List<int[]> moments;

    public DayClock(DayProblem problem) {
        this.problem = problem;
        this.relations = new Relations(problem);
        this.changes = new double[problem.size() + 1][];
        this.mealMin = (int) Math.ceil(problem.rests().mealMin());
        this.breakMin = (int) Math.ceil(problem.rests().breakMin());
        this.burdens = new PlaceCosts(problem, relations);
        this.meals = new Meals(problem);
        this.placing = new Placing(problem);
        this.resting = new Resting(problem);
        this.rigs = new StandingRigs(problem);
        this.moments = moments(problem, (int) Math.ceil(problem.readyBeforeMin()));
    }

    public DayProblem problem() {
        return problem;
    }

    Relations relations() {
        return relations;
    }

    /**
     * Minutes to be ready for a setup, worked out when they are first asked for; again where they are none, which is soon
     * seen.
     *
     * @param before −1 at the start of the day
     */
    double changeMin(int before, int next) {
        double[] from = changes[before + 1];
        if (from == null) {
            from = new double[problem.size()];
            changes[before + 1] = from;
        }
        if (from[next] == 0) {
            double sum = 0;
            for (Changes.Item item : problem.change(before, next)) {
                sum += item.minutes();
            }
            from[next] = sum;
        }
        return from[next];
    }

    /** What it takes at least, whatever else was shot before. */
    double leastChangeMin(int before, int next) {
        return changeMin(before, next) - rigs.mostSavedMin(before, next);
    }

    /** A crew after unloading and the safety talk, or where it stands in the middle of its day. */
    public DayState atCall(int crew) {
        DayCrew own = problem.crews().get(crew);
        int talked = own.callMin() + (int) Math.ceil(problem.rests().talkMin());
        int free = own.standing().map(DayCrew.Standing::freeMin).orElse(talked);
        Person[] people = new Person[problem.people().size()];
        Arrays.fill(people, Person.FRESH);
        BitSet done = new BitSet();
        int others = 0;
        int messy = 0;
        for (int setup : own.standing().map(DayCrew.Standing::done).orElse(List.of())) {
            done.set(setup);
            others += problem.setup(setup).early() ? 0 : 1;
            messy += problem.setup(setup).messy() ? 1 : 0;
        }
        return new DayState(
                null,
                crew,
                own.standing().map(DayCrew.Standing::last).orElse(-1),
                new Clock(own.callMin(), free, free, free, Integer.MAX_VALUE, List.of()),
                new Run(own.callMin(), 0, 0, 0, 0),
                List.of(),
                new int[Cost.ALL.length],
                new Carried(
                        done,
                        own.standing().map(DayCrew.Standing::pausedMin).orElse(own.callMin()),
                        own.standing().map(DayCrew.Standing::fedMin).orElse(own.callMin()),
                        0,
                        0,
                        people,
                        others,
                        messy));
    }

    /** The next setup of a crew. */
    public DayState then(DayState before, int setup) {
        DaySetup next = problem.setup(setup);
        DayCrew crew = problem.crews().get(before.crew());
        double change = changeMin(before.setup(), setup) + againMin(before, next, setup) - rigs.savedMin(before, setup);
        int pinned = next.pinnedMin(before.crew()).orElse(-1);
        List<Breach> breaches = new ArrayList<>(0);
        boolean along = rollsAlong(before, crew, next, pinned);
        Run run = along ? joined(before.run(), change, next) : new Run(before.endMin(), change, next.shootMin(), 1, 0);
        Resting.Rest rest = along ? null : resting.before(before, setup);
        int rested = rest == null ? 0 : rest.untilMin();
        Clock clock = placing.at(before.crew(), crew, next, run, pinned, rested, breaches);
        if (along) {
            clock = clock.with(before.pauses());
        } else if (!before.first()) {
            List<Pause> pauses = pauses(before, clock, next);
            int free = pauses.isEmpty()
                    ? before.endMin()
                    : pauses.get(pauses.size() - 1).untilMin();
            boolean cannotWait = next.fixed().isPresent() || pinned >= 0;
            if (free > clock.gettingReadyMin() && !cannotWait) {
                breaches.clear();
                run = new Run(free, change, next.shootMin(), 1, 0);
                clock = placing.at(before.crew(), crew, next, run, pinned, rested, breaches)
                        .with(pauses);
            } else if (free <= clock.gettingReadyMin()) {
                run = new Run(free, change, next.shootMin(), 1, 0);
                clock = clock.with(pauses);
            }
        }
        order(before, crew, setup, along, breaches);
        int idle = waitedBefore(before, clock, along) + Math.max(0, clock.gettingReadyMin() - run.freeMin());
        return burdens.state(before, setup, change, clock, run.idle(idle), breaches, along);
    }

    /** A meal need not begin as soon as the crew is free. */
    private static int waitedBefore(DayState before, Clock clock, boolean along) {
        return along || clock.pauses().isEmpty() ? 0 : clock.pauses().get(0).fromMin() - before.endMin();
    }

    /** An action that was left for another is laid out again. */
    private double againMin(DayState before, DaySetup next, int setup) {
        boolean left = next.resetMin() > 0
                && before.setup() >= 0
                && problem.setup(before.setup()).action() != next.action()
                && before.carried().done().intersects(relations.sameAction(setup));
        return left ? next.resetMin() : 0;
    }

    private static Run joined(Run run, double change, DaySetup next) {
        return new Run(
                run.freeMin(),
                run.changeMin() + change,
                Math.max(run.shootMin(), next.shootMin()),
                run.cameras() + 1,
                0);
    }

    private boolean rollsAlong(DayState before, DayCrew crew, DaySetup next, int pinned) {
        return !before.first()
                && before.run().cameras() < crew.cameras()
                && (pinned < 0 || pinned == before.clock().gettingReadyMin())
                && next.run() >= 0
                && problem.setup(before.setup()).run() == next.run();
    }

    private void order(DayState before, DayCrew crew, int setup, boolean along, List<Breach> breaches) {
        BitSet done = before.carried().done();
        if (!along && problem.setup(setup).once() && done.intersects(relations.sameAction(setup))) {
            breaches.add(0, new Breach(Limit.ONCE, 1));
        }
        if (done.intersects(relations.after(setup))) {
            breaches.add(new Breach(Limit.BEFORE, 1));
        }
        if (crew.laterDay() && problem.setup(setup).fixed().isPresent()) {
            breaches.add(new Breach(Limit.MOMENT, 1));
        }
    }

    /** What has to be put between the setup before and this one, in order. */
    private List<Pause> pauses(DayState before, Clock clock, DaySetup next) {
        int free = before.endMin();
        int works = worksUntil(before, clock, next);
        boolean rest = works - before.carried().lastBreakMin() > problem.rests().breakAfterMin();
        boolean meal = meals.due(before, clock, works, rest);
        boolean full = burdens.cardsFull(before, next);
        if (!meal && !rest && !full) {
            return List.of();
        }
        List<Pause> pauses = new ArrayList<>(2);
        int until = free;
        if (meal || rest) {
            int from = meal ? meals.beginMin(before, clock) : free;
            until = from + (meal ? mealMin : breakMin);
            pauses.add(new Pause(meal ? Pause.Kind.MEAL : Pause.Kind.BREAK, from, until));
        }
        int copying = full ? (int) Math.ceil(before.carried().copyMin()) - (until - free) : 0;
        if (copying > 0) {
            pauses.add(new Pause(Pause.Kind.COPY, until, until + copying));
        }
        return pauses;
    }

    /**
     * Until when there will be work without a pause after this setup: to the end of the next moment, where so little lies
     * between that no pause fits.
     */
    private int worksUntil(DayState before, Clock clock, DaySetup next) {
        if (next.fixed().isPresent() || before.crew() > 0) {
            return clock.endMin();
        }
        boolean fed =
                before.carried().fedMin() > problem.crews().get(before.crew()).callMin();
        int pause = Math.max(breakMin, fed ? 0 : mealMin);
        for (int[] moment : moments) {
            int ready = moment[1];
            if (ready >= clock.endMin() && !before.carried().done().get(moment[0])) {
                return ready - clock.endMin() < pause ? moment[2] : clock.endMin();
            }
        }
        return clock.endMin();
    }

    /** What waits for nobody, by time: setup, when its camera has to be ready, when it is over. */
    private static List<int[]> moments(DayProblem problem, int readyBeforeMin) {
        List<int[]> moments = new ArrayList<>();
        for (int setup = 0; setup < problem.size(); setup++) {
            if (problem.setup(setup).fixed().isPresent()) {
                DaySetup.Moment fixed = problem.setup(setup).fixed().get();
                moments.add(new int[] {
                    setup, fixed.atMin() - readyBeforeMin, fixed.atMin() + Math.max(1, roundedUp(fixed.lastsMin()))
                });
            }
        }
        moments.sort((one, other) -> one[1] != other[1] ? one[1] - other[1] : one[0] - other[0]);
        return moments;
    }

    /** Whole minutes; a thousandth over does not cost one. */
    static int roundedUp(double minutes) {
        return (int) Math.ceil(minutes - 1e-3);
    }
}
