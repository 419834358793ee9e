package upshot.core.plan;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * All that is remembered from one plan to those made from it: of each thing the last two views, since a plan and what
 * somebody tries with it are often looked at in turn.
 */
public final class Memory {

    private final Map<Object, Pair> views = new ConcurrentHashMap<>();

    private record Pair(View last, View before) {}

    /** A memory of nothing. */
    Memory() {}

    /** The view that is known of a thing, with its answers, where it is equal to this one; else this one from now on. */
    @SuppressWarnings("unchecked")
    public <V extends View> V same(Object thing, V now) {
        Pair known = views.get(thing);
        if (known == null) {
            views.put(thing, new Pair(now, null));
            return now;
        }
        if (known.last.equals(now)) {
            return (V) known.last;
        }
        boolean earlier = now.equals(known.before);
        View kept = earlier ? known.before : now;
        views.put(thing, new Pair(kept, known.last));
        return (V) kept;
    }

    /** Forgets everything where it has come to hold more than so many things, most of them gone from the plan. */
    void bound(int most) {
        if (views.size() > most) {
            views.clear();
        }
    }
}
