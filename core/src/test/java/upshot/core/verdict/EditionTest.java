package upshot.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.finding.Rule;
import upshot.core.house.Threshold;
import upshot.core.plan.Action;
import upshot.core.plan.Adjustment;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

class EditionTest {

    private static final Edition REWRITTEN = Edition.LATEST;

    private final SamplePlan sample = new SamplePlan();

    /** Uses of so many frames on end, all hand-held, 24 frames a second. */
    private static Plan handHeld(int... frames) {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        for (int length : frames) {
            sample.use(sample.shot(action, one -> one.with("support", Support.HAND_HELD)), length);
        }
        return sample.build();
    }

    private static List<String> raised(Plan plan) {
        return REWRITTEN.brought(Verdict.of(plan)).raises();
    }

    private static Plan moved(Plan plan, Threshold threshold, double value) {
        UUID id = UUID.nameUUIDFromBytes(new byte[] {1});
        return plan.apply(new Change.Add(new Adjustment(id, threshold, value)));
    }

    @Test
    void a_figure_that_became_stricter_raises_what_lies_between_the_two() {
        String said = "Hand-held for long in the whole cut";

        assertThat(raised(handHeld(72, 72))).as("6 s").doesNotContain(said);
        assertThat(raised(handHeld(72, 73))).contains(said);
        assertThat(raised(handHeld(96, 96, 96))).as("12 s").contains(said);
        assertThat(raised(handHeld(96, 96, 97))).as("was too long before").doesNotContain(said);
        assertThat(raised(moved(handHeld(72, 73), Threshold.HAND_HELD_RUN, 12)))
                .as("set back by the job itself")
                .doesNotContain(said);
    }

    @Test
    void what_a_new_rule_says_came_with_it() {
        String said = "It stands for long in the whole cut";
        Plan plan = handHeld(48, 120, 48);

        assertThat(raised(plan)).contains(said);
        assertThat(raised(moved(plan, Threshold.LONG_USE, 5))).doesNotContain(said);
        assertThat(REWRITTEN.brought(Verdict.of(plan)).clears()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"24, false", "48, true", "72, false"})
    void the_eye_was_let_go_further_before(int frames, boolean raised) {
        Action action = sample.action(one -> one.with("line", Line.NONE));
        sample.use(sample.shot(action, one -> one.with("placement", Placement.LEFT_THIRD)), 48);
        Shot other = sample.shot(
                action, one -> one.with("placement", Placement.RIGHT_THIRD).with("bearingDeg", 60.0));
        sample.use(other, frames);

        // A third of the frame: too far for a second before, too; for two seconds between 0.3 and 0.35; three bear
        // half.
        assertThat(raised(sample.build()).contains("The eye has far to go at joint 1"))
                .isEqualTo(raised);
    }

    @Test
    void it_names_rules_that_there_are_and_figures_that_differ() {
        List<String> ids = AllRules.all().stream()
                .flatMap(group -> group.rules().stream())
                .map(Rule::id)
                .toList();

        assertThat(ids).containsAll(REWRITTEN.added()).containsAll(REWRITTEN.otherwise());
        assertThat(REWRITTEN.added()).doesNotContainAnyElementsOf(REWRITTEN.otherwise());
        REWRITTEN.before().forEach((threshold, value) -> assertThat(value).isNotEqualTo(threshold.usual()));
    }
}
