package upshot.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.size.Size;

class PlanChangesTest {

    @RepeatedTest(300)
    void any_list_of_changes_and_then_its_inverse_gives_the_same_plan(RepetitionInfo run) {
        long seed = run.getCurrentRepetition();
        RandomPlans random = new RandomPlans(seed);
        Plan before = random.plan();
        Plan after = before;
        List<Change> done = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Change change = random.change(after);
            after = after.apply(change);
            done.add(change);
        }

        Change all = Change.batch(done);

        assertThat(before.apply(all)).as("seed %d", seed).isEqualTo(after);
        assertThat(after.apply(all.inverse())).as("seed %d", seed).isEqualTo(before);
        assertThat(before.apply(all).apply(all.inverse()).apply(all))
                .as("seed %d", seed)
                .isEqualTo(after);
    }

    @Test
    void a_stale_set_conflicts_and_says_both_values() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build().apply(Change.set(shot, "bearingDeg", 45.0));

        Conflict conflict =
                catchThrowableOfType(Conflict.class, () -> plan.apply(Change.set(shot, "bearingDeg", 60.0)));

        assertThat(conflict.present()).isEqualTo(45.0);
        assertThat(conflict.wanted()).isEqualTo(60.0);
        assertThat(conflict.field()).isEqualTo("bearingDeg");
        assertThat(plan.apply(Change.set(shot, "note", "another field"))).isNotEqualTo(plan);
    }

    @Test
    void adding_twice_and_touching_what_is_gone_conflict() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build();
        Plan without = plan.apply(Removal.of(plan, shot));

        assertThatThrownBy(() -> plan.apply(new Change.Add(shot))).isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> without.apply(Change.set(shot, "takes", 3))).isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> without.apply(new Change.Remove(shot))).isInstanceOf(Conflict.class);
        assertThatThrownBy(() -> plan.apply(new Change.Remove(shot.with("takes", 9))))
                .isInstanceOf(Conflict.class);
    }

    @Test
    void removing_an_action_takes_its_shots_and_their_uses_along() {
        SamplePlan sample = new SamplePlan();
        Action gone = sample.action();
        Action kept = sample.action();
        sample.use(sample.shot(gone, 30));
        sample.use(sample.shot(kept, 30));
        Plan plan = sample.build();

        Change.Batch removal = Removal.of(plan, gone);

        assertThat(removal.changes()).hasSize(3);
        assertThat(plan.apply(removal).actions()).containsExactly(kept);
        assertThat(plan.apply(removal).uses()).hasSize(1);
    }

    @Test
    void a_plan_refuses_dangling_references_doubled_codes_and_unknown_fields() {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        Shot shot = sample.shot(action, 30);
        Plan plan = sample.build();
        Shot twin = RecordKind.SHOT.with(shot, "takes", 4);
        UUID nobody = UUID.randomUUID();

        assertThatThrownBy(() -> plan.apply(Change.set(shot, "actionId", nobody)))
                .isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> plan.apply(new Change.Remove(action))).isInstanceOf(InvalidField.class);
        assertThatThrownBy(() ->
                        plan.apply(new Change.Add(Shot.draft(nobody, action.id(), twin.code(), twin.captureRate()))))
                .hasMessageContaining("taken");
        assertThatThrownBy(() -> plan.apply(new Change.Set(RecordKind.SHOT, shot.id(), "colour", "a", "b")))
                .isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> plan.apply(new Change.Set(RecordKind.SHOT, shot.id(), "id", shot.id(), nobody)))
                .isInstanceOf(InvalidField.class);
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, -0.001, 360.001})
    void a_bearing_out_of_range_is_refused_by_name(double bearing) {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);

        InvalidField invalid = catchThrowableOfType(InvalidField.class, () -> shot.with("bearingDeg", bearing));

        assertThat(invalid.field()).isEqualTo("bearingDeg");
        assertThat(invalid).hasMessageContaining("between 0 and 360 °");
        assertThat(shot.with("bearingDeg", 360.0).bearingDeg()).isZero();
    }

    @Test
    void records_check_what_belongs_together() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        Brief brief = Brief.draft(UUID.randomUUID(), "Night");

        assertThatThrownBy(() -> shot.with("size", Size.INSERT)).hasMessageContaining("height");
        assertThatThrownBy(() -> shot.with("note", "bell \u0007")).hasMessageContaining("cannot be shown");
        assertThatThrownBy(() -> RecordKind.BRIEF.with(brief, "wrapTime", brief.callTime()))
                .hasMessageContaining("no day");
        assertThatThrownBy(() -> RecordKind.BRIEF.with(brief, "callTime", LocalTime.of(9, 0, 30)))
                .hasMessageContaining("minute");
        assertThatThrownBy(() -> RecordKind.BRIEF.with(brief, "tempoBpm", Optional.of(19.9)))
                .hasMessageContaining("20 and 300");
        assertThat(RecordKind.BRIEF.with(brief, "tempoBpm", Optional.of(20.0)).tempoBpm())
                .contains(20.0);
    }

    @Test
    void a_day_may_run_over_midnight() {
        Brief brief = RecordKind.BRIEF.with(Brief.draft(UUID.randomUUID(), "Night"), "callTime", LocalTime.of(20, 0));
        Brief late = RecordKind.BRIEF.with(brief, "wrapTime", LocalTime.of(2, 30));

        assertThat(late.dayMinutes()).isEqualTo(6 * 60 + 30);
        assertThat(late.minutesAfterCall(LocalTime.of(0, 15))).isEqualTo(4 * 60 + 15);
    }

    @Test
    void codes_are_never_given_twice() {
        Codes codes = new Codes(List.of("K1", "K3"));

        assertThat(List.of(codes.next("K"), codes.next("K"), codes.next("K"))).containsExactly("K2", "K4", "K5");
        assertThat(Codes.prefixFor("The kiln opens", List.of())).isEqualTo("K");
        assertThat(Codes.prefixFor("The kiln opens", List.of("K"))).isEqualTo("O");
        assertThat(Codes.prefixFor("Kiln", List.of("K"))).isEqualTo("KA");
        assertThat(Codes.prefixFor("42", List.of("X"))).isEqualTo("XA");
    }

    @Test
    void ranks_leave_gaps_and_are_renewed_when_a_gap_is_used_up() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        List.of(1, 2, 3).forEach(any -> sample.use(shot));
        Plan plan = sample.build();
        for (int i = 0; i < 80; i++) {
            Use first = plan.uses().get(0);
            Use second = plan.uses().get(1);
            plan = plan.apply(Ranks.move(plan.uses(), first, 1));
            assertThat(plan.uses().subList(0, 2)).extracting(Use::id).containsExactly(second.id(), first.id());
        }
        assertThat(plan.uses()).extracting(Use::rank).doesNotHaveDuplicates().isSorted();
        assertThat(Ranks.move(plan.uses(), plan.uses().get(0), -1).changes()).isEmpty();
    }

    @Test
    void an_edit_of_several_fields_is_made_in_an_order_in_which_each_step_holds() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        Plan plan = sample.build();

        Change insert =
                Change.edit(shot, one -> one.withInsertHeightM(Optional.of(0.2)).withSize(Size.INSERT));
        Plan inserted = plan.apply(insert);
        Change back = Change.edit(
                inserted.shots().get(0), one -> one.withSize(Size.FULL).withInsertHeightM(Optional.empty()));

        assertThat(inserted.shots().get(0).size()).isEqualTo(Size.INSERT);
        assertThat(inserted.apply(back).shots().get(0).insertHeightM()).isEmpty();
        assertThat(Change.edit(shot, one -> one).steps()).isEmpty();
        assertThatThrownBy(() -> Change.edit(shot, one -> one.withSize(Size.INSERT)))
                .isInstanceOf(InvalidField.class);
    }
}
