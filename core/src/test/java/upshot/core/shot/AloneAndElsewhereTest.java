package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.measure.Aspect;
import upshot.core.plan.Change;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;

/** Filming alone, a clean plate, a camera in another spot, and one that is held upright. */
class AloneAndElsewhereTest extends ShotOnSample {

    @ParameterizedTest
    @CsvSource({
        "TRIPOD, STILL, false",
        "SLIDER, SLIDE, false",
        "GIMBAL, STILL, true",
        "DRONE, STILL, true",
        "TRIPOD, PAN, true"
    })
    void who_films_alone_neither_carries_nor_turns_the_camera(Support support, Move move, boolean broken) {
        Shot shot = shot(one -> one, one -> one.with("support", support).with("move", move));
        Plan plan = sample.build();
        Plan alone = plan.apply(Change.set(plan.subjectOf(shot), "films", true));

        assertThat(new FilmsAlone().judge(plan, shot)).isEmpty();
        assertThat(status(new FilmsAlone(), alone, shot)).isEqualTo(Optional.ofNullable(broken ? Status.BREAK : null));
        new FilmsAlone().judge(alone, shot).ifPresent(finding -> {
            Plan mended = mended(alone, finding, 0);
            assertThat(new FilmsAlone().judge(mended, again(mended, shot))).isEmpty();
        });
        // Two minutes for each take: start it, walk in, look at it.
        assertThat(ShotNumbers.of(alone, shot.withTakes(3)).shotTimeS()
                        - ShotNumbers.of(plan, shot.withTakes(3)).shotTimeS())
                .isCloseTo(360, within(1e-9));
        assertThat(ReadyChecks.of(alone, shot)).anyMatch(check -> check.startsWith("Focus on a mark"));
    }

    @ParameterizedTest
    @CsvSource({"TRIPOD, STILL, false", "GROUND, STILL, false", "TRIPOD, TILT, true", "HAND_HELD, STILL, true"})
    void a_clean_plate_is_locked_off_and_takes_one_roll_more(Support support, Move move, boolean watched) {
        Shot shot = shot(
                one -> one,
                one -> one.with("support", support).with("move", move).with("cleanPlate", true));
        Plan plan = sample.build();

        assertThat(status(new CleanPlate(), plan, shot)).isEqualTo(Optional.ofNullable(watched ? Status.WATCH : null));
        assertThat(new CleanPlate().judge(plan, shot.withCleanPlate(false))).isEmpty();
        ShotNumbers with = ShotNumbers.of(plan, shot);
        assertThat(with.shotTimeS()
                        - ShotNumbers.of(plan, shot.withCleanPlate(false)).shotTimeS())
                .isCloseTo(with.hold().rollS(), within(1e-9));
        assertThat(ReadyChecks.of(plan, shot)).anyMatch(check -> check.endsWith("(clean plate)"));
    }

    @Test
    void a_camera_in_another_spot_has_the_room_and_the_ceiling_of_that_one() {
        Shot shot = shot(one -> one, one -> one.with("cameraHeightM", 1.9));
        Plan plan = sample.build();
        Plan near = plan.apply(Change.set(plan.spots().get(1), "roomM", 3.0))
                .apply(Change.set(plan.spots().get(1), "ceilingM", Optional.of(2.1)));
        Shot outside = shot.withCameraSpotId(Optional.of(sample.nextSpot()));

        assertThat(new TightRoom().judge(near, shot)).isEmpty();
        assertThat(status(new TightRoom(), near, outside)).contains(Status.BREAK);
        assertThat(new UnderTheCeiling().judge(near, shot)).isEmpty();
        assertThat(status(new UnderTheCeiling(), near, outside)).contains(Status.BREAK);
    }

    /** 24.9 by 14 mm for 9:16: 7.9 mm across of it lying, 14 standing; a medium from 1.78 times as near. */
    @Test
    void a_camera_held_upright_uses_its_whole_height_for_an_upright_picture() {
        Shot shot = shot(one -> one, one -> one);
        sample.brief("aspect", Aspect.parse("9:16"));
        Plan plan = sample.build();
        Plan turned = plan.apply(Change.set(plan.bodies().get(0), "portrait", true));

        assertThat(Stand.of(plan, shot).sensor().widthMm()).isCloseTo(14 * 9.0 / 16, within(1e-9));
        assertThat(Stand.of(turned, shot).sensor().widthMm()).isCloseTo(14, within(1e-9));
        assertThat(Recording.of(turned, shot).largestPunchIn()).isCloseTo(2, within(1e-9));
        assertThat(ReadyChecks.of(plan, shot)).contains("Framed for the upright middle of the picture (9:16)");
        assertThat(ReadyChecks.of(turned, shot)).contains("Camera turned upright");
    }
}
