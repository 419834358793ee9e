package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.job.Desk;
import upshot.app.job.Gesture;
import upshot.app.job.Proposal;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Codes;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Use;

/** Every gesture a page can post, on a plan in memory: what it proposes and what it says when something is wrong. */
@AppTest
class GesturesTest {

    @Autowired
    private List<Gesture> gestures;

    private final SamplePlan sample = new SamplePlan();

    private Proposal propose(Plan plan, String name, Map<String, String> arguments) {
        Gesture gesture = gestures.stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
        return gesture.propose(new Desk(plan, Codes.of(plan), UUID::randomUUID), arguments);
    }

    private Plan after(Plan plan, String name, Map<String, String> arguments) {
        return plan.apply(propose(plan, name, arguments).change());
    }

    private static Map<String, String> line(Plan plan, String... pairs) {
        Map<String, String> arguments = new HashMap<>(Map.of(
                "name",
                "Ben ties the boat",
                "subject",
                "Ben",
                "beatId",
                plan.beats().get(0).id().toString(),
                "spotId",
                plan.spots().get(0).id().toString()));
        for (int i = 0; i < pairs.length; i += 2) {
            arguments.put(pairs[i], pairs[i + 1]);
        }
        return arguments;
    }

    @Test
    void a_line_becomes_an_action_of_somebody_who_is_known_already() {
        Plan plan = sample.build();
        Plan grown = after(
                plan,
                "add-action",
                line(
                        plan,
                        "subject",
                        "bEN ",
                        "side",
                        "RIGHT_TO_LEFT",
                        "durationS",
                        "2,5",
                        "fixedTime",
                        "9:05",
                        "once",
                        "true"));
        Action action = grown.actions().get(0);

        assertThat(grown.subjects()).isEqualTo(plan.subjects());
        assertThat(action.subjectId()).isEqualTo(sample.otherPerson());
        assertThat(action.codePrefix()).isEqualTo("B");
        assertThat(action.line()).isEqualTo(Line.TRAVEL);
        assertThat(action.side()).isEqualTo(Side.RIGHT_TO_LEFT);
        assertThat(action.durationS()).isEqualTo(2.5);
        assertThat(action.fixedTime()).contains(LocalTime.of(9, 5));
        assertThat(action.once()).isTrue();
    }

    @Test
    void somebody_new_becomes_a_person() {
        Plan plan = sample.build();
        Plan grown = after(plan, "add-action", line(plan, "subject", "Harbour master"));

        assertThat(grown.subjects())
                .hasSize(plan.subjects().size() + 1)
                .extracting("name")
                .contains("Harbour master");
        assertThat(grown.actions().get(0).line()).isEqualTo(Line.NONE);
    }

    @ParameterizedTest
    @CsvSource({
        "name,'',name",
        "subject,' ',subject",
        "durationS,long,durationS",
        "durationS,0,durationS",
        "fixedTime,noon,fixedTime",
        "beatId,nonsense,beatId",
        "side,UP,side"
    })
    void what_is_wrong_with_a_line_is_named_by_its_field(String field, String value, String named) {
        Plan plan = sample.build();

        InvalidField invalid =
                catchThrowableOfType(InvalidField.class, () -> propose(plan, "add-action", line(plan, field, value)));

        assertThat(invalid.field()).isEqualTo(named);
        assertThat(invalid).message().isNotBlank();
    }

    @Test
    void actions_move_within_their_beat() {
        Action first = sample.action();
        Action second = sample.action();
        Plan plan = sample.build();

        assertThat(after(plan, "move-action", Map.of("id", second.id().toString(), "way", "up"))
                        .actions())
                .extracting(Action::id)
                .containsExactly(second.id(), first.id());
        assertThat(propose(plan, "move-action", Map.of("id", first.id().toString(), "way", "up"))
                        .change()
                        .steps())
                .isEmpty();
    }

    @Test
    void a_shot_is_added_beside_others_and_shown() {
        Action action = sample.action(one -> one.with("thing", "rope"));
        sample.shot(action, 30);
        Plan plan = sample.build();
        for (String sizeClass : List.of("WIDE", "MID", "DETAIL")) {
            Proposal proposal =
                    propose(plan, "add-shot", Map.of("actionId", action.id().toString(), "sizeClass", sizeClass));
            Shot added = plan.apply(proposal.change()).shotsOf(action).get(1);

            assertThat(added.size().sizeClass().name()).isEqualTo(sizeClass);
            assertThat(proposal.show()).containsEntry("shot", added.id().toString());
        }
    }

    @Test
    void one_hole_or_all_are_filled() {
        Action action = sample.action();
        sample.action();
        Plan plan = sample.build();

        assertThat(after(plan, "fill", Map.of()).shots()).hasSize(6);
        assertThat(after(plan, "fill", Map.of("actionId", action.id().toString(), "sizeClass", "DETAIL"))
                        .shots())
                .singleElement()
                .satisfies(shot -> assertThat(shot.actionId()).isEqualTo(action.id()));
    }

    @Test
    void uses_are_put_behind_the_chosen_one_moved_and_taken_out() {
        Shot shot = sample.shot(sample.action(), 30);
        Use first = sample.use(shot);
        Use second = sample.use(shot);
        Plan plan = sample.build();
        Plan put = after(
                plan,
                "add-use",
                Map.of("shotId", shot.id().toString(), "after", first.id().toString()));

        assertThat(put.uses())
                .extracting(Use::id)
                .startsWith(first.id())
                .endsWith(second.id())
                .hasSize(3);
        assertThat(put.uses().get(1).frames()).isEqualTo(36);
        assertThat(after(plan, "add-use", Map.of("shotId", shot.id().toString()))
                        .uses()
                        .get(1))
                .isEqualTo(second);
        assertThat(after(plan, "move-use", Map.of("id", first.id().toString(), "way", "later"))
                        .uses())
                .extracting(Use::id)
                .containsExactly(second.id(), first.id());
        assertThat(after(plan, "remove", Map.of("kind", "use", "id", first.id().toString()))
                        .uses())
                .containsExactly(second);
    }

    @Test
    void spots_need_a_name() {
        Plan plan = sample.build();

        assertThat(after(plan, "add-spot", Map.of("spotName", "Quay")).spots()).hasSize(3);
        assertThat(catchThrowableOfType(InvalidField.class, () -> propose(plan, "add-spot", Map.of()))
                        .field())
                .isEqualTo("spotName");
    }
}
