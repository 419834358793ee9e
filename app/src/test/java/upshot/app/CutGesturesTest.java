package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.app.job.EditRefused;
import upshot.core.SamplePlan;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.verdict.Verdict;

/** Every gesture on the score, on three uses of a second each, at 24 fps and 120 beats a minute: 12 frames a beat. */
class CutGesturesTest extends GestureOnSample {

    private Plan plan;
    private Shot other;
    private List<Use> uses;

    @BeforeEach
    void threeUses() {
        sample.brief("tempoBpm", Optional.of(120.0)).brief("lengthS", 3.0);
        Action action = sample.action();
        Shot shot = sample.shot(action, 60);
        other = sample.shot(action, 100);
        uses = List.of(sample.use(shot, 24), sample.use(shot, 24), sample.use(shot, 24));
        plan = sample.build();
    }

    private static Map<String, String> of(Use use, String... more) {
        Map<String, String> arguments = new HashMap<>(Map.of("id", use.id().toString()));
        for (int i = 0; i < more.length; i += 2) {
            arguments.put(more[i], more[i + 1]);
        }
        return arguments;
    }

    private static List<Integer> frames(Plan changed) {
        return changed.uses().stream().map(Use::frames).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "BEAT, longer, 36",
        "BEAT, shorter, 12",
        "HALF, longer, 30",
        "HALF, shorter, 18",
        "FRAME, longer, 25",
        "FRAME, shorter, 23"
    })
    void a_use_grows_and_shrinks_by_a_step_of_the_grid(String snap, String way, int frames) {
        Plan changed = after(plan, "length-use", of(uses.get(1), "snap", snap, "way", way));

        assertThat(frames(changed)).containsExactly(24, frames, 24);
    }

    @Test
    void its_end_is_dragged_to_a_frame_and_never_before_its_beginning() {
        assertThat(frames(after(plan, "length-use", of(uses.get(1), "end", "31"))))
                .containsExactly(24, 7, 24);
        assertThatThrownBy(() -> propose(plan, "length-use", of(uses.get(1), "end", "24")))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("would vanish");
        assertThatThrownBy(() -> propose(plan, "length-use", of(uses.get(1), "end", "soon")))
                .isInstanceOf(InvalidField.class);
        assertThatThrownBy(() -> propose(plan, "length-use", of(uses.get(1), "end", "30.5")))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("no frame");
    }

    @Test
    void a_joint_moves_and_nothing_else() {
        assertThat(frames(after(plan, "roll-joint", of(uses.get(1), "way", "earlier", "snap", "HALF"))))
                .containsExactly(18, 30, 24);
        assertThat(frames(after(plan, "roll-joint", of(uses.get(1), "way", "later", "snap", "BEAT"))))
                .containsExactly(36, 12, 24);
        assertThat(frames(after(plan, "roll-joint", of(uses.get(2), "to", "71"))))
                .containsExactly(24, 47, 1);
        assertThatThrownBy(() -> propose(plan, "roll-joint", of(uses.get(2), "to", "72")))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("stays between");
        assertThatThrownBy(() -> propose(plan, "roll-joint", of(uses.get(0), "way", "later")))
                .isInstanceOf(EditRefused.class)
                .hasMessageContaining("no joint");
    }

    @Test
    void a_split_use_goes_on_where_its_first_half_ends() {
        Plan split = after(plan, "split-use", of(uses.get(1), "snap", "BEAT"));

        assertThat(frames(split)).containsExactly(24, 12, 12, 24);
        assertThat(split.uses().get(1).inS()).contains(0.0);
        assertThat(split.uses().get(2).inS()).contains(0.5);
        Verdict verdict = Verdict.of(split);
        assertThat(verdict.cut()
                        .into(1)
                        .picture()
                        .goesOnFrom(verdict.cut().outOf(1).picture()))
                .isTrue();
        assertThat(verdict.joints().get(1)).isEmpty();
        Plan one = plan.apply(Change.set(uses.get(1), "frames", 1));
        assertThatThrownBy(() -> propose(one, "split-use", of(uses.get(1)))).isInstanceOf(EditRefused.class);
    }

    @Test
    void played_backwards_the_later_seconds_come_first() {
        Plan back = plan.apply(Change.set(uses.get(1), "frameStep", -1.0));
        Plan split = after(back, "split-use", of(uses.get(1), "snap", "BEAT"));

        assertThat(split.uses().get(1).inS()).contains(0.5);
        assertThat(split.uses().get(2).inS()).contains(0.0);
    }

    @Test
    void a_use_is_duplicated_replaced_and_put_anywhere() {
        Plan twice = after(plan, "copy-use", of(uses.get(0)));
        assertThat(twice.uses()).hasSize(4);
        assertThat(twice.uses().get(1).shotId()).isEqualTo(uses.get(0).shotId());

        Plan begun = plan.apply(Change.batch(
                List.of(Change.set(uses.get(1), "inS", Optional.of(2.0)), Change.set(uses.get(1), "frameStep", 2.0))));
        Use shown = after(
                        begun,
                        "replace-use",
                        of(uses.get(1), "shotId", other.id().toString()))
                .uses()
                .get(1);
        assertThat(shown.shotId()).isEqualTo(other.id());
        assertThat(shown.inS()).isEmpty();
        assertThat(shown.frameStep()).isEqualTo(1);

        Plan moved = after(plan, "move-use", of(uses.get(2), "to", "0"));
        assertThat(moved.uses()).extracting(Use::id).startsWith(uses.get(2).id());
    }

    @Test
    void a_finding_is_let_stand_with_a_reason_and_not_without() {
        Map<String, String> arguments = Map.of(
                "ruleId", "too-alike",
                "outUseId", uses.get(0).id().toString(),
                "intoUseId", uses.get(1).id().toString(),
                "breaks", "true",
                "reason", "A stutter on the beat");
        Plan accepted = after(plan, "accept-finding", arguments);
        Accepted one = accepted.list(RecordKind.ACCEPTED).get(0);

        assertThat(one.reason()).isEqualTo("A stutter on the beat");
        assertThat(Verdict.of(plan).gauges().brokenJoints()).isEqualTo(2);
        assertThat(Verdict.of(accepted).gauges().brokenJoints()).isEqualTo(1);
        Map<String, String> silent = new HashMap<>(arguments);
        silent.put("reason", "  ");
        assertThatThrownBy(() -> propose(plan, "accept-finding", silent))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("Say why");
        silent.put("reason", "Because");
        silent.put("outUseId", other.id().toString());
        assertThatThrownBy(() -> propose(plan, "accept-finding", silent)).isInstanceOf(InvalidField.class);
    }

    @Test
    void arranging_replaces_what_is_not_pinned_and_needs_shots() {
        Plan pinned = plan.apply(Change.set(uses.get(0), "pinned", true));
        Plan arranged = after(pinned, "arrange", Map.of("seed", "2"));

        assertThat(arranged.uses())
                .extracting(Use::id)
                .contains(uses.get(0).id())
                .doesNotContain(uses.get(1).id());
        assertThat(Verdict.of(arranged).cut().missingFrames()).isZero();
        assertThat(arranged.uses()).extracting(Use::entry).containsOnly(Entry.STRAIGHT);
        Plan empty = new SamplePlan().build();
        assertThatThrownBy(() -> propose(empty, "arrange", Map.of())).isInstanceOf(EditRefused.class);
    }
}
