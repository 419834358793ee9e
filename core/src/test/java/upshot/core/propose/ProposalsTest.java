package upshot.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.ValueSource;
import upshot.core.coverage.Coverage;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Focus;
import upshot.core.plan.Plan;
import upshot.core.size.SubjectKind;

/** The short form of what is counted into docs/proposals.md, and the seven lines of a new user. */
class ProposalsTest {

    static final List<String> TRADES = TypedJob.TRADES;

    @ParameterizedTest
    @FieldSource("TRADES")
    void a_job_as_it_is_typed_gets_pictures_a_cut_and_a_day_that_hold(String trade) {
        Plan typed = IntStream.range(0, 10)
                .mapToObj(seed -> TypedJob.of(trade, seed))
                .filter(plan -> Coverage.promoHolds(plan) >= plan.actions().size())
                .findFirst()
                .orElseThrow();
        Proposed job = new Proposed(trade, typed);

        assertThat(job.mostAtOneHeight()).as("the height that most have").isLessThanOrEqualTo(0.6);
        assertThat(job.flatBeats()).as("beats of one height or one side").isZero();
        assertThat(job.alikeNeighbours()).as("neighbours framed alike").isZero();
        assertThat(job.besideTheFocus()).as("details beside the point").isZero();
        assertThat(job.impossible()).as("what cannot be shot").isZero();
        assertThat(job.mustsNotShot()).as("must-haves without a time").isZero();
        assertThat(job.takenUpAgain()).as("actions left and taken up again").isZero();
        assertThat(job.said("story-order")).as("told out of order").isZero();
        assertThat(job.said("long-use")).as("too long").isZero();
        assertThat(job.breaks()).as("breaks of the cut").isZero();
        assertThat(job.unseen()).as("must-have actions that are not seen").isZero();
    }

    @Test
    void seven_lines_of_a_workshop_are_seven_different_things() {
        Proposed job = new Proposed("workshop", TypedJob.workshop());
        List<Action> actions = job.filled.actions();

        assertThat(actions)
                .extracting(Action::focus)
                .containsExactly(
                        Focus.HANDS, Focus.HANDS, Focus.THING, Focus.THING, Focus.FEET, Focus.HANDS, Focus.HANDS);
        assertThat(job.filled.subjects())
                .filteredOn(subject -> subject.kind() == SubjectKind.OBJECT)
                .extracting(subject -> subject.name())
                .containsExactly("Glue", "Press");
        assertThat(job.alikeNeighbours()).isZero();
        assertThat(job.filled.shotsOf(actions.get(5)))
                .as("what happens once before one camera")
                .hasSize(1);
        assertThat(job.mustsNotShot()).isZero();
        assertThat(2 * job.withinRuns()).as("joints within runs").isGreaterThanOrEqualTo(job.joints());
        assertThat(job.takenUpAgain()).isZero();
    }

    /** Each action leaves the same thing in another state, so that it can be neither shot nor shown out of order. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void what_an_action_does_to_a_thing_is_shot_and_shown_after_its_cause(long seed) {
        Plan typed = TypedJob.of("craft", seed);
        List<Action> making =
                typed.actions().stream().filter(action -> !action.feature()).toList();
        Plan stated = typed.apply(Change.batch(IntStream.range(0, making.size())
                .boxed()
                .flatMap(step -> Stream.of(
                        Change.set(making.get(step), "thing", "the lantern"),
                        Change.set(making.get(step), "setsState", "step " + step)))
                .toList()));

        Proposed job = new Proposed("craft", stated);

        assertThat(job.cut.cut().uses().stream()
                        .map(use -> use.action().setsState())
                        .distinct())
                .as("states that are seen")
                .hasSizeGreaterThanOrEqualTo(4);
        assertThat(job.said("state-jump")).isZero();
        assertThat(job.said("story-order")).isZero();
        assertThat(job.breaks()).isZero();
        assertThat(job.day.slots().stream()
                        .map(slot -> slot.setup().action().setsState())
                        .filter(state -> !state.isEmpty())
                        .map(state -> Integer.valueOf(state.substring(5))))
                .hasSizeGreaterThanOrEqualTo(4)
                .as("as they are shot")
                .isSorted();
    }
}
