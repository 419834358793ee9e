package upshot.core.plan;

import java.util.Arrays;
import java.util.function.Supplier;

/**
 * Something that is looked at, with what was worked out from it. Views are equal where nothing that can be seen through
 * them differs, so that what was worked out from one holds for the other; {@link Memory} is made of that. Several threads
 * may ask; the same answer may be worked out twice.
 */
public abstract class View {

    /**
     * Each question and then its answer. They are few, so that looking through them is quicker than a map; that the questions
     * stand here too spares looking at every answer for its class.
     */
    private volatile Object[] known = {};

    /**
     * An answer that is known or worked out now.
     *
     * @param what the class of the answer itself, which stands for the question too
     * @param work looks at nothing but this view
     */
    public final <T> T remember(Class<T> what, Supplier<T> work) {
        Object answer = find(what);
        return what.cast(answer != null ? answer : add(work.get()));
    }

    private Object find(Class<?> what) {
        Object[] all = known;
        for (int i = 0; i < all.length; i += 2) {
            if (all[i] == what) {
                return all[i + 1];
            }
        }
        return null;
    }

    private synchronized Object add(Object answer) {
        Object present = find(answer.getClass());
        if (present == null) {
            Object[] more = Arrays.copyOf(known, known.length + 2);
            more[known.length] = answer.getClass();
            more[known.length + 1] = answer;
            known = more;
        }
        return present == null ? answer : present;
    }

    @Override
    public abstract boolean equals(Object other);

    @Override
    public abstract int hashCode();
}
