package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Focus;
import upshot.core.size.Size;

/** Ada is 1.70 m tall and stands on the floor; the jar is 0.4 m high. */
class AimedAtTest {

    private final SamplePlan sample = new SamplePlan();

    private AimedAt aimed(UnaryOperator<Action> action, Aim aim, Size size) {
        var shot = sample.shot(
                sample.action(action),
                one -> one.with("insertHeightM", Optional.of(0.3))
                        .with("aim", aim)
                        .with("size", size));
        return Stand.of(sample.build(), shot).aim();
    }

    private static Action cup(Action action) {
        return action.with("thing", "cup").with("thingBaseM", 0.8).with("thingHeightM", 0.2);
    }

    private static String said(AimedAt aim) {
        return "%s %.3f %s %s"
                .formatted(
                        aim.part(),
                        aim.aheadM(),
                        aim.heightM().map("%.3f"::formatted).orElse("by size"),
                        aim.frameM().map("%.3f"::formatted).orElse("by size"));
    }

    @ParameterizedTest
    @CsvSource({
        "HANDS, MEDIUM, HANDS 0.350 0.986 by size",
        "HANDS, CLOSE_UP, HANDS 0.350 0.986 0.450",
        "HANDS, EXTREME_CLOSE_UP, HANDS 0.350 0.986 0.225",
        "FEET, CLOSE_UP, FEET 0.000 0.085 0.350",
        "FEET, FULL, FEET 0.000 0.085 by size",
        "THING, CLOSE_UP, THING 0.350 0.850 2.210",
        "WHOLE, CLOSE_UP, WHOLE 0.000 by size by size",
        "FACE, CLOSE_UP, FACE 0.000 by size by size"
    })
    void what_is_said_is_aimed_at_where_a_person_has_it(Aim aim, Size size, String expected) {
        assertThat(said(aimed(one -> one, aim, size))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "HANDS, CLOSE_UP, HANDS 0.350 1.486 0.450",
        "FEET, CLOSE_UP, FEET 0.000 0.585 0.350",
        "THING, CLOSE_UP, THING 0.350 1.350 2.210"
    })
    void on_a_step_of_half_a_metre_all_is_half_a_metre_higher(Aim aim, Size size, String expected) {
        assertThat(said(aimed(one -> one.with("baseHeightM", 0.5), aim, size))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"HANDS, HANDS 0.350 0.900 0.450", "THING, THING 0.350 0.900 0.260"})
    void what_is_in_the_hands_is_where_it_is(Aim aim, String expected) {
        assertThat(said(aimed(AimedAtTest::cup, aim, Size.CLOSE_UP))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "HANDS, CLOSE_UP, HANDS 0.350 0.986 0.450",
        "HANDS, MEDIUM, WHOLE 0.000 by size by size",
        "FEET, CLOSE_UP, FEET 0.000 0.085 0.350",
        "WHEELS, CLOSE_UP, WHEELS 0.000 0.350 0.900",
        "THING, CLOSE_UP, THING 0.350 0.850 2.210",
        "FACE, CLOSE_UP, WHOLE 0.000 by size by size",
        "UNSAID, CLOSE_UP, WHOLE 0.000 by size by size",
        "UNSAID, INSERT, HANDS 0.350 0.986 0.450"
    })
    void a_detail_is_of_what_the_action_is_about(Focus focus, Size size, String expected) {
        assertThat(said(aimed(one -> one.with("focus", focus), Aim.UNSAID, size)))
                .isEqualTo(expected);
    }

    @Test
    void an_insert_is_of_the_thing_where_there_is_one() {
        assertThat(said(aimed(AimedAtTest::cup, Aim.UNSAID, Size.INSERT))).isEqualTo("THING 0.350 0.900 0.260");
        // The jar itself: in its middle at 0.2 m, not in front of it, 1.3 · 0.4 m.
        assertThat(said(aimed(one -> one.with("subjectId", sample.object()), Aim.UNSAID, Size.INSERT)))
                .isEqualTo("THING 0.000 0.200 0.520");
    }

    @Test
    void a_thing_that_an_action_of_it_is_about_is_itself_and_so_is_a_feature() {
        UnaryOperator<Action> jar =
                one -> one.with("subjectId", sample.object()).with("focus", Focus.THING);

        assertThat(aimed(jar, Aim.UNSAID, Size.CLOSE_UP).part()).isEqualTo(AimedAt.Part.WHOLE);
        assertThat(aimed(one -> cup(jar.apply(one)), Aim.UNSAID, Size.CLOSE_UP).part())
                .as("something on it is another thing")
                .isEqualTo(AimedAt.Part.THING);
        UnaryOperator<Action> feature = one -> one.with("feature", true);
        assertThat(aimed(one -> feature.apply(one).with("focus", Focus.HANDS), Aim.UNSAID, Size.CLOSE_UP)
                        .part())
                .isEqualTo(AimedAt.Part.WHOLE);
        assertThat(aimed(feature, Aim.UNSAID, Size.INSERT).part())
                .as("of which nobody said what it is about")
                .isEqualTo(AimedAt.Part.HANDS);
    }
}
