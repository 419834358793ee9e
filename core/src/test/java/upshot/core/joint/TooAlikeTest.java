package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.ground.Likeness;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

class TooAlikeTest {

    private final SamplePlan sample = new SamplePlan();
    private final TooAlike rule = new TooAlike();

    /** A medium, its camera level with its aim so that a turn round the subject is the whole angle. */
    private Shot level(Action action, double bearingDeg, Size size) {
        return sample.shot(
                action,
                shot -> shot.with("bearingDeg", bearingDeg)
                        .with("size", size)
                        .with("aimHeightM", Optional.of(1.4))
                        .with("cameraHeightM", 1.4));
    }

    private Optional<Finding> judge(Shot out, Shot into, Entry entry) {
        sample.use(out);
        sample.use(into, entry);
        return JointOnSample.at(rule, PaperCut.of(sample.build()), 0);
    }

    @ParameterizedTest
    @CsvSource({
        "30,59.5,CLEAR",
        "30,59.4,WATCH",
        "30,52,WATCH",
        "30,51.9,BREAK",
        "30,30,BREAK",
        "345,15,CLEAR",
        "30,0,CLEAR"
    })
    void a_turn_alone_needs_thirty_degrees_of_which_half_a_one_is_given(double from, double to, Status expected) {
        Action action = sample.action();

        Finding finding = judge(level(action, from, Size.MEDIUM), level(action, to, Size.MEDIUM), Entry.STRAIGHT)
                .orElseThrow();

        assertThat(finding.status()).isEqualTo(expected);
        assertThat(finding.mends().isEmpty()).isEqualTo(expected == Status.CLEAR);
    }

    @Test
    void size_and_turn_add_up_like_the_sides_of_a_right_angle() {
        Action action = sample.action();

        // Medium 0.55 to medium close 0.38: ln 1.447/ln 1.7 = 0.697; 12.5° are 0.417; together 0.812.
        Finding finding = judge(level(action, 30, Size.MEDIUM), level(action, 42, Size.MEDIUM_CLOSE), Entry.STRAIGHT)
                .orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.WATCH);
        assertThat(finding.measured().value()).isCloseTo(0.812, within(0.001));
        assertThat(finding.measured().limit()).isEqualTo(1);
    }

    @Test
    void a_size_step_alone_of_one_point_seven_is_clear() {
        assertThat(sized(1.7).clear()).isTrue();
        assertThat(sized(1.699).clear()).isFalse();
        assertThat(sized(Math.pow(1.7, 0.75)).passes()).isTrue();
        assertThat(sized(Math.pow(1.7, 0.749)).passes()).isFalse();
    }

    @Test
    void every_mend_clears_the_joint_it_is_offered_for() {
        Action action = sample.action();
        Finding finding = judge(level(action, 30, Size.MEDIUM), level(action, 35, Size.MEDIUM), Entry.STRAIGHT)
                .orElseThrow();

        assertThat(finding.mends()).hasSize(3);
        for (Mend mend : finding.mends()) {
            Plan mended = sample.build().apply(mend.change());
            assertThat(JointOnSample.at(rule, PaperCut.of(mended), 0)
                            .map(Finding::status)
                            .orElse(Status.CLEAR))
                    .as(mend.label())
                    .isEqualTo(Status.CLEAR);
        }
    }

    @Test
    void it_asks_nothing_of_a_declared_jump_or_of_different_aims() {
        Action action = sample.action();
        Shot shot = level(action, 30, Size.MEDIUM);
        Shot shoes = sample.shot(action, one -> one.with("bearingDeg", 30.0).with("aimHeightM", Optional.of(0.2)));

        assertThat(judge(shot, level(action, 31, Size.MEDIUM), Entry.JUMP)).isEmpty();
        assertThat(Likeness.between(sample.build(), shot, shoes).sameAim()).isFalse();
    }

    @Test
    void aims_half_the_smaller_frame_apart_still_count_as_the_same() {
        Action action = sample.action();
        UnaryOperator<Shot> insert =
                shot -> shot.with("insertHeightM", Optional.of(0.4)).with("size", Size.INSERT);
        Shot one = sample.shot(action, shot -> insert.apply(shot).with("aimHeightM", Optional.of(1.0)));
        Shot near = sample.shot(action, shot -> insert.apply(shot).with("aimHeightM", Optional.of(1.2)));
        Shot far = sample.shot(action, shot -> insert.apply(shot).with("aimHeightM", Optional.of(1.21)));
        Plan plan = sample.build();

        assertThat(Likeness.between(plan, one, near).sameAim()).isTrue();
        assertThat(Likeness.between(plan, one, far).sameAim()).isFalse();
    }

    @Test
    void two_people_in_the_same_place_of_the_frame_seem_to_be_one() {
        Action mine = sample.action();
        Action theirs = sample.action(action -> action.with("subjectId", sample.otherPerson()));
        Shot out = level(mine, 30, Size.MEDIUM);

        Finding twins =
                judge(out, level(theirs, 40, Size.MEDIUM), Entry.STRAIGHT).orElseThrow();

        assertThat(twins.status()).isEqualTo(Status.WATCH);
        Plan matched = sample.build().apply(twins.mends().get(0).change());
        assertThat(JointOnSample.at(rule, PaperCut.of(matched), 0)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"45,MEDIUM", "30,MEDIUM_CLOSE"})
    void two_people_seen_otherwise_do_not(double bearing, Size size) {
        Action mine = sample.action();
        Action theirs = sample.action(action -> action.with("subjectId", sample.otherPerson()));

        assertThat(judge(level(mine, 30, Size.MEDIUM), level(theirs, bearing, size), Entry.STRAIGHT))
                .isEmpty();
    }

    @Test
    void the_same_shot_twice_in_a_row_is_a_slip() {
        Shot shot = level(sample.action(), 30, Size.MEDIUM);

        Finding finding = judge(shot, shot, Entry.STRAIGHT).orElseThrow();

        assertThat(finding.status()).isEqualTo(Status.BREAK);
        assertThat(finding.mends()).extracting(Mend::label).isEqualTo(List.of("Mark as a jump on purpose"));
    }

    private static Likeness sized(double ratio) {
        return new Likeness(0, ratio, true, Likeness.apart(0, ratio, 30, 1.7), 0.75);
    }
}
