package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Focus;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Taken;
import upshot.core.size.Size;

/** What could be planned beyond what is missing. */
class FurtherTest {

    private final SamplePlan sample = new SamplePlan();

    private static List<String> of(Plan plan) {
        return Further.of(plan).stream()
                .map(hole -> "%d %s"
                        .formatted(
                                plan.actions().indexOf(plan.get(RecordKind.ACTION, hole.actionId())), hole.sizeClass()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "HANDS, false, 0 DETAIL/0 MID/0 WIDE",
        "THING, false, 0 DETAIL/0 MID",
        "FACE, false, 0 MID/0 DETAIL/0 WIDE",
        "BODY, false, 0 WIDE/0 MID/0 DETAIL",
        "FEET, false, 0 DETAIL/0 MID/0 WIDE",
        "FEET, true, 0 WIDE/0 MID/0 DETAIL"
    })
    void outwards_from_the_size_that_tells_an_action_most_simply(Focus focus, boolean quick, String expected) {
        sample.action(one -> one.with("focus", focus).with("speedMps", quick ? 2.1 : 2.0));

        // With none there yet a second picture is the second size that is missing.
        List<String> order = List.of(expected.split("/"));
        assertThat(of(sample.build())).isEqualTo(order.subList(1, order.size()));
    }

    @Test
    void the_actions_with_the_fewest_pictures_first_each_with_sizes_that_it_has_not() {
        Action one = sample.action();
        Action two = sample.action();
        sample.shot(one, shot -> shot.with("size", Size.MEDIUM));
        sample.shot(one, shot -> shot.with("size", Size.CLOSE_UP));
        sample.shot(two, shot -> shot.with("size", Size.WIDE));

        // The second has a wide: its second picture is a mid, its third a detail; the first lacks a third, a wide.
        assertThat(of(sample.build())).containsExactly("1 MID", "1 DETAIL", "0 WIDE");
    }

    @Test
    void one_picture_is_enough_where_that_is_said_where_it_is_a_thing_itself_and_where_it_happens_once() {
        Action action = sample.action();
        Plan plan = sample.build();

        assertThat(of(plan)).hasSize(2);
        assertThat(of(plan.apply(Change.set(action, "onePicture", true)))).isEmpty();
        assertThat(of(plan.apply(Change.set(action, "feature", true)))).isEmpty();
        assertThat(of(plan.apply(Change.set(action, "once", true)))).isEmpty();
        Plan run = plan.apply(Change.set(action, "once", true));
        assertThat(of(run.apply(Change.set(run.actions().get(0), "taken", Taken.REFRAMED))))
                .hasSize(2);
        Plan thing = plan.apply(Change.set(action, "focus", Focus.THING));
        assertThat(of(thing)).as("something is done to a thing by somebody").hasSize(1);
        assertThat(of(thing.apply(Change.set(thing.actions().get(0), "subjectId", sample.object()))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"25, true", "26, false"})
    void half_as_much_again_as_the_promo_holds(int shots, boolean room) {
        Action action = sample.action();
        for (int i = 0; i < shots; i++) {
            sample.shot(action, 30);
        }
        // Thirty seconds hold 17: 25.5.
        assertThat(Further.hasRoom(sample.build())).isEqualTo(room);
    }
}
