package upshot.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.RandomPlans;

class WithersTest {

    static List<RecordKind<?>> kinds() {
        return RecordKind.PARENT_FIRST;
    }

    /** A value of the same field is taken from another record, so that it suits. */
    @ParameterizedTest
    @MethodSource("kinds")
    void each_sets_the_field_that_it_is_named_after_and_no_other(RecordKind<?> kind) throws Exception {
        for (int seed = 1; seed <= 10; seed++) {
            List<? extends PlanRecord> all = new RandomPlans(seed).plan().list(kind);
            for (PlanRecord one : all) {
                for (PlanRecord other : all) {
                    for (Method wither : withers(kind)) {
                        sets(kind, wither, one, other);
                    }
                }
            }
        }
    }

    private static List<Method> withers(RecordKind<?> kind) {
        return Arrays.stream(kind.type().getMethods())
                .filter(method -> method.getName().matches("with[A-Z].*") && method.getParameterCount() == 1)
                .toList();
    }

    private static void sets(RecordKind<?> kind, Method wither, PlanRecord one, PlanRecord other) throws Exception {
        String name = wither.getName().substring(4, 5).toLowerCase(Locale.ROOT)
                + wither.getName().substring(5);
        Field field = kind.field(name).orElseThrow();
        Object value = field.of(other);
        PlanRecord set;
        try {
            set = (PlanRecord) wither.invoke(one, value);
        } catch (java.lang.reflect.InvocationTargetException refused) {
            // The value does not go with another of this record, as an insert without its height.
            assertThat(refused.getCause()).isInstanceOf(InvalidField.class);
            return;
        }
        for (Field each : kind.fields()) {
            assertThat(each.of(set))
                    .as("%s.%s", kind, wither.getName())
                    .isEqualTo(each == field ? value : each.of(one));
        }
    }
}
