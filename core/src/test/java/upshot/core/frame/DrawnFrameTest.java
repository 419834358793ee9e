package upshot.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.size.Size;

class DrawnFrameTest {

    private static final Offset<Double> TIGHT = within(1e-9);
    private final SamplePlan sample = new SamplePlan();

    @Test
    void known_points_land_where_a_hand_calculation_puts_them() {
        // From 4 m in front, level at 1.5 m, the frame is 2 m high at the subject: half a frame height a metre.
        Pinhole camera = new Pinhole(new Point3(0, 0, 1.5), 0, 0, 4, 2, 0.8);

        assertThat(camera.project(new Point3(0, 0, 1.5)).u()).isCloseTo(0.8, TIGHT);
        assertThat(camera.project(new Point3(0, 0, 2.5)).v()).isCloseTo(0, TIGHT);
        assertThat(camera.project(new Point3(0, 0, 0.5)).v()).isCloseTo(1, TIGHT);
        // Seen from in front, what is on the subject's right is on the left of the picture.
        assertThat(camera.project(new Point3(0.5, 0, 1.5)).u()).isCloseTo(0.8 - 0.25, TIGHT);
        // Four metres behind the subject everything is half as large.
        assertThat(camera.project(new Point3(0, -4, 2.5)).v()).isCloseTo(0.25, TIGHT);
        assertThat(camera.horizonV()).hasValueCloseTo(0.5, TIGHT);
        assertThat(camera.sees(new Point3(0, 5, 1.5))).isFalse();
    }

    @Test
    void looking_down_45_degrees_raises_the_horizon_and_straight_down_loses_it() {
        Pinhole tilted = new Pinhole(new Point3(0, 0, 0), 90, 45, 2, 2, 0.5);
        Pinhole down = new Pinhole(new Point3(0, 0, 0), 0, 90, 2, 2, 0.5);

        assertThat(tilted.horizonV()).hasValueCloseTo(0.5 - 1, TIGHT);
        assertThat(down.horizonV()).isEmpty();
        // Overhead from bearing 0 the frame's bottom edge is the subject's front.
        assertThat(down.project(new Point3(0, 0.5, 0)).v()).isGreaterThan(0.5);
    }

    @Test
    void the_eye_of_a_level_frame_is_where_the_rules_say() {
        Action action = sample.action();
        // The camera on the aim's height makes the view level; bearing 90 keeps the face's own depth out of it.
        Shot shot = sample.shot(action, one -> one.with("cameraHeightM", 1.3175).with("bearingDeg", 90.0));
        FramePoint eye = DrawnFrame.of(sample.build(), shot).eye();

        // v = (frame top − eye line)/F = (1.3175 + 0.4675 − 1.5912)/0.935
        assertThat(eye.v()).isCloseTo(0.2073, within(0.001));
        assertThat(eye.u()).isCloseTo(16.0 / 9 / 2 + 0.068 / 0.935, within(0.001));
    }

    @Test
    void the_arrow_goes_the_way_the_caption_says() {
        Action action = sample.action();
        Shot right = sample.shot(action, 60);
        Shot left = sample.shot(action, 300);
        Shot towards = sample.shot(action, 10);
        Plan plan = sample.build();

        assertThat(arrow(plan, right).orElseThrow())
                .satisfies(arrow ->
                        assertThat(arrow.to().u()).isGreaterThan(arrow.from().u()));
        assertThat(arrow(plan, left).orElseThrow())
                .satisfies(arrow ->
                        assertThat(arrow.to().u()).isLessThan(arrow.from().u()));
        assertThat(arrow(plan, towards)).isEmpty();
    }

    private static Optional<Shape.Arrow> arrow(Plan plan, Shot shot) {
        return DrawnFrame.of(plan, shot).shapes().stream()
                .filter(Shape.Arrow.class::isInstance)
                .map(Shape.Arrow.class::cast)
                .findFirst();
    }

