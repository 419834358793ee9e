package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The best way to lay two lists beside each other in which the order of both is kept: a chain of pairs whose places grow on
 * both sides, worth the sum of what its pairs are worth. What is in no pair costs nothing further.
 */
final class Chain {

    /** How far round a pair another way is looked for: further off nothing depends on it. */
    private static final int NEIGHBOURS = 24;

    private final List<Pair> best;
    private final double worth;
    private final List<Pair> all;

    /**
     * Two that could belong together.
     *
     * @param first its place in the first list
     * @param second in the second
     * @param worth above 0
     */
    record Pair(int first, int second, double worth) {}

    private Chain(List<Pair> all, List<Pair> best) {
        this.all = all;
        this.best = best;
        this.worth = worth(best);
    }

    /** The best of all chains of these pairs. */
    static Chain of(List<Pair> pairs) {
        List<Pair> sorted = pairs.stream()
                .sorted(Comparator.comparingInt(Pair::first)
                        .thenComparing(Comparator.comparingInt(Pair::second).reversed()))
                .toList();
        return new Chain(sorted, best(sorted));
    }

    List<Pair> best() {
        return best;
    }

    double worth() {
        return worth;
    }

    /** How much is lost when a pair of the best chain must not be. */
    double margin(Pair pair) {
        int at = best.indexOf(pair);
        int from = Math.max(0, at - NEIGHBOURS);
        int until = Math.min(best.size(), at + NEIGHBOURS + 1);
        Pair before = from == 0 ? new Pair(-1, -1, 0) : best.get(from - 1);
        Pair after = until == best.size() ? new Pair(Integer.MAX_VALUE, Integer.MAX_VALUE, 0) : best.get(until);
        List<Pair> others = all.subList(first(before.first() + 1L), first(after.first())).stream()
                .filter(one -> one != pair && one.second() > before.second() && one.second() < after.second())
                .toList();
        return worth(best.subList(from, until)) - worth(best(others));
    }

    /** Where the pairs of a first place, and of those behind it, begin. */
    private int first(long place) {
        int from = 0;
        int until = all.size();
        while (from < until) {
            int middle = (from + until) >>> 1;
            if (all.get(middle).first() < place) {
                from = middle + 1;
            } else {
                until = middle;
            }
        }
        return from;
    }

    private static double worth(List<Pair> pairs) {
        return pairs.stream().mapToDouble(Pair::worth).sum();
    }

    /** @param sorted by the first place, and for the same by the second, falling: so none follows on itself */
    private static List<Pair> best(List<Pair> sorted) {
        int last = -1;
        int seconds = 0;
        for (Pair pair : sorted) {
            seconds = Math.max(seconds, pair.second() + 1);
        }
        // The end of the best chain among those that end at or before a second place, as a tree of ranges.
        int[] ends = new int[seconds + 1];
        Arrays.fill(ends, -1);
        double[] reached = new double[sorted.size()];
        int[] previous = new int[sorted.size()];
        for (int i = 0; i < sorted.size(); i++) {
            int place = sorted.get(i).second() + 1;
            previous[i] = before(ends, reached, place - 1);
            reached[i] = sorted.get(i).worth() + (previous[i] < 0 ? 0 : reached[previous[i]]);
            for (int node = place; node < ends.length; node += node & -node) {
                if (ends[node] < 0 || reached[ends[node]] < reached[i]) {
                    ends[node] = i;
                }
            }
            if (last < 0 || reached[last] < reached[i]) {
                last = i;
            }
        }
        List<Pair> chain = new ArrayList<>();
        for (int i = last; i >= 0; i = previous[i]) {
            chain.add(0, sorted.get(i));
        }
        return chain;
    }

    private static int before(int[] ends, double[] reached, int place) {
        int found = -1;
        for (int node = place; node > 0; node -= node & -node) {
            if (ends[node] >= 0 && (found < 0 || reached[found] < reached[ends[node]])) {
                found = ends[node];
            }
        }
        return found;
    }
}
