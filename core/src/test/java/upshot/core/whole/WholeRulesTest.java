package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.finding.Finding;
import upshot.core.house.CoverageSchool;
import upshot.core.house.MovementSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.house.TellingSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.Size;

/** Each rule on the whole cut: kept, exactly on its bound, violated, mended. Uses are counted in frames of 24 a second. */
class WholeRulesTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    private void use(int frames, UnaryOperator<Shot> shot) {
        use(action, frames, shot);
    }

    private void use(Action of, int frames, UnaryOperator<Shot> shot) {
        sample.use(sample.shot(of, shot), frames);
    }

    private static Optional<Finding> judge(WholeRule rule, Plan plan) {
        return rule.judge(PaperCut.of(plan)).stream().findFirst();
    }

    private boolean watched(WholeRule rule) {
        return judge(rule, sample.build()).isPresent();
    }

    private static Plan house(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.house(), field, value));
    }

    private static Plan mended(WholeRule rule, Plan plan, int mend) {
        return plan.apply(judge(rule, plan).orElseThrow().mends().get(mend).change());
    }

    @ParameterizedTest
    @CsvSource({"240, ''", "239, Too short.", "241, Too long."})
    void the_cut_is_as_long_as_the_promo_to_the_frame(int frames, String title) {
        sample.brief("lengthS", 10.0);
        use(frames, one -> one);

        assertThat(judge(new Length(), sample.build()).map(Finding::title).orElse(""))
                .isEqualTo(title);
    }

    private Action feature() {
        return sample.action(one -> one.with("feature", true));
    }

    @ParameterizedTest
    @CsvSource({"96, false", "97, true"})
    void a_picture_of_the_place_comes_within_four_seconds_of_a_short_cut(int before, boolean watched) {
        use(before, one -> one.with("size", Size.WIDE));
        use(feature(), 48, one -> one.with("size", Size.MEDIUM));

        assertThat(watched(new Opening())).isEqualTo(watched);
    }

    @Test
    void in_a_long_cut_it_may_come_later_and_without_any_it_is_said() {
        use(120, one -> one);
        assertThat(watched(new Opening())).isTrue();
        // Five of 40 seconds are an eighth, less than 15 %.
        use(840, one -> one.with("size", Size.EXTREME_WIDE));
        assertThat(watched(new Opening())).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "WIDE, STAYS, true",
        "WIDE, ENTERS, false",
        "WIDE, LEAVES, true",
        "FULL, ENTERS, true",
        "EXTREME_WIDE, STAYS, false"
    })
    void a_wide_that_is_never_empty_is_no_picture_of_the_place(Size size, FrameUse frame, boolean watched) {
        use(96, one -> one.with("size", size).with("frameUse", frame));

        assertThat(watched(new Opening())).isEqualTo(watched);
        assertThat(judge(new Opening(), house(sample.build(), "coverage", CoverageSchool.PRODUCT)))
                .as("a product is its own place")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"MEDIUM, 24, true", "FULL, 24, false", "MEDIUM, 23, false"})
    void a_further_place_that_matters_is_shown_among_its_first_three(Size third, int frames, boolean watched) {
        Action elsewhere = sample.action(one -> one.with("spotId", sample.nextSpot()));
        use(feature(), 120 - frames, one -> one);
        use(elsewhere, 8, one -> one);
        use(elsewhere, 8, one -> one);
        use(elsewhere, frames - 16, one -> one.with("size", third));

        assertThat(watched(new Opening())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({
        "STILL, STAYS, true",
        "PULL, STAYS, false",
        "LIFT, STAYS, false",
        "PUSH, STAYS, true",
        "PUSH, LEAVES, false"
    })
    void a_closing_image_lets_go(Move move, FrameUse leaves, boolean watched) {
        Action ending = sample.action(one -> one.with("beatId", sample.nextBeat()));
        use(48, one -> one);
        use(ending, 48, one -> one.with("move", move).with("frameUse", leaves));
        Plan plan = sample.build();

        assertThat(judge(new Ending(), plan).isPresent()).isEqualTo(watched);
        if (watched) {
            assertThat(judge(new Ending(), mended(new Ending(), plan, 0))).isEmpty();
            assertThat(judge(new Ending(), mended(new Ending(), plan, 1))).isEmpty();
        }
    }

    @Test
    void a_film_does_not_end_in_its_middle() {
        use(48, one -> one.with("move", Move.PULL));

        assertThat(judge(new Ending(), sample.build()).map(Finding::title)).contains("It ends in the middle.");
        use(feature(), 48, one -> one.with("move", Move.PULL));
        assertThat(watched(new Ending())).as("on a feature it may").isFalse();
    }

    @ParameterizedTest
    @CsvSource({"FULL, 48, false", "FULL, 47, true", "MEDIUM_FULL, 48, true", "WIDE, 48, false"})
    void it_may_rest_for_two_seconds_on_as_much_as_the_opening_showed(Size last, int frames, boolean watched) {
        Action ending =
                sample.action(one -> one.with("beatId", sample.nextBeat()).with("line", Line.NONE));
        use(48, one -> one.with("size", Size.FULL).with("placement", Placement.LEFT_THIRD));
        use(ending, frames, one -> one.with("size", last));

        assertThat(watched(new Ending())).isEqualTo(watched);
    }

    @Test
    void a_push_and_a_still_do_not_mirror_each_other() {
        use(48, one -> one.with("size", Size.WIDE).with("move", Move.PUSH));
        use(48, one -> one.with("size", Size.WIDE));
        Plan asked = house(sample.build(), "mirrorEnding", true);

        assertThat(judge(new Mirror(), house(asked, "mirrorEnding", false))).isEmpty();
        assertThat(judge(new Mirror(), asked)).isPresent();
        Plan pulled = asked.apply(Change.set(asked.shots().get(1), "move", Move.PULL));
        assertThat(judge(new Mirror(), pulled)).isEmpty();
        Plan backwards = asked.apply(Change.set(asked.shots().get(1), "move", Move.PUSH));
        assertThat(judge(new Mirror(), backwards)).isPresent();
        assertThat(judge(
                        new Mirror(),
                        backwards.apply(Change.set(backwards.uses().get(1), "frameStep", -1.0))))
                .as("a push played backwards pulls")
                .isEmpty();
        Plan aside = pulled.apply(Change.set(pulled.shots().get(1), "placement", Placement.LEFT_THIRD));
        assertThat(judge(new Mirror(), aside)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"48, 48, 0", "47, 48, 1", "48, 47, 1", "47, 12, 2"})
    void both_ends_last_two_seconds(int first, int last, int mends) {
        use(first, one -> one);
        use(10, one -> one);
        use(last, one -> one);
        Plan plan = sample.build();

        assertThat(judge(new ShortEnds(), plan)
                        .map(finding -> finding.mends().size())
                        .orElse(0))
                .isEqualTo(mends);
        if (mends == 1) {
            assertThat(judge(new ShortEnds(), mended(new ShortEnds(), plan, 0))).isEmpty();
        }
    }

    private int told(Plan plan) {
        return new Telling().judge(PaperCut.of(plan)).size();
    }

    @Test
    void actions_are_told_in_one_run_and_in_their_order_and_features_come_from_anywhere() {
        Action second = sample.action();
        Action place = feature();
        use(24, one -> one);
        use(place, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(sample.build())).isZero();
        use(24, one -> one);
        use(second, 24, one -> one);
        use(24, one -> one);
        Plan scattered = sample.build();
        assertThat(told(scattered)).as("each that comes back, once").isEqualTo(2);
        Plan declared = scattered;
        for (int i : new int[] {4, 5, 6}) {
            declared = declared.apply(Change.set(declared.uses().get(i), "entry", Entry.RETURN));
        }
        assertThat(told(declared)).isZero();
    }

    @Test
    void what_was_written_first_is_told_first_unless_two_strands_are_told_in_turn() {
        Action second = sample.action(one -> one.with("strand", "other"));
        use(second, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(sample.build())).isEqualTo(2);
        assertThat(told(house(sample.build(), "telling", TellingSchool.PARALLEL)))
                .isZero();
    }

    @Test
    void a_montage_never_shows_one_action_twice_running() {
        Action second = sample.action();
        use(second, 24, one -> one);
        use(24, one -> one);
        use(second, 24, one -> one);
        assertThat(told(house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isZero();
        use(second, 24, one -> one);
        assertThat(told(house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isEqualTo(1);
    }

    @Test
    void what_must_be_shot_is_seen() {
        use(24, one -> one);
        Action unseen = sample.action();
        sample.shot(unseen, one -> one.with("priority", Priority.SHOULD));
        assertThat(told(sample.build())).isZero();
        sample.shot(unseen, one -> one);
        assertThat(told(sample.build())).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"96, false", "97, true"})
    void no_picture_stands_longer_than_it_bears(int frames, boolean watched) {
        use(144, one -> one);
        use(frames, one -> one);
        use(144, one -> one);
        Plan plan = sample.build();

        assertThat(judge(new LongUse(), plan).isPresent()).isEqualTo(watched);
        assertThat(judge(new LongUse(), plan.apply(Change.set(action, "speech", true))))
                .isEmpty();
        assertThat(judge(new LongUse(), plan.apply(Change.set(plan.uses().get(1), "pinned", true))))
                .isEmpty();
        assertThat(judge(new LongUse(), plan.apply(Change.set(plan.uses().get(0), "frames", 145))))
                .as("six seconds at the ends")
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"4, 72, false", "4, 71, true", "4, 120, false", "4, 121, true", "20, 552, false", "20, 553, true"})
    void a_beat_may_be_a_second_or_15_percent_beside_what_was_asked(double target, int frames, boolean watched) {
        use(frames, one -> one);
        Plan plan = sample.build();
        Plan asked = plan.apply(Change.set(plan.beats().get(0), "targetS", Optional.of(target)));

        assertThat(judge(new BeatLength(), plan)).isEmpty();
        assertThat(judge(new BeatLength(), asked).isPresent()).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"192, false", "193, true"})
    void eight_seconds_pass_without_a_cutaway_and_no_more(int frames, boolean watched) {
        use(frames, one -> one);
        use(feature(), 24, one -> one);
        use(192 + 96, one -> one);

        assertThat(watched(new Cutaways()))
                .as("the last four seconds are not asked")
                .isEqualTo(watched);
        assertThat(judge(new Cutaways(), house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .isEmpty();
        assertThat(judge(new Cutaways(), house(sample.build(), "coverage", CoverageSchool.PRODUCT)))
                .isEmpty();
    }

    @Test
    void hands_without_the_face_let_the_editor_breathe_and_a_face_does_not() {
        use(150, one -> one);
        use(24, one -> one.with("size", Size.CLOSE_UP));
        use(250, one -> one);
        Plan face = sample.build();

        assertThat(judge(new Cutaways(), face)).isPresent();
        assertThat(judge(new Cutaways(), face.apply(Change.set(face.shots().get(1), "aim", Aim.HANDS))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"KEEP_MOVING, 60, false", "KEEP_MOVING, 59, true", "ANCHORED, 40, false", "ANCHORED, 41, true"})
    void the_school_says_how_many_seconds_move(MovementSchool school, int moving, boolean watched) {
        use(moving, one -> one.with("move", Move.SLIDE));
        use(100 - moving, one -> one);

        assertThat(judge(new MovingShare(), movement(school)).isPresent()).isEqualTo(watched);
    }

    private Plan movement(MovementSchool school) {
        Plan plan = sample.build();
        return plan.house().movement() == school ? plan : house(plan, "movement", school);
    }

    @Test
    void anchored_one_in_any_four_is_still_and_motivated_every_move_has_a_reason() {
        for (int i = 0; i < 4; i++) {
            use(10, one -> one.with("move", Move.SLIDE).with("reason", MoveReason.REVEALS));
        }
        use(100, one -> one);
        assertThat(judge(new MovingShare(), movement(MovementSchool.ANCHORED))
                        .orElseThrow()
                        .title())
                .isEqualTo("No rest in four.");
        assertThat(judge(new MovingShare(), movement(MovementSchool.MOTIVATED))).isEmpty();
        use(10, one -> one.with("move", Move.PAN));
        assertThat(judge(new MovingShare(), movement(MovementSchool.MOTIVATED))
                        .orElseThrow()
                        .measured()
                        .value())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"72, false", "73, true"})
    void hand_held_lasts_six_seconds_on_end(int frames, boolean watched) {
        use(72, one -> one.with("support", Support.HAND_HELD));
        use(frames, one -> one.with("support", Support.HAND_HELD));
        use(24, one -> one);
        use(144, one -> one.with("support", Support.HAND_HELD));

        assertThat(watched(new HandHeldRun())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"3, 2, false", "4, 1, true", "4, 2, true", "4, 0, false", "5, 0, true"})
    void three_fifths_at_one_height_and_no_more(int eye, int low, boolean watched) {
        for (int i = 0; i < eye; i++) {
            use(24, one -> one.with("cameraHeightM", 1.5));
        }
        for (int i = 0; i < low; i++) {
            use(24, one -> one.with("cameraHeightM", 0.3));
        }
        assertThat(watched(new OneHeight())).isEqualTo(watched);
        Plan plan = sample.build();
        assertThat(judge(new OneHeight(), plan.apply(Change.set(action, "speech", true))))
                .as("speech on camera is not counted")
                .isEmpty();
        assertThat(judge(new OneHeight(), house(plan, "coverage", CoverageSchool.PRODUCT)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"24, false", "25, true"})
    void the_longest_is_twice_the_shortest(int shortest, boolean watched) {
        use(shortest, one -> one);
        use(48, one -> one);

        assertThat(watched(new Pace())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"4, false", "5, true"})
    void four_of_one_length_may_follow_each_other(int run, boolean watched) {
        use(48, one -> one);
        for (int i = 0; i < run; i++) {
            use(24, one -> one);
        }
        assertThat(watched(new Pace())).isEqualTo(watched);
        assertThat(judge(new Pace(), house(sample.build(), "telling", TellingSchool.MONTAGE)))
                .as("a montage bears eight")
                .isEmpty();
    }

    @Test
    void half_of_the_joints_fall_on_a_beat_within_a_frame_and_a_snap_brings_all() {
        // 120 bpm is a beat in twelve frames.
        sample.brief("tempoBpm", Optional.of(120.0));
        use(25, one -> one);
        use(30, one -> one);
        use(17, one -> one);
        assertThat(watched(new OnTheBeat()))
                .as("25 is one off 24, 55 is five off 60")
                .isFalse();
        use(5, one -> one);
        use(24, one -> one);
        Plan plan = sample.build();
        // The joints lie on 25, 55, 72 and 77.
        assertThat(judge(new OnTheBeat(), plan)).isEmpty();
        Plan later = plan.apply(Change.set(plan.uses().get(0), "frames", 28));
        assertThat(judge(new OnTheBeat(), later).orElseThrow().measured().value())
                .isCloseTo(0, within(1e-9));
        // Now 28, 58, 75 and 80; with a use of two frames in between it would have none left.
        Plan tiny = later.apply(Change.set(later.uses().get(3), "frames", 2));
        assertThat(judge(new OnTheBeat(), tiny).orElseThrow().mends()).isEmpty();
        Plan snapped = mended(new OnTheBeat(), later, 0);
        assertThat(PaperCut.of(snapped).uses())
                .extracting(PaperCut.Placed::startFrame)
                .containsExactly(0L, 24L, 60L, 72L, 84L);
        assertThat(PaperCut.of(snapped).frames()).isEqualTo(PaperCut.of(later).frames());
    }

    @Test
    void without_music_no_joint_is_beside_it() {
        use(25, one -> one);
        use(30, one -> one);

        assertThat(watched(new OnTheBeat())).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"20, false", "21, true"})
    void a_fifth_is_slow_where_slow_motion_is_an_event(int slow, boolean watched) {
        use(slow, one -> one.with("captureRate", FrameRate.of(120)));
        use(100 - slow, one -> one);
        Plan varied = house(sample.build(), "speed", SpeedSchool.VARIED);

        assertThat(judge(new SlowShare(), house(varied, "speed", SpeedSchool.SPARE))
                        .isPresent())
                .isEqualTo(watched);
        assertThat(judge(new SlowShare(), varied)).isEmpty();
    }

    @Test
    void an_empty_cut_is_not_judged_and_a_beginner_s_is_by_most_rules() {
        assertThat(WholeRule.judgeAll(PaperCut.of(sample.build()))).isEmpty();
        for (int i = 0; i < 12; i++) {
            use(30, one -> one.with("move", Move.PAN).with("support", Support.HAND_HELD));
        }
        assertThat(WholeRule.judgeAll(PaperCut.of(sample.build())))
                .extracting(Finding::ruleId)
                .contains(
                        "length",
                        "no-establishing",
                        "closing",
                        "short-ends",
                        "one-height",
                        "pace",
                        "cutaways",
                        "moving-share");
    }
}
