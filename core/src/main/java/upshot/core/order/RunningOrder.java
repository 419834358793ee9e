package upshot.core.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import upshot.core.plan.Priority;

/**
 * Setups in shooting order for every crew, on the clock.
 *
 * @param crews for each crew the setups it shoots
 * @param paces how each crew's day stands after each of them
 */
public record RunningOrder(Shoot shoot, List<List<Integer>> crews, List<List<Pace>> paces) {

    /** Times an order; every crew of the shoot has its list. */
    public static RunningOrder of(Shoot shoot, List<List<Integer>> crews) {
        Pacing pacing = new Pacing(shoot);
        List<List<Pace>> paces = new ArrayList<>();
        for (int i = 0; i < crews.size(); i++) {
            Pace pace = Pace.atCall(shoot, shoot.crews().get(i));
            List<Pace> one = new ArrayList<>();
            for (int setup : crews.get(i)) {
                pace = pacing.then(pace, setup);
                one.add(pace);
            }
            paces.add(List.copyOf(one));
        }
        return timed(shoot, paces);
    }

    /** An order that is on the clock already. */
    static RunningOrder timed(Shoot shoot, List<List<Pace>> paces) {
        List<List<Integer>> crews = paces.stream()
                .map(crew -> crew.stream().map(Pace::setup).toList())
                .toList();
        return new RunningOrder(shoot, crews, List.copyOf(paces));
    }

    /** Setups that nobody shoots, in story order. */
    public List<Integer> left() {
        BitSet shot = new BitSet();
        crews.forEach(crew -> crew.forEach(shot::set));
        return IntStream.range(0, shoot.size())
                .filter(i -> !shot.get(i))
                .boxed()
                .toList();
    }

    public List<Pace> all() {
        return paces.size() == 1
                ? paces.get(0)
                : paces.stream().flatMap(List::stream).toList();
    }

    /** How good it is. */
    public Levels levels() {
        long broken = 0;
        long hundredths = 0;
        for (Pace pace : all()) {
            broken += pace.brokenMin();
            hundredths += Match.total(pace);
        }
        int[] lost = new int[Priority.values().length];
        for (int setup : left()) {
            Setup one = shoot.setups().get(setup);
            lost[one.priority().ordinal()] += one.shots().size();
        }
        return Levels.of(broken + betweenCrews(), lost, hundredths);
    }

    /** How many setups of a crew begin before a minute, and stay where they are when a search keeps them. */
    public int kept(int crew, int untilMin) {
        return (int) paces.get(crew).stream()
                .filter(pace -> pace.startMin() < untilMin)
                .count();
    }

    private long betweenCrews() {
        if (paces.size() == 1) {
            return 0;
        }
        long broken = 0;
        for (List<Pace> one : paces) {
            for (List<Pace> other : paces.subList(paces.indexOf(one) + 1, paces.size())) {
                for (Pace pace : one) {
                    for (Pace with : other) {
                        broken += TwoCrews.brokenMin(shoot, pace, with);
                    }
                }
            }
        }
        return broken;
    }

    /** Weighted minutes of a cost over the whole day. */
    public double minutes(Cost cost) {
        return all().stream().mapToLong(pace -> pace.hundredths(cost)).sum() / 100.0;
    }

    /** The same order with nobody shooting a setup. */
    List<List<Integer>> without(int setup) {
        return crews.stream()
                .map(crew -> crew.stream().filter(one -> one != setup).toList())
                .toList();
    }

    /** An order in which no crew shoots anything. */
    static List<List<Integer>> empty(Shoot shoot) {
        return new ArrayList<>(Collections.nCopies(shoot.crews().size(), List.of()));
    }
}
