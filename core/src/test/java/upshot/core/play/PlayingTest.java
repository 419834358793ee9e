package upshot.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.cut.PaperCut;
import upshot.core.frame.Cropped;
import upshot.core.frame.FramePoint;
import upshot.core.frame.Shape;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.UseCrop;

class PlayingTest {

    private final SamplePlan sample = new SamplePlan();

    /** One second of one shot. */
    private PlayedUse played(UnaryOperator<Action> action, UnaryOperator<Shot> shot, double frameStep) {
        sample.use(sample.shot(sample.action(action), shot), 24);
        Plan plan = sample.build();
        Plan paced = plan.apply(Change.set(plan.uses().get(plan.uses().size() - 1), "frameStep", frameStep));
        List<PlayedUse> uses = Playing.of(PaperCut.of(paced)).uses();
        return uses.get(uses.size() - 1);
    }

    private static double firstU(PlayedUse use) {
        return use.keys().get(0).eye().u();
    }

    private static double lastU(PlayedUse use) {
        return use.keys().get(use.keys().size() - 1).eye().u();
    }

    /** Level and square to its way, so that nothing comes nearer. */
    private static Shot beside(Shot shot) {
        return shot.with("bearingDeg", 90.0).with("cameraHeightM", 1.3175);
    }

    private static UnaryOperator<Action> crossing(double speedMps) {
        return action -> action.with("line", Line.TRAVEL).with("speedMps", speedMps);
    }

    @Test
    void a_mover_crosses_a_still_frame_at_its_own_speed() {
        // A medium of 1.7 m: F = 0.935 m. At 0.4 m/s it goes 0.4/0.935 frame heights in a second, half of it each side.
        PlayedUse use = played(crossing(0.4), PlayingTest::beside, 1);

        assertThat(lastU(use) - firstU(use)).isCloseTo(0.4 / 0.935, within(1e-6));
        // The eyes are 4 % of 1.7 m ahead of the middle that is framed.
        assertThat((lastU(use) + firstU(use)) / 2).isCloseTo(16.0 / 18 + 0.068 / 0.935, within(1e-6));
        assertThat(use.keys()).as("eight drawings a second, and the first").hasSize(9);
    }

    @Test
    void a_quick_one_goes_through_the_middle_half_and_no_further() {
        PlayedUse use = played(crossing(9), PlayingTest::beside, 1);

        assertThat(firstU(use)).isCloseTo(16.0 / 9 * 0.25 + 0.068 / 0.935, within(1e-6));
        assertThat(lastU(use)).isCloseTo(16.0 / 9 * 0.75 + 0.068 / 0.935, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"24, 1, 1", "120, 1, 0.2", "120, 5, 1", "24, 2, 2", "24, -1, -1"})
    void slow_motion_goes_less_far_and_backwards_goes_back(int capture, double step, double times) {
        UnaryOperator<Shot> shot = one -> beside(one).with("captureRate", FrameRate.of(capture));
        PlayedUse use = played(crossing(0.2), shot, step);

        assertThat(lastU(use) - firstU(use)).isCloseTo(times * 0.2 / 0.935, within(1e-6));
    }

    @Test
    void what_rests_needs_one_drawing() {
        assertThat(played(action -> action.with("line", Line.NONE), shot -> shot, 1)
                        .keys())
                .hasSize(1);
        assertThat(played(crossing(2), PlayingTest::beside, 0).keys())
                .as("a still")
                .hasSize(1);
    }

