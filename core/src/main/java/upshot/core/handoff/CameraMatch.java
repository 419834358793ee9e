package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import upshot.core.handoff.Chain.Pair;
import upshot.core.handoff.ClipClock.Source;

/**
 * The takes of one camera and the clips that it left, laid beside each other.
 *
 * @param clock how its times become the server's
 * @param worth of the whole, as the logarithm of odds
 */
record CameraMatch(List<Match> matches, ClipClock clock, double worth) {

    private static final int FINER = 2;
    /** So many clocks are looked at closely. */
    private static final int WAYS = 4;

    private static final int OF_EACH_SOURCE = 3;
    /** Clips that are looked at for a take: nobody records sixty within seconds. */
    private static final int MOST_NEAR = 60;

    /** Lists without times are only laid by their order where that is not endless. */
    private static final int MOST_WITHOUT_TIMES = 250_000;

    private record Laid(ClipClock clock, List<Clip> clips, Chain chain) {}

    /**
     * The best way.
     *
     * @param takes of the camera, in the order in which they began
     * @param clips of its cards
     * @param said takes and clips that belong together by it are not laid, but tell the clock
     */
    static CameraMatch of(List<Recorded> takes, List<Clip> clips, Corrections said) {
        List<Laid> ways = ways(takes, clips, said);
        Laid best = ways.get(0);
        return new CameraMatch(
                matches(best, takes, ways), best.clock(), best.chain().worth());
    }

    /** What about the best way is worth: enough to tell which camera a card was in. */
    static double roughWorth(List<Recorded> takes, List<Clip> clips, Corrections said) {
        return clocks(takes, clips, said, 1).stream()
                .mapToDouble(clock ->
                        laidBy(clock, takes, clips, said.known()).chain().worth())
                .max()
                .orElse(0);
    }

    private static List<ClipClock> clocks(List<Recorded> takes, List<Clip> clips, Corrections said, int ofEach) {
        List<ClipClock> tried = new ArrayList<>(Clocks.read(takes, clips, said.begins()));
        if (tried.isEmpty()) {
            tried.addAll(Clocks.likely(takes, clips, ofEach));
            Clocks.known(said(takes, clips, said.known()), takes, clips).forEach(tried::add);
        }
        return tried;
    }

    /** The best first. */
    private static List<Laid> ways(List<Recorded> takes, List<Clip> clips, Corrections said) {
        Map<UUID, UUID> known = said.known();
        Comparator<Laid> best = Comparator.comparingDouble(
                        (Laid way) -> way.chain().worth() + held(way, takes, known))
                .reversed();
        return clocks(takes, clips, said, OF_EACH_SOURCE).stream()
                .map(clock -> laidBy(clock, takes, clips, known))
                .sorted(best)
                .limit(WAYS)
                .map(way -> refined(way, takes, known))
                .sorted(best)
                .toList();
    }

    private static List<Pair> said(List<Recorded> takes, List<Clip> clips, Map<UUID, UUID> known) {
        List<Pair> said = new ArrayList<>();
        for (int take = 0; take < takes.size(); take++) {
            UUID id = known.get(takes.get(take).id());
            for (int clip = 0; clip < clips.size(); clip++) {
                if (clips.get(clip).id().equals(id)) {
                    said.add(new Pair(take, clip, 1));
                }
            }
        }
        return said;
    }

    /** What somebody said counts for the clock that agrees with it. */
    private static double held(Laid way, List<Recorded> takes, Map<UUID, UUID> known) {
        return said(takes, way.clips(), known).stream()
                .mapToDouble(pair -> Fit.pair(
                                0, takes.get(pair.first()), 0, way.clips().get(pair.second()), way.clock())
                        .map(Pair::worth)
                        .orElse(0.0))
                .sum();
    }

    private static Laid refined(Laid way, List<Recorded> takes, Map<UUID, UUID> known) {
        Laid laid = way;
        for (int finer = 0; finer < FINER && way.clock().source() != Source.ORDER; finer++) {
            List<Pair> all = new ArrayList<>(laid.chain().best());
            all.addAll(said(takes, laid.clips(), known));
            laid = laidBy(Clocks.refined(laid.clock(), all, takes, laid.clips()), takes, laid.clips(), known);
        }
        return laid;
    }

