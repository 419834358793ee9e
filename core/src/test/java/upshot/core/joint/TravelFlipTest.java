package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Use;
import upshot.core.size.Size;

class TravelFlipTest {

    private final SamplePlan sample = new SamplePlan();
    private final TravelFlip rule = new TravelFlip();
    private final Action crossing = sample.action();

    private Optional<Status> lastJoint() {
        return lastJoint(sample.build());
    }

    private Optional<Status> lastJoint(Plan plan) {
        PaperCut cut = PaperCut.of(plan);
        return JointOnSample.at(rule, cut, cut.joints() - 1).map(Finding::status);
    }

    @ParameterizedTest
    @CsvSource({"90,270,BREAK", "90,60,CLEAR", "20,340,BREAK", "90,340,BREAK"})
    void neighbours_either_keep_or_flip(double from, double to, Status expected) {
        sample.use(sample.shot(crossing, from));
        sample.use(sample.shot(crossing, to));

        assertThat(lastJoint()).contains(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "180, 1, 270, CLEAR",
        "180, 1, 90, BREAK",
        "180, -1, 270, BREAK",
        "180, -1, 90, CLEAR",
        "10, 1, 270, BREAK"
    })
    void a_view_that_moves_across_is_remembered_with_the_side_on_which_it_ends(
            double turnDeg, double frameStep, double to, Status expected) {
        Use orbit = sample.use(sample.shot(
                crossing,
                one -> one.with("bearingDeg", 90.0).with("move", Move.ORBIT).with("turnDeg", turnDeg)));
        sample.use(sample.shot(crossing, frameStep < 0 ? 360 - to : to));
        Plan plan = sample.build();

        assertThat(lastJoint(plan.apply(Change.set(orbit, "frameStep", frameStep))))
                .contains(expected);
    }

    @Test
    void the_way_into_it_is_that_of_its_beginning() {
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(
                crossing,
                one -> one.with("bearingDeg", 60.0).with("move", Move.ORBIT).with("turnDeg", 200.0)));

        assertThat(lastJoint()).contains(Status.CLEAR);
    }

    @ParameterizedTest
    @CsvSource({"90,0", "90,340.01", "19.9,270"})
    void a_neutral_view_asks_nothing(double from, double to) {
        sample.use(sample.shot(crossing, from));
        sample.use(sample.shot(crossing, to));

        assertThat(lastJoint()).isEmpty();
    }

    @Test
    void something_else_between_softens_a_flip_to_a_watch() {
        Action cutaway = sample.action(action ->
                action.with("subjectId", sample.object()).with("feature", true).with("line", Line.NONE));
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(cutaway, 0));
        sample.use(sample.shot(crossing, 270));

        assertThat(lastJoint()).contains(Status.WATCH);
    }

    @Test
    void a_neutral_view_of_the_mover_between_clears_it() {
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(crossing, 0));
        sample.use(sample.shot(crossing, 270));

        assertThat(lastJoint()).isEmpty();
    }

    @Test
    void a_declared_return_clears_it_for_this_joint_and_later_ones() {
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(crossing, 270), Entry.RETURN);
        assertThat(lastJoint()).isEmpty();

        sample.use(sample.shot(crossing, 300));
        assertThat(lastJoint()).contains(Status.CLEAR);
    }

    @Test
    void a_new_spot_another_mover_and_a_mere_look_are_no_flip() {
        Action elsewhere = sample.action(action -> action.with("spotId", sample.nextSpot()));
        Action somebody = sample.action(action -> action.with("subjectId", sample.otherPerson()));
        Action looking = sample.action(action -> action.with("line", Line.LOOK));
        for (Action action : new Action[] {elsewhere, somebody, looking}) {
            sample.use(sample.shot(crossing, 90));
            sample.use(sample.shot(action, 270));
            assertThat(lastJoint()).as(action.name()).isEmpty();
        }
    }

    @Test
    void across_a_beat_it_is_watched_unless_the_subject_leaves_in_the_ending() {
        Action later = sample.action(action -> action.with("beatId", sample.nextBeat()));
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(later, 270));
        assertThat(lastJoint()).contains(Status.WATCH);

        sample.use(sample.shot(crossing, 90), Entry.RETURN);
        sample.use(sample.shot(later, one -> one.with("bearingDeg", 270.0).with("frameUse", FrameUse.LEAVES)));
        assertThat(lastJoint()).isEmpty();
    }

    @Test
    void a_detail_moves_as_the_thing_that_it_shows() {
        Action sawing = sample.action(action -> action.with("thing", "saw"));
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(
                sawing,
                one -> one.with("bearingDeg", 270.0)
                        .with("insertHeightM", Optional.of(0.3))
                        .with("size", Size.INSERT)));
        assertThat(lastJoint()).as("the saw is another mover than Ada").isEmpty();
    }

    @Test
    void running_a_use_backwards_flips_what_it_shows() {
        sample.use(sample.shot(crossing, 90));
        var reversed = sample.use(sample.shot(crossing, 60));
        Plan plan = sample.build();

        assertThat(lastJoint(plan)).contains(Status.CLEAR);
        assertThat(lastJoint(plan.apply(Change.set(reversed, "frameStep", -1.0))))
                .contains(Status.BREAK);
    }

    @Test
    void every_mend_takes_the_break_away() {
        sample.use(sample.shot(crossing, 90));
        sample.use(sample.shot(crossing, 310));
        Plan plan = sample.build();
        Finding finding = JointOnSample.at(rule, PaperCut.of(plan), 0).orElseThrow();

        assertThat(finding.mends()).extracting(Mend::label).first().asString().endsWith("from the front right, 50°");
        for (Mend mend : finding.mends()) {
            assertThat(lastJoint(plan.apply(mend.change())).orElse(Status.CLEAR))
                    .as(mend.label())
                    .isEqualTo(Status.CLEAR);
        }
        assertThat(finding.sentence()).contains("left to right", "right to left", "by 50°");
    }
}
