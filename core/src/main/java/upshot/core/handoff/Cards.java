package upshot.core.handoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which camera each card was in. */
final class Cards {

    private Cards() {}

    /**
     * The camera of each card: where takes name the card, that of most of them. The others go where they fit best beside
     * the cards that are there already, those with most clips first: all cards of a camera have one clock.
     */
    static Map<String, Integer> bodies(List<Recorded> takes, List<Clip> clips, Corrections said) {
        Map<UUID, UUID> known = said.known();
        Map<String, List<Clip>> cards =
                clips.stream().collect(Collectors.groupingBy(Clip::card, TreeMap::new, Collectors.toList()));
        Map<Integer, List<Recorded>> cameras =
                takes.stream().collect(Collectors.groupingBy(Recorded::body, TreeMap::new, Collectors.toList()));
        Map<String, Integer> bodies = new HashMap<>();
        Map<Integer, List<Clip>> there = new HashMap<>();
        List<String> open = new ArrayList<>();
        cards.forEach((card, its) -> {
            OptionalInt named = named(card, its, takes, known);
            if (named.isPresent() || cameras.size() <= 1) {
                int body = named.orElse(cameras.isEmpty() ? -1 : takes.get(0).body());
                bodies.put(card, body);
                there.merge(body, its, Cards::both);
            } else {
                open.add(card);
            }
        });
        open.sort(
                Comparator.comparingInt((String card) -> cards.get(card).size()).reversed());
        Map<List<Clip>, Double> worths = new IdentityHashMap<>();
        for (String card : open) {
            int body = cameras.keySet().stream()
                    .max(Comparator.comparingDouble(camera -> gained(
                            cameras.get(camera),
                            there.computeIfAbsent(camera, none -> List.of()),
                            cards.get(card),
                            said,
                            worths)))
                    .orElseThrow();
            bodies.put(card, body);
            there.merge(body, cards.get(card), Cards::both);
        }
        return bodies;
    }

    private static List<Clip> both(List<Clip> some, List<Clip> more) {
        return Stream.concat(some.stream(), more.stream()).toList();
    }

    /** @param worths what lists of clips are worth without more, as far as it was worked out */
    private static double gained(
            List<Recorded> takes, List<Clip> there, List<Clip> more, Corrections said, Map<List<Clip>, Double> worths) {
        double before = there.isEmpty()
                ? 0
                : worths.computeIfAbsent(there, clips -> CameraMatch.roughWorth(takes, clips, said));
        return CameraMatch.roughWorth(takes, both(there, more), said) - before;
    }

    private static OptionalInt named(String card, List<Clip> clips, List<Recorded> takes, Map<UUID, UUID> known) {
        Map<Integer, Long> named = takes.stream()
                .filter(take -> take.card().equalsIgnoreCase(card) || holds(clips, known.get(take.id())))
                .filter(take -> take.body() >= 0)
                .collect(Collectors.groupingBy(Recorded::body, Collectors.counting()));
        return named.entrySet().stream()
                .max(Map.Entry.<Integer, Long>comparingByValue()
                        .thenComparing(Map.Entry.<Integer, Long>comparingByKey().reversed()))
                .map(most -> OptionalInt.of(most.getKey()))
                .orElse(OptionalInt.empty());
    }

    private static boolean holds(List<Clip> clips, UUID clip) {
        return clip != null && clips.stream().anyMatch(one -> one.id().equals(clip));
    }
}
