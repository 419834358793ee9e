package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.coverage.Hole.Want;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Focus;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Side;
import upshot.core.plan.Support;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** What is looked for to fill a hole, before it stands anywhere. */
class BlanksTest {

    private static final UUID ID = new UUID(0x4000L, 0x8000_0000_0000_0001L);

    private final SamplePlan sample = new SamplePlan();

    private List<Shot> sized(UnaryOperator<Action> change, Want want, SizeClass size, View view, Optional<UUID> who) {
        Action action = sample.action(change);
        Plan plan = sample.build();
        return new Blanks(plan, new Hole(want, action.id(), size, view, who, ""), action, ID).sized();
    }

    private Shot first(UnaryOperator<Action> change, Want want, SizeClass size) {
        return sized(change, want, size, View.ANY, Optional.empty()).get(0);
    }

    @Test
    void each_class_has_its_sizes_the_usual_one_first_and_what_holds_it() {
        assertThat(sized(one -> one, Want.SIZE, SizeClass.WIDE, View.ANY, Optional.empty()))
                .allMatch(shot -> shot.support() == Support.TRIPOD)
                .extracting(Shot::size)
                .containsExactly(Size.WIDE, Size.FULL);
        assertThat(sized(one -> one, Want.SIZE, SizeClass.MID, View.ANY, Optional.empty()))
                .allMatch(shot -> shot.support() == Support.HAND_HELD)
                .extracting(Shot::size)
                .containsExactly(Size.MEDIUM, Size.MEDIUM_FULL, Size.MEDIUM_CLOSE);
        assertThat(sized(one -> one, Want.SIZE, SizeClass.DETAIL, View.ANY, Optional.empty()))
                .extracting(Shot::size)
                .containsExactly(Size.CLOSE_UP, Size.EXTREME_CLOSE_UP);
    }

    @ParameterizedTest
    @CsvSource({"TRAVEL, LEFT_TO_RIGHT, LEFT_THIRD", "LOOK, RIGHT_TO_LEFT, RIGHT_THIRD", "NONE, LEFT_TO_RIGHT, CENTRE"})
    void there_is_room_ahead(Line line, Side side, Placement placement) {
        assertThat(first(one -> one.with("line", line).with("side", side), Want.SIZE, SizeClass.MID)
                        .placement())
                .isEqualTo(placement);
    }

    @ParameterizedTest
    @CsvSource({
        "COMING, NONE, ENTERS",
        "GOING, NONE, LEAVES",
        "WAY_IN, TRAVEL, ENTERS",
        "WAY_OUT, TRAVEL, LEAVES",
        "WAY_OUT, NONE, STAYS",
        "WAY_IN, NONE, ENTERS",
        "SIZE, TRAVEL, STAYS"
    })
    void whoever_comes_or_goes_uses_the_frame_for_it(Want want, Line line, FrameUse frame) {
        assertThat(first(one -> one.with("line", line), want, SizeClass.WIDE).frameUse())
                .isEqualTo(frame);
    }

    @Test
    void a_place_that_is_shown_need_not_be_held_empty() {
        UnaryOperator<Action> sits = one -> one.with("line", Line.NONE);
        assertThat(first(one -> sits.apply(one).with("subjectId", sample.object()), Want.WAY_IN, SizeClass.WIDE)
                        .frameUse())
                .as("a thing does not come")
                .isEqualTo(FrameUse.STAYS);
        Shot enters = sample.shot(
                sample.action(), one -> one.with("frameUse", FrameUse.ENTERS).with("size", Size.MEDIUM));
        assertThat(first(sits, Want.WAY_IN, SizeClass.WIDE).frameUse())
                .as("a medium shows no place")
                .isEqualTo(FrameUse.ENTERS);
        sample.shot(
                sample.action(), one -> one.with("frameUse", FrameUse.LEAVES).with("size", Size.WIDE));
        assertThat(first(sits, Want.WAY_IN, SizeClass.WIDE).frameUse()).isEqualTo(FrameUse.ENTERS);
        sample.shot(
                sample.action(), one -> one.with("frameUse", FrameUse.ENTERS).with("size", Size.WIDE));
        assertThat(first(sits, Want.WAY_IN, SizeClass.WIDE).frameUse()).isEqualTo(FrameUse.STAYS);
        assertThat(enters.frameUse().comes()).isTrue();
    }

    @Test
    void a_feature_is_a_picture_of_the_place_too() {
        sample.action(one -> one.with("feature", true));

        assertThat(first(one -> one.with("line", Line.NONE), Want.WAY_IN, SizeClass.WIDE)
                        .frameUse())
                .isEqualTo(FrameUse.STAYS);
    }

