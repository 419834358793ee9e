package upshot.app.web;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * What waits to be worked on, person by person in turn: who asks for twelve things holds up their own, and one of
 * anybody else's goes before the second of them.
 */
public final class FairQueue<T> {

    /** The person whose turn it is first; each person's own in the order in which they came. */
    private final Map<UUID, Deque<T>> waiting = new LinkedHashMap<>();

    public synchronized void add(UUID person, T work) {
        waiting.computeIfAbsent(person, none -> new ArrayDeque<>()).add(work);
    }

    /** Whose turn it is; that person's next comes after one of everybody else's. */
    public synchronized Optional<T> next() {
        Optional<UUID> first = waiting.keySet().stream().findFirst();
        return first.map(person -> {
            Deque<T> own = waiting.remove(person);
            T work = own.remove();
            if (!own.isEmpty()) {
                waiting.put(person, own);
            }
            return work;
        });
    }

    public synchronized void remove(T work) {
        waiting.values().forEach(own -> own.remove(work));
        waiting.values().removeIf(Deque::isEmpty);
    }

    /** How many go before the first that is meant; all of them where none is. */
    public synchronized int before(Predicate<T> meant) {
        List<T> order = new ArrayList<>();
        for (int round = 0; order.size() < size(); round++) {
            for (Deque<T> own : waiting.values()) {
                own.stream().skip(round).findFirst().ifPresent(order::add);
            }
        }
        int place = 0;
        while (place < order.size() && !meant.test(order.get(place))) {
            place++;
        }
        return place;
    }

    /** How many wait. */
    public synchronized int size() {
        return waiting.values().stream().mapToInt(Deque::size).sum();
    }
}
