package upshot.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upshot.app.AppTest;
import upshot.app.People;
import upshot.app.account.SignedIn;
import upshot.app.store.PlanStore;
import upshot.core.RandomPlans;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Removal;
import upshot.core.plan.Shot;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;

@AppTest
class EditsTest {

    @Autowired
    private Edits edits;

    @Autowired
    private NewJobs newJobs;

    @Autowired
    private PlanStore plans;

    @Autowired
    private JudgedPlans judged;

    @Autowired
    private People people;

    private SignedIn owner;
    private UUID jobId;

    @BeforeEach
    void begin() {
        owner = people.person();
        jobId = newJobs.create(owner, "Door test");
    }

    private Plan edit(SignedIn who, Change change) {
        return edits.edit(jobId, who, context -> Proposal.of("test", change))
                .verdict()
                .plan();
    }

    private Plan stored() {
        return plans.load(jobId);
    }

    /** An action with one shot, added through the door. */
    private Shot shot(String code) {
        Plan plan = stored();
        Subject ada = Subject.person(UUID.randomUUID(), "Ada");
        Action action = Action.draft(
                UUID.randomUUID(),
                plan.beats().get(0).id(),
                plan.spots().get(0).id(),
                ada.id(),
                code.replaceAll("[0-9]", ""),
                "Ada waves");
        Shot shot =
                Shot.draft(UUID.randomUUID(), action.id(), code, plan.brief().rate());
        edit(owner, Change.batch(List.of(new Change.Add(ada), new Change.Add(action), new Change.Add(shot))));
        return shot;
    }