    @Test
    void views_ask_for_what_holds_them_and_a_master_for_the_whole_run() {
        UnaryOperator<Action> long25 = one -> one.with("durationS", 25.0);
        assertThat(sized(long25, Want.MASTER, SizeClass.WIDE, View.MASTER, Optional.empty())
                        .get(0)
                        .holdS())
                .isEqualTo(29);
        assertThat(sized(long25, Want.VIEW, SizeClass.MID, View.TURNING, Optional.empty())
                        .get(0)
                        .support())
                .isEqualTo(Support.TURNTABLE);
        assertThat(sized(long25, Want.VIEW, SizeClass.MID, View.OVERHEAD, Optional.empty())
                        .get(0)
                        .support())
                .isEqualTo(Support.OVERHEAD);
    }

    @Test
    void what_happens_once_is_taken_once() {
        assertThat(first(one -> one.with("once", true), Want.SIZE, SizeClass.MID)
                        .takes())
                .isEqualTo(1);
        assertThat(first(one -> one, Want.SIZE, SizeClass.MID).takes()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({
        "UNSAID, '', CLOSE_UP, HANDS",
        "BODY, '', CLOSE_UP, HANDS",
        "FACE, '', CLOSE_UP, UNSAID",
        "HANDS, '', CLOSE_UP, UNSAID",
        "UNSAID, cup, INSERT, UNSAID",
        "HANDS, cup, INSERT, UNSAID",
        "FEET, cup, CLOSE_UP, UNSAID",
        "WHEELS, cup, CLOSE_UP, UNSAID",
        "FACE, cup, CLOSE_UP, UNSAID"
    })
    void a_detail_is_of_what_it_is_about(Focus focus, String thing, Size size, Aim aim) {
        Shot shot = first(
                one -> one.with("focus", focus).with("thing", thing).with("thingHeightM", 0.2),
                Want.SIZE,
                SizeClass.DETAIL);

        assertThat(shot.size()).isEqualTo(size);
        assertThat(shot.aim()).isEqualTo(aim);
        assertThat(shot.insertHeightM().isPresent()).isEqualTo(size == Size.INSERT);
        // 1.3 of the thing's height.
        shot.insertHeightM().ifPresent(height -> assertThat(height).isEqualTo(0.26));
    }

    @Test
    void hands_are_not_looked_for_where_somebody_speaks_on_features_and_on_things() {
        assertThat(first(one -> one.with("speech", true), Want.SIZE, SizeClass.DETAIL)
                        .aim())
                .isEqualTo(Aim.UNSAID);
        assertThat(first(one -> one.with("feature", true), Want.SIZE, SizeClass.DETAIL)
                        .aim())
                .isEqualTo(Aim.UNSAID);
        assertThat(first(one -> one.with("subjectId", sample.object()), Want.SIZE, SizeClass.DETAIL)
                        .aim())
                .isEqualTo(Aim.UNSAID);
        Shot jar = first(
                one -> one.with("subjectId", sample.object()).with("focus", Focus.THING), Want.SIZE, SizeClass.DETAIL);
        assertThat(jar.size()).isEqualTo(Size.INSERT);
        assertThat(jar.aim()).isEqualTo(Aim.THING);
        assertThat(jar.insertHeightM()).contains(1.3 * 0.4);
        assertThat(first(one -> one.with("focus", Focus.THING), Want.SIZE, SizeClass.DETAIL)
                        .size())
                .as("a person is no thing")
                .isEqualTo(Size.CLOSE_UP);
    }

    @Test
    void a_performer_is_closed_up_by_the_face_and_named_unless_it_is_the_action_s_own() {
        UnaryOperator<Action> bell = one -> one.with("thing", "bell");
        Shot other = sized(bell, Want.PERFORMER, SizeClass.DETAIL, View.ANY, Optional.of(sample.otherPerson()))
                .get(0);
        assertThat(other.aim()).isEqualTo(Aim.FACE);
        assertThat(other.size()).isEqualTo(Size.CLOSE_UP);
        assertThat(other.subjectId()).contains(sample.otherPerson());
        UUID ada = sample.action().subjectId();
        assertThat(sized(bell, Want.PERFORMER, SizeClass.DETAIL, View.ANY, Optional.of(ada))
                        .get(0)
                        .subjectId())
                .isEmpty();
    }

    @Test
    void a_fragment_is_of_the_hands_where_there_is_no_thing() {
        assertThat(first(one -> one.with("focus", Focus.FACE), Want.FRAGMENT, SizeClass.DETAIL)
                        .aim())
                .isEqualTo(Aim.HANDS);
        assertThat(first(one -> one.with("thing", "bell"), Want.FRAGMENT, SizeClass.DETAIL)
                        .aim())
                .isEqualTo(Aim.UNSAID);
    }
}
