package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.ground.Stand;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.plan.Zones;
import upshot.core.size.Size;

/** Walls, closed parts, lamps in the picture and uneven steps; the hall is 6 m across and 5 m deep. */
class ShotRoomTest extends ShotOnSample {

    private static Action at(Action action, double across, double deep) {
        return action.with("acrossM", Optional.of(across)).with("deepM", Optional.of(deep));
    }

    @Test
    void the_wall_on_the_shot_s_own_side_bounds_its_stand() {
        // Level through 50 mm a medium needs 3.389 m. From (3, 1) bearing 0 has 4 m to the wall, 180 has 1.
        Shot shot =
                shot(one -> at(one, 3, 1), one -> one.with("bearingDeg", 0.0).with("cameraHeightM", 1.3175));
        Plan plan = sample.build();

        assertThat(Room.onThatSideM(plan, shot)).isCloseTo(4, within(1e-9));
        assertThat(status(new TightRoom(), plan, shot)).isEmpty();
        Finding finding =
                new TightRoom().judge(plan, shot.with("bearingDeg", 180.0)).orElseThrow();
        assertThat(finding.measured().limit()).isCloseTo(1, within(1e-9));
        assertThat(finding.sentence()).contains("Hall gives 1 m on that side");
        double exact = 5 - Stand.of(plan, shot).groundDistanceM();
        Plan edge = plan.apply(Change.set(plan.actions().get(0), "deepM", Optional.of(exact - 1e-9)));
        assertThat(status(new TightRoom(), edge, shot)).isEmpty();
        Plan past = plan.apply(Change.set(plan.actions().get(0), "deepM", Optional.of(exact + 0.001)));
        assertThat(status(new TightRoom(), past, shot)).contains(Status.BREAK);
    }

    @Test
    void a_floor_of_its_own_shape_counts_and_an_unknown_place_leaves_the_spot_s_figure() {
        Shot shot = shot(one -> at(one, 1, 1), one -> one.with("bearingDeg", 90.0));
        Plan plan = spot(sample.build(), shot, "outline", Outline.parse("0 0, 4 0, 4 5, 0 5"));

        assertThat(Room.onThatSideM(plan, shot)).isCloseTo(3, within(1e-9));
        Plan unknown = plan.apply(Change.set(plan.actions().get(0), "acrossM", Optional.empty()));
        assertThat(Room.onThatSideM(unknown, shot)).isEqualTo(20);
        assertThat(Room.onThatSideM(spot(plan, shot, "roomM", 2.0), shot)).isEqualTo(2);
    }

    @Test
    void nobody_stands_in_a_closed_part_and_the_mend_turns_out_of_it() {
        Shot shot =
                shot(one -> at(one, 3, 1), one -> one.with("bearingDeg", 30.0).with("cameraHeightM", 1.3175));
        Plan plan = sample.build();
        // The camera stands at (3 + 3.389 sin 30°, 1 + 3.389 cos 30°) = (4.69, 3.93).
        Plan table = spot(plan, shot, "noGo", Zones.parse("4.5 3.5, 5 3.5, 5 4.2, 4.5 4.2"));
        Plan beside = spot(plan, shot, "noGo", Zones.parse("4.75 3.5, 5 3.5, 5 4.2, 4.75 4.2"));

        assertThat(status(new InTheWay(), plan, shot)).isEmpty();
        assertThat(status(new InTheWay(), beside, shot)).isEmpty();
        Finding finding = new InTheWay().judge(table, shot).orElseThrow();
        assertThat(finding.status()).isEqualTo(Status.BREAK);
        Plan mended = mended(table, finding, 0);
        assertThat(new InTheWay().judge(mended, again(mended, shot))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"75, false", "30, true", "210, true", "235, true", "250, false", "0, false"})
    void a_lamp_within_the_field_is_in_the_picture(double lamp, boolean seen) {
        // Half of 28.0°. At 235° it stands atan(2 sin 25/(3.389 + 2 cos 25)) = 9.2° off, at 250° 14.6°.
        Shot shot = shot(
                one -> one,
                one -> one.with("keyDeg", Optional.of(lamp))
                        .with("bearingDeg", 30.0)
                        .with("cameraHeightM", 1.3175));
        Plan plan = sample.build();

        assertThat(new LightInView().judge(plan, shot).isPresent()).isEqualTo(seen);
        new LightInView().judge(plan, shot).ifPresent(finding -> {
            Plan mended = mended(plan, finding, 0);
            assertThat(new LightInView().judge(mended, again(mended, shot))).isEmpty();
        });
    }

    @ParameterizedTest
    @CsvSource({"1, ''", "5, ''", "-1, ''", "2.5, 2", "0.5, 1", "-2.4, -2", "1.2, 1"})
    void steps_are_whole_and_never_below_one(double step, String mendedTo) {
        Shot shot = shot(one -> one, one -> one);
        Use use = sample.use(shot);
        Plan plan = sample.build();
        Plan played = step == 1 ? plan : plan.apply(Change.set(use, "frameStep", step));
        Optional<Finding> finding = new UnevenSteps().judge(played, shot);

        assertThat(finding.map(Finding::status))
                .isEqualTo(mendedTo.isEmpty() ? Optional.empty() : Optional.of(Status.WATCH));
        finding.ifPresent(one -> {
            Plan mended = mended(played, one, 0);
            assertThat(mended.uses().get(0).frameStep()).isEqualTo(Double.parseDouble(mendedTo));
            assertThat(new UnevenSteps().judge(mended, shot)).isEmpty();
        });
        assertThat(new UnevenSteps().judge(plan.apply(new Change.Remove(use)), shot))
                .isEmpty();
    }

    @Test
    void another_size_or_another_side_fits_too() {
        // At (3, 1) bearing 150 has 1.15 m to the wall and a medium through 50 mm needs 3.39.
        Shot shot = shot(
                one -> at(one, 3, 1),
                one -> one.with("bearingDeg", 150.0)
                        .with("cameraHeightM", 1.3175)
                        .with("size", Size.MEDIUM));
        Plan plan = sample.build();
        Finding finding = new TightRoom().judge(plan, shot).orElseThrow();

        assertThat(finding.mends()).extracting(mend -> mend.label()).anyMatch(label -> label.startsWith("Make it a"));
        assertThat(finding.mends())
                .extracting(mend -> mend.label())
                .anyMatch(label -> label.startsWith("Shoot from the "));
        for (int mend = 0; mend < finding.mends().size(); mend++) {
            Plan mended = mended(plan, finding, mend);
            assertThat(new TightRoom().judge(mended, again(mended, shot))).isEmpty();
        }
    }

    @Test
    void the_view_s_wedge_on_the_ground_is_as_wide_as_the_frame_is_there() {
        Shot shot = shot(one -> one, one -> one.with("cameraHeightM", 1.3175));

        // 2·atan(0.935 · 16/9 / (2 · 3.389))
        assertThat(Stand.of(sample.build(), shot).wedgeDeg(sample.build())).isCloseTo(27.56, within(0.01));
    }
}
