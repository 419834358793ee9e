package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Which clip is of which take, over all cameras.
 *
 * @param matches in the order of the takes
 * @param clocks by the camera's place
 * @param bodies which camera a card was in, by the card's name; −1 for one that fits none
 */
public record Matching(List<Match> matches, Map<Integer, ClipClock> clocks, Map<String, Integer> bodies) {

    public Matching {
        matches = List.copyOf(matches);
        clocks = Map.copyOf(clocks);
        bodies = Map.copyOf(bodies);
    }

    /**
     * Lays takes and clips beside each other.
     *
     * @param takes of all cameras, in any order
     * @param clips of all cards
     */
    public static Matching of(List<Recorded> takes, List<Clip> clips, Corrections said) {
        Map<UUID, UUID> known = said.known();
        List<Recorded> open = takes.stream()
                .filter(take -> !said.clips().containsKey(take.id()) || known.containsKey(take.id()))
                .sorted(Comparator.comparingDouble(Recorded::fromMs))
                .toList();
        List<Clip> usable =
                clips.stream().filter(clip -> !said.none().contains(clip.id())).toList();
        Map<String, Integer> bodies = Cards.bodies(open, usable, said);
        Map<Integer, ClipClock> clocks = new TreeMap<>();
        Map<UUID, Match> found = new LinkedHashMap<>();
        Set<UUID> taken = new HashSet<>();
        for (int body : new HashSet<>(bodies.values())) {
            List<Clip> its = usable.stream()
                    .filter(clip -> bodies.get(clip.card()) == body)
                    .toList();
            CameraMatch match = CameraMatch.of(of(open, body), its, said);
            keep(match, found, taken);
            clocks.put(body, match.clock());
        }
        rest(open, usable, bodies, said, found, taken);
        known.forEach((take, clip) -> open.stream()
                .filter(one -> one.id().equals(take))
                .findFirst()
                .ifPresent(one -> found.put(take, said(one, clip, usable, clocks, bodies))));
        List<Match> inOrder = open.stream()
                .map(take -> found.get(take.id()))
                .filter(match -> match != null)
                .toList();
        return new Matching(inOrder, clocks, bodies);
    }

    private static List<Recorded> of(List<Recorded> takes, int body) {
        return takes.stream().filter(take -> take.body() == body).toList();
    }

    private static void keep(CameraMatch match, Map<UUID, Match> found, Set<UUID> taken) {
        for (Match one : match.matches()) {
            found.put(one.takeId(), one);
            taken.add(one.clipId());
        }
    }

    /** Takes of which nobody said which camera it was may be on any card that has clips left. */
    private static void rest(
            List<Recorded> takes,
            List<Clip> clips,
            Map<String, Integer> bodies,
            Corrections said,
            Map<UUID, Match> found,
            Set<UUID> taken) {
        List<Recorded> unsaid = of(takes, -1).stream()
                .filter(take -> !found.containsKey(take.id()))
                .toList();
        if (unsaid.isEmpty()) {
            return;
        }
        Map<Integer, List<Clip>> left = clips.stream()
                .filter(clip -> !taken.contains(clip.id()) && !said.known().containsValue(clip.id()))
                .collect(Collectors.groupingBy(clip -> bodies.get(clip.card()), TreeMap::new, Collectors.toList()));
        List<CameraMatch> ways = new ArrayList<>();
        left.values().forEach(some -> ways.add(CameraMatch.of(unsaid, some, said)));
        ways.sort(Comparator.comparingDouble(CameraMatch::worth).reversed());
        for (CameraMatch way : ways) {
            way.matches().stream()
                    .filter(match -> !found.containsKey(match.takeId()))
                    .forEach(match -> found.put(match.takeId(), match));
        }
    }

    private static Match said(
            Recorded take, UUID clipId, List<Clip> clips, Map<Integer, ClipClock> clocks, Map<String, Integer> bodies) {
        double apartS = clips.stream()
                .filter(clip -> clip.id().equals(clipId))
                .findFirst()
                .filter(clip -> clocks.containsKey(bodies.get(clip.card())))
                .map(clip -> Clocks.apartS(clocks.get(bodies.get(clip.card())), take, clip))
                .orElse(0.0);
        return new Match(take.id(), clipId, apartS, Double.MAX_VALUE, true);
    }
}
