package upshot.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Equal problems have equal orders, so every component counts in what is equal, and nothing changes afterwards. */
class DayProblemTest {

    @Test
    void no_component_can_be_altered_without_another_problem() throws Exception {
        DayProblem problem = withEverything();
        List<Object> altered = altered(problem);

        assertThat(altered).hasSizeGreaterThan(400);
        assertThat(problem).isEqualTo(withEverything());
        for (Object other : altered) {
            assertThat(other).isNotEqualTo(problem);
            assertThat(other).isInstanceOf(DayProblem.class);
        }
    }

    @Test
    void lists_are_copied_in_and_cannot_be_changed() {
        DayProblem problem = withEverything();
        List<Integer> done = new ArrayList<>(List.of(1, 2));
        DayCrew.Standing standing = new DayCrew.Standing(30, 2, done, 0, 0);
        done.clear();

        assertThat(standing.done()).containsExactly(1, 2);
        for (List<?> list : List.of(
                problem.setups(),
                problem.crews(),
                problem.people(),
                problem.changes().walkMin().get(0),
                problem.setup(0).people(),
                problem.setup(0).windows())) {
            assertThatThrownBy(list::clear).isInstanceOf(UnsupportedOperationException.class);
        }
    }

    private static DayProblem withEverything() {
        DayProblem some = RandomProblems.of(8, 12);
        DayCrew first = some.crews().get(0);
        DayCrew standing = new DayCrew(
                first.callMin(),
                first.wrapMin(),
                first.laterDay(),
                first.cameras(),
                Optional.of(new DayCrew.Standing(40, 1, List.of(0, 1), 20, 10)));
        return new DayProblem(
                List.of(standing),
                some.setups(),
                some.changes(),
                some.people(),
                some.rests(),
                some.capacityMegabytes(),
                some.margin(),
                some.readyBeforeMin());
    }

    /** Every value that differs from one in a single number, truth, or member of a list, however deep. */
    private static List<Object> altered(Object value) throws Exception {
        List<Object> others = new ArrayList<>();
        if (value instanceof Integer number) {
            others.add(number + 1);
        } else if (value instanceof Double number) {
            others.add(number + 0.25);
        } else if (value instanceof Boolean truth) {
            others.add(!truth);
        } else if (value instanceof Optional<?> optional) {
            if (optional.isPresent()) {
                others.add(Optional.empty());
                for (Object inner : altered(optional.get())) {
                    others.add(Optional.of(inner));
                }
            }
        } else if (value instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                List<Object> shorter = new ArrayList<>(list);
                shorter.remove(i);
                others.add(shorter);
                for (Object inner : altered(list.get(i))) {
                    List<Object> changed = new ArrayList<>(list);
                    changed.set(i, inner);
                    others.add(changed);
                }
            }
        } else {
            others.addAll(alteredRecord(value));
        }
        return others;
    }

    private static List<Object> alteredRecord(Object value) throws Exception {
        RecordComponent[] components = value.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = components[i].getAccessor().invoke(value);
            types[i] = components[i].getType();
        }
        List<Object> others = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            List<Object> alterations = altered(values[i]);
            assertThat(alterations.isEmpty() && !(values[i] instanceof List) && !(values[i] instanceof Optional))
                    .as(components[i].getName())
                    .isFalse();
            for (Object other : alterations) {
                Object[] changed = values.clone();
                changed[i] = other;
                others.add(value.getClass().getDeclaredConstructor(types).newInstance(changed));
            }
        }
        return others;
    }
}
