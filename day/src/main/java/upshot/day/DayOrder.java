package upshot.day;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** Setups in shooting order for every crew, on the clock. Orders are equal where they are of equal days. */
public final class DayOrder {

    private final DayClock clock;
    private final List<List<DayState>> states;

    private DayOrder(DayClock clock, List<List<DayState>> states) {
        this.clock = clock;
        this.states = states;
    }

    /** Puts an order on the clock; every crew of the day has its list. */
    public static DayOrder of(DayClock clock, List<List<Integer>> crews) {
        List<List<DayState>> states = new ArrayList<>();
        for (int crew = 0; crew < crews.size(); crew++) {
            DayState state = clock.atCall(crew);
            List<DayState> one = new ArrayList<>();
            for (int setup : crews.get(crew)) {
                state = clock.then(state, setup);
                one.add(state);
            }
            states.add(one);
        }
        return timed(clock, states);
    }

    /** An order that is on the clock already. */
    static DayOrder timed(DayClock clock, List<List<DayState>> states) {
        return new DayOrder(clock, states.stream().map(List::copyOf).toList());
    }

    /** The order without any search; see {@link Construction}, {@link Repair} and {@link Together}. */
    public static DayOrder constructed(DayProblem problem) {
        return Together.of(Repair.of(Construction.of(new DayClock(problem))), Integer.MIN_VALUE);
    }

    public DayProblem problem() {
        return clock.problem();
    }

    public DayClock clock() {
        return clock;
    }

    /** How each crew's day stands after each setup. */
    public List<List<DayState>> states() {
        return states;
    }

    /** The same, crew behind crew. */
    public List<DayState> all() {
        return states.size() == 1
                ? states.get(0)
                : states.stream().flatMap(List::stream).toList();
    }

    /** The setups of each crew, by their places in the problem. */
    public List<List<Integer>> crews() {
        return states.stream()
                .map(crew -> crew.stream().map(DayState::setup).toList())
                .toList();
    }

    /** Setups that nobody shoots and that are not shot yet, in story order. */
    public List<Integer> left() {
        BitSet shot = new BitSet();
        for (DayCrew crew : problem().crews()) {
            crew.standing().ifPresent(standing -> standing.done().forEach(shot::set));
        }
        for (DayState state : all()) {
            shot.set(state.setup());
        }
        List<Integer> left = new ArrayList<>();
        for (int setup = 0; setup < problem().size(); setup++) {
            if (!shot.get(setup)) {
                left.add(setup);
            }
        }
        return left;
    }

    /** How good it is. */
    public Merit merit() {
        int broken = brokenBetweenCrews();
        int hundredths = 0;
        for (DayState state : all()) {
            broken += state.brokenMin();
            hundredths += state.hundredths();
        }
        int[] lost = new int[DaySetup.Worth.PRIORITIES];
        for (int setup : left()) {
            DaySetup.Worth worth = problem().setup(setup).worth();
            lost[worth.priority()] += worth.shots();
        }
        return Merit.of(broken, lost, hundredths);
    }

    /** How many setups of a crew begin before a minute, and stay where they are when a search keeps them. */
    public int kept(int crew, int untilMin) {
        int kept = 0;
        for (DayState state : states.get(crew)) {
            kept += state.clock().gettingReadyMin() < untilMin ? 1 : 0;
        }
        return kept;
    }

    private int brokenBetweenCrews() {
        int broken = 0;
        for (int i = 0; i < states.size(); i++) {
            for (int j = i + 1; j < states.size(); j++) {
                for (DayState one : states.get(i)) {
                    for (DayState other : states.get(j)) {
                        broken += clock.relations().brokenMin(one, other);
                    }
                }
            }
        }
        return broken;
    }

    /** Whole minutes that a setup would take behind the last of the first crew. */
    public int neededMin(int setup) {
        List<DayState> first = states.get(0);
        int last = first.isEmpty() ? -1 : first.get(first.size() - 1).setup();
        return DayClock.roundedUp(
                (clock.changeMin(last, setup) + problem().setup(setup).shootMin())
                        * problem().margin());
    }

    /** The most that can be lost at any one point while everything after it still happens. */
    public int slackMin() {
        int slack = Integer.MAX_VALUE;
        for (int crew = 0; crew < states.size(); crew++) {
            int end = clock.atCall(crew).endMin();
            for (DayState state : states.get(crew)) {
                slack = Math.min(slack, state.spareMin());
                end = state.endMin();
            }
            slack = Math.min(slack, problem().crews().get(crew).wrapMin() - end);
        }
        return slack;
    }

    /** Weighted minutes of a cost over the whole day. */
    public double minutes(Cost cost) {
        int sum = 0;
        for (DayState state : all()) {
            sum += state.hundredths(cost);
        }
        return sum / 100.0;
    }

    /** The same order with nobody shooting a setup. */
    private List<List<Integer>> without(int setup) {
        return crews().stream()
                .map(crew -> crew.stream().filter(one -> one != setup).toList())
                .toList();
    }

    /** The setups of each crew with one of them at another place among the others of a crew. */
    public List<List<Integer>> moved(int setup, int crew, int place) {
        List<List<Integer>> crews = new ArrayList<>(without(setup));
        List<Integer> changed = new ArrayList<>(crews.get(crew));
        changed.add(Math.max(0, Math.min(changed.size(), place)), setup);
        crews.set(crew, changed);
        return crews;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof DayOrder that && problem().equals(that.problem()) && crews().equals(that.crews());
    }

    @Override
    public int hashCode() {
        return crews().hashCode();
    }
}
