package upshot.app.web;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.ToLongFunction;

/**
 * What was used last, up to a weight; what was not used for the longest goes first. Versions follow one another here: a store
 * that favours what is used often would keep the old ones, which nobody asks for again, and turn the new ones away.
 */
public final class Recent<K, V> {

    private final Map<K, V> kept = new LinkedHashMap<>(16, 0.75f, true);
    private final long most;
    private final ToLongFunction<V> weight;
    private final Consumer<V> gone;
    private long weighs;

    /**
     * @param most what all may weigh together; the one that came last is kept in any case
     * @param weight of one, which must not change while it is kept
     * @param gone is told of each that goes, or whose place another takes
     */
    public Recent(long most, ToLongFunction<V> weight, Consumer<V> gone) {
        this.most = most;
        this.weight = weight;
        this.gone = gone;
    }

    /** So many, whatever they weigh. */
    public static <K, V> Recent<K, V> of(int most) {
        return new Recent<>(most, one -> 1, one -> {});
    }

    public synchronized Optional<V> get(K key) {
        return Optional.ofNullable(kept.get(key));
    }

    public synchronized void put(K key, V value) {
        V before = kept.put(key, value);
        weighs += weight.applyAsLong(value);
        if (before != null && before != value) {
            leave(before);
        } else if (before == value) {
            weighs -= weight.applyAsLong(value);
        }
        List<K> oldest = new ArrayList<>();
        long left = weighs;
        for (Map.Entry<K, V> one : kept.entrySet()) {
            if (left <= most || one.getKey().equals(key)) {
                break;
            }
            left -= weight.applyAsLong(one.getValue());
            oldest.add(one.getKey());
        }
        oldest.forEach(this::remove);
    }

    public synchronized void remove(K key) {
        V before = kept.remove(key);
        if (before != null) {
            leave(before);
        }
    }

    private void leave(V value) {
        weighs -= weight.applyAsLong(value);
        gone.accept(value);
    }

    public synchronized void clear() {
        new ArrayList<>(kept.keySet()).forEach(this::remove);
    }
}
