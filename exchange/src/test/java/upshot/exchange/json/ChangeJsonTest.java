package upshot.exchange.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;

class ChangeJsonTest {

    @RepeatedTest(200)
    void any_change_comes_back_as_it_was(RepetitionInfo run) {
        RandomPlans random = new RandomPlans(run.getCurrentRepetition());
        Plan plan = random.plan();
        Change change = random.change(plan);

        Change read = ChangeJson.read(ChangeJson.write(change));

        assertThat(read.steps().toList())
                .as("seed %d", run.getCurrentRepetition())
                .isEqualTo(change.steps().toList());
    }

    @RepeatedTest(300)
    void broken_text_is_refused_or_read_never_anything_else(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        RandomPlans plans = new RandomPlans(run.getCurrentRepetition());
        Plan plan = plans.plan();
        StringBuilder text = new StringBuilder(ChangeJson.write(plans.change(plan)));
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            int at = random.nextInt(text.length());
            text.replace(
                    at, Math.min(text.length(), at + random.nextInt(9)), random.nextBoolean() ? "" : "\"\u0000{[9e999");
        }

        Throwable thrown = catchThrowable(() -> ChangeJson.read(text.toString()));

        // UnreadableJson, or the record's own refusal of a value: both say what is wrong.
        assertThat(thrown)
                .as("seed %d: %s", run.getCurrentRepetition(), text)
                .satisfiesAnyOf(
                        nothing -> assertThat(nothing).isNull(),
                        refused -> assertThat(refused)
                                .isInstanceOf(IllegalArgumentException.class)
                                .message()
                                .isNotBlank());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "nonsense",
                "{}",
                "null",
                "[1]",
                "[{\"op\":\"set\"}]",
                "[{\"op\":\"drop\",\"kind\":\"shot\"}]",
                "[{\"op\":\"set\",\"kind\":\"shot\",\"id\":\"x\",\"field\":\"takes\",\"before\":1,\"after\":2}]",
                "[{\"op\":\"set\",\"kind\":\"shot\",\"id\":\"x\",\"field\":\"class\",\"before\":1,\"after\":2}]",
                "[{\"op\":\"add\",\"kind\":\"shot\",\"record\":{}}]"
            })
    void what_is_no_list_of_changes_is_refused(String json) {
        assertThatThrownBy(() -> ChangeJson.read(json)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void form_fields_may_send_numbers_as_text_and_nothing_for_none() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build();

        assertThat(set(plan, shot, "bearingDeg", "30.0", "\"45,5\"")
                        .shots()
                        .get(0)
                        .bearingDeg())
                .isEqualTo(45.5);
        assertThat(set(plan, shot, "aimHeightM", "null", "\"1.2\"")
                        .shots()
                        .get(0)
                        .aimHeightM())
                .contains(1.2);
        assertThat(set(plan, shot, "takes", "2", "\"3\"").shots().get(0).takes())
                .isEqualTo(3);
        assertThatThrownBy(() -> set(plan, shot, "bearingDeg", "30", "\"north\""))
                .hasMessageContaining("“north” is not a number");
        assertThatThrownBy(() -> set(plan, shot, "bearingDeg", "30", "null")).hasMessageContaining("empty");
        assertThatThrownBy(() -> set(plan, shot, "takes", "2", "99999999999")).hasMessageContaining("too large");
        assertThatThrownBy(() -> set(plan, shot, "support", "\"TRIPOD\"", "\"STILTS\""))
                .hasMessageContaining("none of the choices");
    }

    private static Plan set(Plan plan, Shot shot, String field, String before, String after) {
        return plan.apply(ChangeJson.read(
                "[{\"op\":\"set\",\"kind\":\"shot\",\"id\":\"%s\",\"field\":\"%s\",\"before\":%s,\"after\":%s}]"
                        .formatted(shot.id(), field, before, after)));
    }

    @Test
    void a_removal_read_back_and_inverted_restores_the_plan() {
        Plan plan = new RandomPlans(7).plan();
        Change removal = Removal.of(plan, plan.actions().get(0));

        Change read = ChangeJson.read(ChangeJson.write(removal));

        assertThat(plan.apply(read).apply(read.inverse())).isEqualTo(plan);
    }
}