    @Test
    void a_full_figure_stands_wholly_inside_its_frame_and_a_close_up_does_not() {
        Action action = sample.action();
        Shot full = sample.shot(action, one -> one.with("size", Size.FULL).with("cameraHeightM", 0.85));
        Shot close = sample.shot(action, one -> one.with("size", Size.CLOSE_UP).with("cameraHeightM", 1.53));
        Plan plan = sample.build();

        assertThat(figurePoints(plan, full)).isNotEmpty().allMatch(point -> point.v() >= 0 && point.v() <= 1);
        assertThat(figurePoints(plan, close)).anyMatch(point -> point.v() > 1);
    }

    private static List<FramePoint> figurePoints(Plan plan, Shot shot) {
        return DrawnFrame.of(plan, shot).shapes().stream()
                .filter(shape -> shape instanceof Shape.Stroke)
                .flatMap(shape -> Stream.of(((Shape.Stroke) shape).from(), ((Shape.Stroke) shape).to()))
                .toList();
    }

    @Test
    void placement_moves_the_subject_to_its_third() {
        Action action = sample.action();
        double left = DrawnFrame.of(sample.build(), sample.shot(action, one -> one))
                .eye()
                .u();
        Shot placed = sample.shot(action, one -> one.with("placement", Placement.RIGHT_THIRD));
        Plan plan = sample.build();

        assertThat(DrawnFrame.of(plan, placed).eye().u()).isCloseTo(left + 16.0 / 9 / 6, within(1e-9));
    }

    @RepeatedTest(40)
    void mirroring_the_bearing_mirrors_eye_figure_and_arrow(RepetitionInfo run) {
        java.util.Random random = new java.util.Random(run.getCurrentRepetition());
        Shot shot = sample.shot(
                sample.action(),
                one -> one.with("bearingDeg", 1 + random.nextInt(178) + 0.5)
                        .with("cameraHeightM", 0.3 + random.nextDouble() * 2)
                        .with("size", Size.values()[random.nextInt(8)]));
        Plan plan = sample.build();
        DrawnFrame frame = DrawnFrame.of(plan, shot);
        DrawnFrame mirrored = DrawnFrame.of(plan, shot.with("bearingDeg", 360 - shot.bearingDeg()));

        assertThat(mirrored.eye().u()).isCloseTo(frame.aspect() - frame.eye().u(), within(1e-9));
        assertThat(mirrored.eye().v()).isCloseTo(frame.eye().v(), within(1e-9));
        assertThat(rounded(plan, shot.with("bearingDeg", 360 - shot.bearingDeg()), false))
                .as("seed %d", run.getCurrentRepetition())
                .containsExactlyInAnyOrderElementsOf(rounded(plan, shot, true));
        assertThat(arrow(plan, shot).isPresent())
                .isEqualTo(arrow(plan, shot.with("bearingDeg", 360 - shot.bearingDeg()))
                        .isPresent());
    }

    /** The ends of the limbs in thousandths, as they are or mirrored; a standing figure is the same on both sides. */
    private static List<String> rounded(Plan plan, Shot shot, boolean mirrored) {
        double aspect = plan.brief().aspect().ratio();
        return figurePoints(plan, shot).stream()
                .map(point -> "%d %d"
                        .formatted(
                                Math.round((mirrored ? aspect - point.u() : point.u()) * 1000),
                                Math.round(point.v() * 1000)))
                .toList();
    }

    @RepeatedTest(60)
    void every_shot_of_any_plan_can_be_drawn_with_finite_numbers(RepetitionInfo run) {
        Plan plan = new RandomPlans(run.getCurrentRepetition()).plan();
        for (Shot shot : plan.shots()) {
            DrawnFrame frame = DrawnFrame.of(plan, shot);
            assertThat(frame.eye().u())
                    .as("seed %d %s", run.getCurrentRepetition(), shot)
                    .isBetween(0.0, frame.aspect());
            assertThat(frame.shapes()).allMatch(DrawnFrameTest::finite);
        }
    }

    private static boolean finite(Shape shape) {
        return !(shape instanceof Shape.Area area)
                || area.corners().stream()
                        .allMatch(corner -> Double.isFinite(corner.u()) && Double.isFinite(corner.v()));
    }
}
