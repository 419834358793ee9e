package upshot.core.plan;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.Supplier;

/**
 * All that is remembered from one plan to those made from it: of each thing the last two views, since a plan and what
 * somebody tries with it are often looked at in turn.
 */
public final class Memory {

    private final Map<Object, Pair> views;

    private record Pair(View last, View before) {}

    /**
     * A memory of nothing.
     *
     * @param things that are likely to be looked at
     */
    Memory(int things) {
        views = new ConcurrentHashMap<>(2 * things);
    }

    /** The view that is known of a thing, with its answers, where it is equal to this one; else this one from now on. */
    public <V extends View> V same(Object thing, V now) {
        return same(thing, now::equals, () -> now);
    }

    /**
     * The same, where a view can be told to be the right one before there is another to compare it with.
     *
     * @param holds asked of views of this thing alone
     * @param made the right one
     */
    @SuppressWarnings("unchecked")
    <V extends View> V same(Object thing, Predicate<View> holds, Supplier<V> made) {
        Pair known = views.get(thing);
        if (known != null && holds.test(known.last)) {
            return (V) known.last;
        }
        boolean earlier = known != null && holds.test(known.before);
        V kept = earlier ? (V) known.before : made.get();
        views.put(thing, new Pair(kept, known == null ? null : known.last));
        return kept;
    }

    /** Forgets everything where it has come to hold more than so many things, most of them gone from the plan. */
    void bound(int most) {
        if (views.size() > most) {
            views.clear();
        }
    }
}
