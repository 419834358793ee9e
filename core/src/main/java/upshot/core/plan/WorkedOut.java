package upshot.core.plan;

import java.util.Arrays;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.Supplier;

/** Answers that follow from a plan and one of its records. Several threads may ask; the same answer may be worked out twice. */
final class WorkedOut {

    private final Map<UUID, Answers> byRecord;

    /** What is known of one record: few things, so that looking through them is quicker than another map. */
    private static final class Answers {

        private final PlanRecord of;
        private volatile Object[] known = {};

        Answers(PlanRecord of) {
            this.of = of;
        }

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
     * @param records of how many something may be asked
     */
    WorkedOut(int records) {
        byRecord = new ConcurrentHashMap<>(records);
    }

    /**
     * An answer that is known or worked out now; nothing is remembered of a record that is not the plan's own.
     *
     * @param what the class of the answer itself, none that it extends
     * @param own whether a record is the plan's own, asked only while nothing is known of it
     */
    <T> T once(Class<T> what, PlanRecord of, Predicate<PlanRecord> own, Supplier<T> work) {
        Answers answers = byRecord.get(of.id());
        if (answers == null && own.test(of)) {
            answers = byRecord.computeIfAbsent(of.id(), none -> new Answers(of));
        }
        if (answers == null || answers.of != of) {
            return work.get();
        }
        Object known = answers.find(what);
        if (known == null) {
            known = work.get();
            answers.add(known);
        }
        return what.cast(known);
    }

    /** What another plan knows of a record holds here too, if it is the very same. */
    void keep(WorkedOut earlier, PlanRecord of) {
        Answers known = earlier.byRecord.get(of.id());
        if (known != null && known.of == of) {
            byRecord.put(of.id(), known);
        }
    }
}