    @Test
    void a_pan_to_the_right_takes_the_subject_to_the_left_and_a_follow_keeps_it() {
        UnaryOperator<Action> resting = action -> action.with("line", Line.NONE);
        PlayedUse pan = played(resting, shot -> shot.with("move", Move.PAN).with("turnDeg", 10.0), 1);
        PlayedUse back = played(
                resting,
                shot -> shot.with("move", Move.PAN).with("turnDeg", 10.0).with("moveBack", true),
                1);
        PlayedUse follow =
                played(crossing(3), shot -> shot.with("move", Move.FOLLOW).with("bearingDeg", 90.0), 1);

        assertThat(lastU(pan)).isLessThan(firstU(pan) - 0.1);
        assertThat(lastU(back)).isGreaterThan(firstU(back) + 0.1);
        assertThat(lastU(follow)).isCloseTo(firstU(follow), within(1e-6));
        assertThat(follow.keys().get(0).shapes())
                .isNotEqualTo(follow.keys().get(4).shapes());
    }

    @Test
    void an_orbit_of_180_degrees_shows_it_from_the_other_side() {
        PlayedUse use = played(
                action -> action.with("line", Line.NONE),
                shot -> shot.with("move", Move.ORBIT).with("turnDeg", 180.0).with("bearingDeg", 90.0),
                1);
        SamplePlan other = new SamplePlan();
        other.use(other.shot(other.action(action -> action.with("line", Line.NONE)), 270), 24);
        PlayedUse opposite = Playing.of(PaperCut.of(other.build())).uses().get(0);

        assertThat(use.keys().get(use.keys().size() - 1).eye().u())
                .isCloseTo(opposite.keys().get(0).eye().u(), within(1e-9));
        assertThat(use.keys().get(use.keys().size() - 1).eye().v())
                .isCloseTo(opposite.keys().get(0).eye().v(), within(1e-9));
    }

    @Test
    void clicks_are_the_beats_of_the_music() {
        sample.brief("tempoBpm", Optional.of(120.0));
        sample.use(sample.shot(sample.action(), 30), 60);
        Playing playing = Playing.of(PaperCut.of(sample.build()));

        assertThat(playing.frames()).isEqualTo(60);
        assertThat(playing.clicks()).extracting(Playing.Click::atS).containsExactly(0.0, 0.5, 1.0, 1.5, 2.0);
        assertThat(playing.clicks()).extracting(Playing.Click::bar).containsExactly(true, false, false, false, true);
    }

    @RepeatedTest(40)
    void any_plan_plays_without_a_gap_and_with_finite_drawings(RepetitionInfo run) {
        PaperCut cut = PaperCut.of(new RandomPlans(run.getCurrentRepetition()).plan());
        long frame = 0;
        for (PlayedUse use : Playing.of(cut).uses()) {
            assertThat(use.startFrame()).isEqualTo(frame);
            frame += use.frames();
            assertThat(use.keys())
                    .isNotEmpty()
                    .allSatisfy(key -> assertThat(key.eye().u() + key.eye().v()).isFinite());
        }
        assertThat(frame).isEqualTo(cut.frames());
    }

    /** Twice as large at the right edge: what was at three quarters is in the middle; flipped, the right is the left. */
    @Test
    void a_use_shows_its_part_of_the_picture_and_its_mirror_image() {
        double aspect = 16.0 / 9;
        Cropped right = new Cropped(new UseCrop(2, 1, 0, false), aspect);
        assertThat(right.point(new FramePoint(0.75 * aspect, 0.5))).isEqualTo(new FramePoint(0.5 * aspect, 0.5));
        assertThat(right.point(new FramePoint(aspect, 0.25))).isEqualTo(new FramePoint(aspect, 0));
        Cropped flipped = new Cropped(new UseCrop(1, 0, 0, true), aspect);
        assertThat(flipped.point(new FramePoint(0, 0.25))).isEqualTo(new FramePoint(aspect, 0.25));
        Shape.Disc disc = new Shape.Disc(Shape.Role.SKIN, new FramePoint(0.75 * aspect, 0.5), 0.1);
        assertThat(right.shapes(List.of(disc)))
                .containsExactly(new Shape.Disc(Shape.Role.SKIN, new FramePoint(0.5 * aspect, 0.5), 0.2));
        assertThat(new Cropped(UseCrop.NONE, aspect).shapes(List.of(disc))).containsExactly(disc);
    }
}
