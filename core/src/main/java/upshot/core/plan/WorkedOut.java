package upshot.core.plan;

import java.util.Arrays;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** Answers that follow from a plan and one of its records. Several threads may ask; the same answer may be worked out twice. */
final class WorkedOut {

    private final Map<UUID, Answers> byRecord = new ConcurrentHashMap<>();

    /** What is known of one record: few things, so that looking through them is quicker than another map. */
    private static final class Answers {

        private volatile Object[] known = {};

        Object find(Class<?> what) {
            for (Object one : known) {
                if (one.getClass() == what) {
                    return one;
                }
            }
            return null;
        }

        synchronized void add(Object answer) {
            if (find(answer.getClass()) == null) {
                Object[] more = Arrays.copyOf(known, known.length + 1);
                more[known.length] = answer;
                known = more;
            }
        }
    }

    /**
     * An answer that is known or worked out now.
     *
     * @param what the class of the answer itself, none that it extends
     */
    <T> T once(Class<T> what, UUID id, Supplier<T> work) {
        Answers answers = byRecord.get(id);
        if (answers == null) {
            answers = byRecord.computeIfAbsent(id, none -> new Answers());
        }
        Object known = answers.find(what);
        if (known == null) {
            known = work.get();
            answers.add(known);
        }
        return what.cast(known);
    }

    /** What another plan knows of a record holds here too. */
    void keep(WorkedOut earlier, UUID id) {
        Answers known = earlier.byRecord.get(id);
        if (known != null) {
            byRecord.put(id, known);
        }
    }
}
