package upshot.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;

class HeardAtTest {

    private static String name(Plan plan, String sound) {
        return HeardAt.of(plan, sound).map(Action::name).orElse("nowhere");
    }

    @Test
    void a_sound_belongs_to_what_it_names_else_to_what_was_told_last() {
        SamplePlan sample = new SamplePlan();
        assertThat(name(sample.build(), "birds")).isEqualTo("nowhere");
        sample.action(one -> one.with("name", "The press is screwed down"));
        sample.action(one -> one.with("name", "Visitors come in"));
        Plan plan = sample.build();

        assertThat(name(plan, "presses creak")).isEqualTo("The press is screwed down");
        assertThat(name(plan, "the street outside")).isEqualTo("Visitors come in");
        Plan heard = plan.apply(Change.set(plan.actions().get(1), "sound", "steps"));
        assertThat(name(heard, "the street outside"))
                .as("what has none yet comes first")
                .isEqualTo("The press is screwed down");
    }

    @Test
    void what_makes_a_place_is_a_feature_and_nobody() {
        ActionLine line = new LineReader(List.of(), List.of())
                .read("Rows of old tools on the wall")
                .asFeature();
        assertThat(line.values()).containsEntry("feature", true);
        assertThat(line.guess())
                .hasValueSatisfying(guess -> assertThat(guess.person()).isFalse());
    }
}
