package upshot.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Focus;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Subject;
import upshot.core.size.SubjectKind;

/** What a typed line becomes, with what its sentence tells beside. */
class NewActionsTest {

    private final SamplePlan sample = new SamplePlan();

    private Plan typed(String line) {
        Plan plan = sample.build();
        NewActions added = new NewActions(plan, sample::id);
        added.add(
                new LineReader(added.subjectNames(), List.of()).read(line),
                plan.beats().get(0).id(),
                plan.spots().get(0).id());
        return plan.apply(added.changes());
    }

    private static Action action(Plan plan) {
        return plan.actions().get(0);
    }

    @Test
    void a_line_says_what_it_is_about_and_whether_it_is_somebody() {
        Plan folding = typed("Marta folds sheets 20s repeats");
        assertThat(action(folding).focus()).isEqualTo(Focus.HANDS);
        assertThat(action(folding).thing()).isEqualTo("sheets");
        assertThat(folding.subjectOf(action(folding)).kind()).isEqualTo(SubjectKind.PERSON);

        Plan gluing = typed("Glue is brushed on the spine 8s messy");
        assertThat(action(gluing).focus()).isEqualTo(Focus.THING);
        assertThat(action(gluing).baseHeightM()).as("on a table").isEqualTo(0.8);
        assertThat(gluing.subjectOf(action(gluing)).name()).isEqualTo("Glue");
        assertThat(gluing.subjectOf(action(gluing)).kind()).isEqualTo(SubjectKind.OBJECT);
    }

    @Test
    void children_are_smaller_and_vans_larger_than_people() {
        Plan child = typed("A child opens the finished book");
        assertThat(child.subjectOf(action(child)).heightM()).isEqualTo(1.2);
        assertThat(action(child).thingBaseM()).as("at a child's table").isEqualTo(0.6);
        Plan van = typed("a delivery van pulls up");
        Subject drafted = van.subjectOf(action(van));
        assertThat(drafted.kind()).isEqualTo(SubjectKind.OBJECT);
        assertThat(drafted.lengthM()).isEqualTo(4.5);
        assertThat(action(van).baseHeightM()).isZero();
    }

    @Test
    void what_is_typed_wins_and_a_place_or_a_known_person_stays_what_it_is() {
        assertThat(action(typed("Marta folds sheets, shows: thread")).thing()).isEqualTo("thread");
        assertThat(action(typed("lead type in drawers, place")).focus()).isEqualTo(Focus.UNSAID);
        Plan jar = typed("Jar falls off the table");
        assertThat(jar.subjects()).hasSize(3);
        assertThat(jar.subjectOf(action(jar)).heightM()).isEqualTo(0.4);
    }

    @Test
    void what_is_not_understood_is_left_alone() {
        Plan plan = typed("Marta pliega las hojas 20s");

        assertThat(action(plan).focus()).isEqualTo(Focus.UNSAID);
        assertThat(plan.subjectOf(action(plan)).kind()).isEqualTo(SubjectKind.PERSON);
    }

    @Test
    void a_line_can_send_itself_to_a_beat_that_there_is() {
        Plan plan = typed("Marta folds sheets 20s #end");

        assertThat(plan.get(RecordKind.BEAT, action(plan).beatId()).name()).isEqualTo("Ending");
        assertThat(action(plan).name()).isEqualTo("Marta folds sheets");
        assertThatThrownBy(() -> typed("Marta folds sheets #finale"))
                .isInstanceOf(InvalidField.class)
                .hasMessage("There is no beat #finale. There are Body, Ending.");
    }
}