    @RepeatedTest(25)
    void random_edits_are_stored_exactly_and_undone_one_by_one(RepetitionInfo run) {
        long seed = run.getCurrentRepetition();
        RandomPlans random = new RandomPlans(seed);
        shot("K1");
        List<Plan> states = new ArrayList<>(List.of(stored()));
        for (int i = 0; i < 8; i++) {
            Plan next = edit(owner, random.change(states.get(states.size() - 1)));
            assertThat(stored()).as("seed %d, edit %d", seed, i).isEqualTo(next);
            states.add(next);
        }
        for (int i = states.size() - 2; i >= 0; i--) {
            Plan undone = edits.undo(jobId, owner, Optional.empty()).verdict().plan();
            for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
                assertThat(undone.list(kind))
                        .as("seed %d, undo to %d: %s", seed, i, kind)
                        .isEqualTo(states.get(i).list(kind));
            }
            assertThat(stored()).as("seed %d, undo to %d", seed, i).isEqualTo(states.get(i));
        }
        for (Plan state : states.subList(1, states.size())) {
            assertThat(edits.redo(jobId, owner, Optional.empty()).verdict().plan())
                    .as("seed %d, redo", seed)
                    .isEqualTo(state);
        }
        assertThat(stored()).isEqualTo(states.get(states.size() - 1));
    }

    @Test
    void a_new_edit_ends_what_could_be_redone() {
        Shot shot = shot("K1");
        edit(owner, Change.set(shot, "bearingDeg", 60.0));
        edits.undo(jobId, owner, Optional.empty());
        edit(owner, Change.set(shot, "takes", 5));

        assertThat(edits.history(jobId, owner).redo()).isEmpty();
        assertThatThrownBy(() -> edits.redo(jobId, owner, Optional.empty())).hasMessageContaining("nothing to redo");
        assertThat(edits.undo(jobId, owner, Optional.empty())
                        .verdict()
                        .plan()
                        .shots()
                        .get(0))
                .isEqualTo(shot);
    }

    @Test
    void each_person_undoes_their_own_edits_and_not_over_somebody_else_s() {
        Shot shot = shot("K1");
        SignedIn other = people.person();
        edit(owner, Change.set(shot, "bearingDeg", 60.0));
        edit(other, Change.set(shot, "takes", 5));

        Plan undone = edits.undo(jobId, owner, Optional.empty()).verdict().plan();

        assertThat(undone.shots().get(0).bearingDeg()).isEqualTo(shot.bearingDeg());
        assertThat(undone.shots().get(0).takes()).isEqualTo(5);
        edit(owner, Change.set(undone.shots().get(0), "takes", 7));
        assertThatThrownBy(() -> edits.undo(jobId, other, Optional.empty()))
                .isInstanceOfSatisfying(
                        Contested.class,
                        contested -> assertThat(contested.who()).isEqualTo(owner.displayName()));
        assertThat(stored().shots().get(0).takes()).isEqualTo(7);
    }

    @Test
    void a_conflict_or_a_bad_value_saves_nothing_of_the_whole_edit() {
        Shot shot = shot("K1");
        Plan before = stored();
        Change good = Change.set(shot, "takes", 9);

        assertThatThrownBy(() ->
                        edit(owner, Change.batch(List.of(good, Change.set(shot.with("holdS", 7.0), "holdS", 8.0)))))
                .isInstanceOf(Contested.class);
        assertThatThrownBy(() -> edit(owner, Change.batch(List.of(good, Change.set(shot, "bearingDeg", 400.0)))))
                .isInstanceOf(InvalidField.class);

        assertThat(stored()).isEqualTo(before);
        assertThat(edits.history(jobId, owner).undo())
                .get()
                .extracting(step -> step.version())
                .isEqualTo(1L);
    }

    @Test
    void a_code_stays_with_its_shot_for_good() {
        Shot shot = shot("K1");
        Plan plan = stored();
        edit(owner, Removal.of(plan, shot));
        Shot pretender = Shot.draft(UUID.randomUUID(), shot.actionId(), "K1", shot.captureRate());

        assertThatThrownBy(() -> edit(owner, new Change.Add(pretender))).hasMessageContaining("given before");
        assertThatThrownBy(() -> edit(owner, new Change.Set(RecordKind.SHOT, shot.id(), "code", "K1", "K2")))
                .isInstanceOf(RuntimeException.class);
        assertThat(edits.undo(jobId, owner, Optional.empty()).verdict().plan().shots())
                .containsExactly(shot);
        edits.edit(jobId, owner, context -> {
            assertThat(context.codes().next("K")).isEqualTo("K2");
            return Proposal.of("look", Change.batch(List.of()));
        });
    }

    @Test
    void a_preview_saves_nothing_and_an_empty_proposal_leaves_no_revision() {
        Shot shot = shot("K1");
        Plan preview = edits.preview(jobId, owner.id(), Change.set(shot, "bearingDeg", 200.0))
                .plan();

        assertThat(preview.shots().get(0).bearingDeg()).isEqualTo(200);
        assertThat(stored().shots()).containsExactly(shot);
        edit(owner, Change.batch(List.of()));
        assertThat(judged.current(jobId, owner.id()).version()).isEqualTo(1);
    }

    @Test
    void what_is_kept_in_memory_is_what_the_database_holds() {
        Shot shot = shot("K1");
        Edits.Outcome outcome = edits.edit(jobId, owner, context -> Proposal.of("t", Change.set(shot, "takes", 3)));
        judged.remember(jobId, outcome.version(), outcome.verdict());

        assertThat(judged.current(jobId, owner.id()).verdict().plan()).isEqualTo(stored());
    }

    @Test
    void labels_say_what_was_done() {
        Shot shot = shot("K1");
        Plan plan = stored();

        assertThat(ChangeLabel.of(plan, Change.set(shot, "bearingDeg", 45.0))).isEqualTo("K1: bearing 45");
        assertThat(ChangeLabel.of(plan, Change.set(shot, "focalLengthMm", 85.0)))
                .isEqualTo("K1: focal length 85");
        assertThat(ChangeLabel.of(plan, Change.set(shot, "holdS", 4.0))).isEqualTo("K1: hold 4");
        assertThat(ChangeLabel.of(plan, Change.set(shot, "support", Support.GIMBAL)))
                .isEqualTo("K1: support gimbal");
        assertThat(ChangeLabel.of(plan, Removal.of(plan, plan.actionOf(shot))))
                .isEqualTo("remove Ada waves and 1 more");
    }
}
