package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.frame.CutFrame;
import upshot.core.house.EyeSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;

class EyeJumpTest extends JointOnSample {

    private final EyeJump rule = new EyeJump();

    /** Level and frontal, so that both eyes sit at one height and thirds lie a third of the long side apart. */
    private Shot placed(Action action, Placement placement) {
        return sample.shot(
                action,
                one -> one.with("placement", placement)
                        .with("cameraHeightM", 1.3175)
                        .with("bearingDeg", 0.0));
    }

    private Plan thirds(int frames, Entry entry) {
        Action action = sample.action(one -> one.with("line", Line.NONE));
        sample.use(placed(action, Placement.LEFT_THIRD));
        Use into = sample.use(placed(action, Placement.RIGHT_THIRD), entry);
        return frames == 24 ? sample.build() : set(sample.build(), into, "frames", frames);
    }

    @ParameterizedTest
    @CsvSource({
        "24, STRAIGHT, true",
        "48, STRAIGHT, true",
        "49, STRAIGHT, false",
        "24, DISSOLVE, false",
        "24, WIPE, false",
        "24, WHIP, false",
        "24, JUMP, true"
    })
    void from_third_to_third_is_too_far_for_two_seconds(int frames, Entry entry, boolean watched) {
        // A third of the width, against 0.2 and 0.3.
        Plan plan = thirds(frames, entry);

        assertThat(status(rule, plan).isPresent()).isEqualTo(watched);
        last(rule, plan).ifPresent(finding -> {
            assertThat(finding.status()).isEqualTo(Status.WATCH);
            assertThat(finding.measured().value()).isCloseTo(1.0 / 3, within(1e-6));
            assertThat(finding.measured().limit()).isEqualTo(frames == 24 ? 0.2 : 0.3);
            assertThat(last(rule, mended(rule, plan, 0))).isEmpty();
        });
    }

    @Test
    void the_school_that_holds_the_eye_asks_for_more() {
        Plan plan = thirds(49, Entry.STRAIGHT);

        assertThat(last(rule, plan)).isEmpty();
        assertThat(last(rule, house(plan, "eye", EyeSchool.HOLD))
                        .orElseThrow()
                        .measured()
                        .limit())
                .isEqualTo(0.3);
    }

    @Test
    void a_mover_that_keeps_its_direction_gives_the_eye_more_and_a_still_frame_is_crossed() {
        Action crossing = sample.action(one -> one.with("speedMps", 1.0));
        sample.use(sample.shot(crossing, 90));
        Use into = sample.use(sample.shot(crossing, 60));
        Plan plan = set(sample.build(), into, "frames", 20);

        // Out at 0.25 + 0.5 · 1 s/T, T = 0.935 · 16/9 · 0.5 = 0.831 s, so at 0.75, in at 0.25: half, against 0.2 +
        // 0.15.
        assertThat(last(rule, plan).orElseThrow().measured().value()).isCloseTo(0.5, within(0.01));
        assertThat(last(rule, plan).orElseThrow().measured().limit()).isCloseTo(0.35, within(1e-9));
        Plan longer = set(plan, plan.uses().get(1), "frames", 49);
        assertThat(last(rule, longer)).isEmpty();
    }

    @Test
    void exactly_the_limit_is_followed_and_with_a_frame_less_of_time_it_is_not() {
        Action ada = sample.action(one -> one.with("speedMps", 1.0));
        Action ben = sample.action(one -> one.with("speedMps", 1.0).with("subjectId", sample.otherPerson()));
        sample.use(sample.shot(ada, 90));
        Use into = sample.use(sample.shot(ben, 90));
        Plan plan = sample.build();

        // Out at 0.75 and in at 0.25 of the width: half, which more than two seconds just allow.
        assertThat(last(rule, set(plan, into, "frames", 49))).isEmpty();
        Finding finding = last(rule, set(plan, into, "frames", 48)).orElseThrow();
        assertThat(finding.measured().value()).isCloseTo(0.5, within(1e-9));
        assertThat(finding.measured().limit()).isEqualTo(0.3);
    }

    @Test
    void a_crossing_that_is_cut_away_from_has_gone_as_far_as_it_got() {
        Action slow = sample.action(one -> one.with("speedMps", 0.4));
        sample.use(sample.shot(slow, 90));
        Use into = sample.use(placed(sample.action(one -> one.with("line", Line.NONE)), Placement.CENTRE));
        Plan plan = set(sample.build(), into, "frames", 24);

        // T = 0.935 · 16/9 · 0.5/0.4 = 2.078 s; after one second 0.25 + 0.5/2.078 = 0.491, and 0.5 − 0.491 = 0.009.
        assertThat(last(rule, plan)).isEmpty();
        assertThat(CutFrame.of(plan, plan.shots().get(0), plan.uses().get(0), true)
                        .eye()
                        .u())
                .isCloseTo(0.4906, within(1e-4));
        assertThat(CutFrame.of(plan, plan.shots().get(0), plan.uses().get(0), false)
                        .eye()
                        .u())
                .isCloseTo(0.25, within(1e-9));
    }

    @Test
    void into_a_new_beat_the_eye_may_go_anywhere() {
        sample.use(placed(sample.action(one -> one.with("line", Line.NONE)), Placement.LEFT_THIRD));
        Use into = sample.use(placed(
                sample.action(one -> one.with("line", Line.NONE).with("beatId", sample.nextBeat())),
                Placement.RIGHT_THIRD));

        assertThat(last(rule, set(sample.build(), into, "frames", 12))).isEmpty();
    }
}
