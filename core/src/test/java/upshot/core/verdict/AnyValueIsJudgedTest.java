package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upshot.core.RandomPlans;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.finding.Unjudged;
import upshot.core.plan.Change;
import upshot.core.plan.Field;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/** A value that a record takes must not make a rule fall over, and a rule that does must not take the others along. */
class AnyValueIsJudgedTest {

    private static final Pattern BOUNDS = Pattern.compile("between (\\S+) and (\\S+?)(?:\\.$| )");
    private static final int PLANS = 4;

    static Stream<Field> numbers() {
        return RecordKind.PARENT_FIRST.stream()
                .flatMap(kind -> kind.fields().stream())
                .filter(field ->
                        field.type() == double.class || field.type() == Double.class || field.type() == int.class);
    }

    @ParameterizedTest
    @MethodSource("numbers")
    void the_ends_of_each_range_are_judged_without_a_rule_falling_over(Field field) {
        for (int seed = 1; seed <= PLANS; seed++) {
            Plan plan = new RandomPlans(seed).plan();
            for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
                if (kind.fields().contains(field)) {
                    for (PlanRecord one : plan.all(kind)) {
                        for (Plan changed : atTheEnds(plan, one, field)) {
                            assertThat(said(Verdict.of(changed)))
                                    .as("%s.%s of seed %d", kind.name(), field.name(), seed)
                                    .noneMatch(Unjudged::is);
                        }
                    }
                }
            }
        }
    }

    private static List<Finding> said(Verdict verdict) {
        List<Finding> all = new ArrayList<>(verdict.whole());
        verdict.joints().forEach(all::addAll);
        verdict.shots().values().forEach(all::addAll);
        all.forEach(finding -> finding.mends().size());
        return all;
    }

    /** The plan with the least, the greatest and the value nearest to nothing that the field takes. */
    private static List<Plan> atTheEnds(Plan plan, PlanRecord one, Field field) {
        List<Plan> plans = new ArrayList<>();
        List<Object> candidates = new ArrayList<>(List.of(0.0, 0, 1e-9));
        try {
            plan.apply(Change.set(one, field.name(), of(field, Double.NaN, -1_000_000_007)));
        } catch (InvalidField outside) {
            Matcher bounds = BOUNDS.matcher(outside.getMessage());
            if (bounds.find()) {
                candidates.add(Double.parseDouble(bounds.group(1)));
                candidates.add(Double.parseDouble(bounds.group(2)));
            }
        }
        for (Object candidate : candidates) {
            double value = ((Number) candidate).doubleValue();
            try {
                plans.add(plan.apply(Change.set(one, field.name(), of(field, value, (int) value))));
            } catch (InvalidField notTaken) {
                // Then there is nothing to judge.
            }
        }
        return plans;
    }

    private static Object of(Field field, double value, int whole) {
        Object plain = field.type() == int.class ? (Object) whole : (Object) value;
        return field.optional() ? Optional.of(plain) : plain;
    }

    @Test
    void a_rule_that_falls_over_is_one_finding_that_says_so() {
        UUID shot = UUID.randomUUID();

        assertThat(Unjudged.guarded("too-dark", List.of(shot), () -> {
                    throw new ArithmeticException("/ by zero");
                }))
                .hasValueSatisfying(finding -> {
                    assertThat(finding).matches(Unjudged::is);
                    assertThat(finding.status()).isEqualTo(Status.WATCH);
                    assertThat(finding.subject()).containsExactly(shot);
                    assertThat(finding.sentence()).contains("“too-dark”", "ArithmeticException");
                });
        assertThat(Unjudged.guarded("too-dark", List.of(shot), Optional::empty)).isEmpty();
    }
}
