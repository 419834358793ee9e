package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.app.job.EditRefused;
import upshot.app.job.Proposal;
import upshot.core.coverage.Coverage;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;

/** What is done with shots that are there, and with parts of the holes. */
class CoverageGesturesTest extends GestureOnSample {

    @Test
    void a_shot_is_copied_in_each_way_and_refused_where_there_is_none() {
        Action action = sample.action();
        Shot shot = sample.shot(action, one -> one.with("move", Move.PUSH).with("alsoMove", Move.PAN));
        Plan plan = sample.build();
        Map<String, String> again = Map.of("shotId", shot.id().toString(), "how", "AGAIN");
        Map<String, String> ending = Map.of("shotId", shot.id().toString(), "how", "ENDING");
        Map<String, String> punched = Map.of("shotId", shot.id().toString(), "how", "PUNCH_IN");
        Map<String, String> split = Map.of("shotId", shot.id().toString(), "how", "SPLIT");

        assertThat(after(plan, "copy-shot", again).shotsOf(action)).hasSize(2);
        assertThat(propose(plan, "copy-shot", again).show()).containsKey("shot");
        assertThat(after(plan, "copy-shot", split).shots())
                .extracting(Shot::alsoMove)
                .containsOnly(Move.STILL);
        assertThatThrownBy(() -> propose(plan, "copy-shot", ending))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("ending");
        assertThatThrownBy(() -> propose(plan, "copy-shot", punched)).isInstanceOf(EditRefused.class);
        Plan calm = after(plan, "copy-shot", split);
        assertThatThrownBy(() -> propose(calm, "copy-shot", split)).hasMessageContaining("one move only");
    }

    @Test
    void a_setup_goes_to_one_action_to_its_beat_or_to_all_but_never_to_features() {
        Action first = sample.action();
        Action second = sample.action();
        Action elsewhere = sample.action(one -> one.with("beatId", sample.nextBeat()));
        sample.action(one -> one.with("feature", true));
        Shot shot = sample.shot(first, 30);
        Plan plan = sample.build();

        assertThat(after(plan, "copy-setup", to(shot, second.id().toString())).shotsOf(second))
                .hasSize(1);
        assertThat(after(plan, "copy-setup", to(shot, "beat")).shots()).hasSize(2);
        Plan all = after(plan, "copy-setup", to(shot, "all"));
        assertThat(all.shots()).hasSize(3);
        assertThat(all.shotsOf(elsewhere).get(0).code()).startsWith(elsewhere.codePrefix());
        assertThatThrownBy(() -> propose(plan, "copy-setup", to(shot, ""))).isInstanceOf(InvalidField.class);
    }

    private static Map<String, String> to(Shot shot, String target) {
        return Map.of("shotId", shot.id().toString(), "to", target);
    }

    @Test
    void several_shots_are_set_alike_or_removed_in_one_edit() {
        Action action = sample.action();
        Shot one = sample.shot(action, 30);
        Shot other = sample.shot(action, 90);
        Shot third = sample.shot(action, 150);
        sample.use(one);
        Plan plan = sample.build();
        String codes = one.code() + "," + other.code() + ",GONE1";
        Plan set = after(plan, "several", Map.of("codes", codes, "field", "priority", "value", "BONUS"));

        assertThat(set.shots())
                .extracting(Shot::priority)
                .containsExactly(Priority.BONUS, Priority.BONUS, Priority.MUST);
        Change nothing = propose(set, "several", Map.of("codes", codes, "field", "priority", "value", "BONUS"))
                .change();
        assertThat(nothing.steps()).isEmpty();
        Plan removed = after(plan, "several", Map.of("codes", codes, "remove", "true"));
        assertThat(removed.shots()).containsExactly(third);
        assertThat(removed.uses()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "code, Z1",
        "actionId, x",
        "nonsense, 1",
        "apertureN, wide",
        "apertureN, 0.1",
        "priority, LATER",
        "takes, 1.5"
    })
    void what_cannot_be_set_on_several_is_refused(String field, String value) {
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build();

        assertThatThrownBy(() -> after(plan, "several", Map.of("codes", shot.code(), "field", field, "value", value)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> propose(plan, "several", Map.of("codes", "", "field", "iso", "value", "100")))
                .isInstanceOf(InvalidField.class);
    }

    @Test
    void a_beat_an_action_or_a_performer_s_hole_is_filled_alone() {
        Action duet = sample.action();
        sample.performer(duet, sample.otherPerson());
        Action later = sample.action(one -> one.with("beatId", sample.nextBeat()));
        Plan drafted = sample.build();
        Plan plan = drafted.apply(Change.set(drafted.house(), "coverage", CoverageSchool.PERFORMANCE));
        String action = duet.id().toString();

        Plan beat = after(plan, "fill", Map.of("beatId", sample.nextBeat().toString()));
        assertThat(beat.shotsOf(duet)).isEmpty();
        assertThat(Coverage.holes(beat, later)).isEmpty();
        assertThat(after(plan, "fill", Map.of("actionId", action)).shotsOf(duet))
                .hasSizeGreaterThan(5);
        Plan mid = after(
                plan,
                "fill",
                Map.of(
                        "actionId",
                        action,
                        "want",
                        "PERFORMER",
                        "sizeClass",
                        "MID",
                        "performerId",
                        sample.otherPerson().toString()));
        assertThat(mid.shots())
                .singleElement()
                .satisfies(shot -> assertThat(shot.subjectId()).contains(sample.otherPerson()));
    }

    @Test
    void what_stays_open_is_said_with_the_reason_and_extras_come_last() {
        sample.action();
        Plan plan = sample.build();
        Plan cramped = plan.apply(Change.set(plan.spots().get(0), "roomM", 0.5));

        assertThatThrownBy(() -> propose(
                        cramped,
                        "fill",
                        Map.of("actionId", plan.actions().get(0).id().toString(), "sizeClass", "WIDE")))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("needs at least");
        assertThatThrownBy(() -> propose(plan, "fill", Map.of("extras", "true")))
                .isInstanceOf(EditRefused.class);
        Plan covered = after(plan, "fill", Map.of());
        Proposal extras = propose(covered, "fill", Map.of("extras", "true"));
        assertThat(extras.label()).isEqualTo("add an extra");
        assertThat(covered.apply(extras.change()).shots())
                .hasSize(covered.shots().size() + 1);
        // With room for a detail only, the others are left out of the proposal and said.
        assertThat(propose(cramped, "fill", Map.of()).leftOut())
                .isNotEmpty()
                .allMatch(line -> line.contains("stays open"));
    }

    @Test
    void whoever_else_takes_part_is_known_by_name_or_becomes_a_person() {
        Action action = sample.action();
        Plan plan = sample.build();
        Plan known = after(plan, "add-performer", Map.of("actionId", action.id().toString(), "name", "ben"));
        Plan fresh =
                after(known, "add-performer", Map.of("actionId", action.id().toString(), "name", "Cleo"));

        assertThat(known.subjects()).hasSameSizeAs(plan.subjects());
        assertThat(Coverage.performing(fresh, action)).extracting(Subject::name).containsExactly("Ada", "Ben", "Cleo");
        assertThatThrownBy(() -> propose(
                        known, "add-performer", Map.of("actionId", action.id().toString(), "name", "Ben")))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("already");
    }
}
