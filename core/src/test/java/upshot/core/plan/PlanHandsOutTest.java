package upshot.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;

/** Whatever a plan hands out, nobody changes the plan by it. */
class PlanHandsOutTest {

    @Test
    void nothing_that_can_be_changed() throws Exception {
        RandomPlans source = new RandomPlans(3);
        Plan made = source.plan();
        Plan changed = made.apply(source.change(made));

        for (Plan plan : List.of(made, changed)) {
            List<Collection<?>> handedOut = new ArrayList<>();
            for (Method method : Plan.class.getMethods()) {
                if (Collection.class.isAssignableFrom(method.getReturnType())
                        && !Modifier.isStatic(method.getModifiers())) {
                    handedOut.addAll(all(plan, method));
                }
            }
            assertThat(handedOut).hasSizeGreaterThan(40);
            for (Collection<?> one : handedOut) {
                assertThatThrownBy(() -> one.add(null)).isInstanceOf(UnsupportedOperationException.class);
            }
        }
    }

    /** What a method gives for everything that it can be asked about. */
    private static List<Collection<?>> all(Plan plan, Method method)
            throws IllegalAccessException, InvocationTargetException {
        List<Collection<?>> given = new ArrayList<>();
        if (method.getParameterCount() == 0) {
            given.add((Collection<?>) method.invoke(plan));
        } else if (method.getParameterTypes()[0] == RecordKind.class) {
            for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
                given.add((Collection<?>) method.invoke(plan, kind));
            }
        } else {
            for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
                for (PlanRecord one : plan.list(kind)) {
                    if (method.getParameterTypes()[0].isInstance(one)) {
                        given.add((Collection<?>) method.invoke(plan, one));
                    }
                }
            }
        }
        return given;
    }
}
