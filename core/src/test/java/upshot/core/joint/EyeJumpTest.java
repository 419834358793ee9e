package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
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
        "23, STRAIGHT, true",
        "24, STRAIGHT, false",
        "23, DISSOLVE, false",
        "23, WIPE, false",
        "23, WHIP, false",
        "23, JUMP, true"
    })
    void from_third_to_third_is_too_far_for_less_than_a_second(int frames, Entry entry, boolean watched) {
        // The long side is 16/9, the thirds lie 16/27 apart: a third of it, against 0.25 and 0.35.
        Plan plan = thirds(frames, entry);

        assertThat(status(rule, plan).isPresent()).isEqualTo(watched);
        last(rule, plan).ifPresent(finding -> {
            assertThat(finding.status()).isEqualTo(Status.WATCH);
            assertThat(finding.measured().value()).isCloseTo(1.0 / 3, within(1e-6));
            assertThat(finding.measured().limit()).isEqualTo(0.25);
            assertThat(last(rule, mended(rule, plan, 0))).isEmpty();
        });
    }

    @Test
    void the_school_that_holds_the_eye_asks_for_more() {
        Plan plan = thirds(24, Entry.STRAIGHT);

        assertThat(last(rule, plan)).isEmpty();
        assertThat(last(rule, house(plan, "eye", EyeSchool.HOLD))
                        .orElseThrow()
                        .measured()
                        .limit())
                .isEqualTo(0.25);
    }

    @Test
    void a_mover_that_keeps_its_direction_gives_the_eye_more_and_a_still_frame_is_crossed() {
        Action crossing = sample.action(one -> one.with("speedMps", 1.0));
        sample.use(sample.shot(crossing, 90));
        Use into = sample.use(sample.shot(crossing, 60));
        Plan plan = set(sample.build(), into, "frames", 20);

        // Out at 0.75 and in at 0.25 of the width: half the long side, against 0.25 + 0.15.
        assertThat(last(rule, plan).orElseThrow().measured().value()).isCloseTo(0.5, within(0.01));
        assertThat(last(rule, plan).orElseThrow().measured().limit()).isCloseTo(0.4, within(1e-9));
        Plan longer = set(plan, plan.uses().get(1), "frames", 48);
        assertThat(last(rule, longer)).isEmpty();
    }

    @Test
    void exactly_the_limit_is_followed_and_with_a_frame_less_of_time_it_is_not() {
        Action ada = sample.action(one -> one.with("speedMps", 1.0));
        Action ben = sample.action(one -> one.with("speedMps", 1.0).with("subjectId", sample.otherPerson()));
        sample.use(sample.shot(ada, 90));
        Use into = sample.use(sample.shot(ben, 90));
        Plan plan = sample.build();

        // Out at 0.75 and in at 0.25 of the width: half the long side, which two seconds just allow.
        assertThat(last(rule, set(plan, into, "frames", 48))).isEmpty();
        Finding finding = last(rule, set(plan, into, "frames", 47)).orElseThrow();
        assertThat(finding.measured().value()).isCloseTo(0.5, within(1e-9));
        assertThat(finding.measured().limit()).isEqualTo(0.35);
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
