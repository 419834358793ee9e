package upshot.core.plan;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** Answers that follow from a plan and one of its records. Several threads may ask; the same answer may be worked out twice. */
final class WorkedOut {

    private final Map<Question, Object> answers = new ConcurrentHashMap<>();

    private record Question(Class<?> what, UUID id) {}

    <T> T once(Class<T> what, UUID id, Supplier<T> work) {
        Question question = new Question(what, id);
        Object known = answers.get(question);
        if (known == null) {
            known = work.get();
            answers.put(question, known);
        }
        return what.cast(known);
    }
}