    private static Laid laidBy(ClipClock clock, List<Recorded> takes, List<Clip> clips, Map<UUID, UUID> known) {
        List<Clip> sorted = sorted(clock, clips);
        if (clock.source() == Source.ORDER && (long) takes.size() * clips.size() > MOST_WITHOUT_TIMES) {
            return new Laid(clock, sorted, Chain.of(List.of()));
        }
        double[] fromMs = sorted.stream().mapToDouble(clock::serverMs).toArray();
        int untimed = first(fromMs, Double.MAX_VALUE);
        boolean few = (long) takes.size() * sorted.size() <= MOST_WITHOUT_TIMES;
        Set<UUID> taken = new HashSet<>(known.values());
        Map<String, List<Integer>> named = named(takes, sorted);
        List<Pair> pairs = new ArrayList<>();
        for (int take = 0; take < takes.size(); take++) {
            Recorded one = takes.get(take);
            if (known.containsKey(one.id())) {
                continue;
            }
            BitSet tried = new BitSet(sorted.size());
            if (one.timed()) {
                near(fromMs, one.fromMs(), tried);
            }
            if (few) {
                tried.set(one.timed() ? untimed : 0, sorted.size());
            }
            // What somebody wrote down for a take is looked at wherever its clock puts it.
            named.getOrDefault(one.clipName().toLowerCase(Locale.ROOT), List.of()).stream()
                    .limit(MOST_NEAR)
                    .forEach(tried::set);
            // From behind, as a chain has them sorted.
            for (int clip = tried.previousSetBit(sorted.size()); clip >= 0; clip = tried.previousSetBit(clip - 1)) {
                if (!taken.contains(sorted.get(clip).id())) {
                    Fit.pair(take, one, clip, sorted.get(clip), clock).ifPresent(pairs::add);
                }
            }
        }
        return new Laid(clock, sorted, Chain.of(pairs));
    }

    /** The places of clips by their names, as far as takes name any. */
    private static Map<String, List<Integer>> named(List<Recorded> takes, List<Clip> clips) {
        Map<String, List<Integer>> named = new HashMap<>();
        if (takes.stream().allMatch(take -> take.clipName().isEmpty())) {
            return named;
        }
        for (int clip = 0; clip < clips.size(); clip++) {
            named.computeIfAbsent(clips.get(clip).name().toLowerCase(Locale.ROOT), none -> new ArrayList<>())
                    .add(clip);
        }
        return named;
    }

    /** Those that begin about then, the nearest of them where there are very many. */
    private static void near(double[] fromMs, double ms, BitSet found) {
        int middle = first(fromMs, ms);
        int from = Math.max(first(fromMs, ms - Fit.FURTHEST_MS), middle - MOST_NEAR / 2);
        int until = Math.min(first(fromMs, ms + Fit.FURTHEST_MS), middle + MOST_NEAR / 2);
        found.set(from, Math.max(from, until));
    }

    private static List<Clip> sorted(ClipClock clock, List<Clip> clips) {
        record At(Clip clip, double ms) {}
        return clips.stream()
                .map(clip -> new At(clip, clock.serverMs(clip)))
                .sorted(Comparator.comparingDouble(At::ms))
                .map(At::clip)
                .toList();
    }

    /** The first place that is not before a time; what has no time stands behind all. */
    private static int first(double[] sortedMs, double ms) {
        int found = Arrays.binarySearch(sortedMs, ms);
        int place = found < 0 ? -1 - found : found;
        while (place > 0 && sortedMs[place - 1] >= ms) {
            place--;
        }
        return place;
    }

    private static List<Match> matches(Laid best, List<Recorded> takes, List<Laid> ways) {
        List<Match> matches = new ArrayList<>();
        for (Pair pair : best.chain().best()) {
            Recorded take = takes.get(pair.first());
            Clip clip = best.clips().get(pair.second());
            double margin = best.chain().margin(pair);
            for (Laid other : ways) {
                if (other != best && !has(other, pair.first(), clip)) {
                    margin = Math.min(
                            margin, best.chain().worth() - other.chain().worth());
                }
            }
            matches.add(new Match(take.id(), clip.id(), Clocks.apartS(best.clock(), take, clip), margin, false));
        }
        return matches;
    }

    private static boolean has(Laid way, int take, Clip clip) {
        return way.chain().best().stream()
                .anyMatch(pair -> pair.first() == take && way.clips().get(pair.second()) == clip);
    }
}
