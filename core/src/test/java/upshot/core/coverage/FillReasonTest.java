package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Viewpoint;

/** What a proposal says of itself. A medium at 50 mm stands 3.38 m back; the hall gives 20. */
class FillReasonTest {

    private static final String STANDS = "50 mm stands 3.38 m back, the room gives 20 m; the camera is at the eyes";

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action(one -> one.with("line", Line.NONE));
    private final Shot shot = sample.shot(action, 60);
    private final Plan plan = sample.build();

    private String of(Plan plan, Shot changed) {
        return FillReason.of(plan.apply(new Change.Remove(shot)), plan, changed);
    }

    @Test
    void where_it_stands_and_from_how_high() {
        assertThat(of(plan, shot)).isEqualTo(STANDS + ".");
        Plan travels = plan.apply(Change.set(action, "line", Line.LOOK));
        assertThat(of(travels, shot)).isEqualTo("keeps left to right; " + STANDS + ".");
    }

    @Test
    void what_is_special_about_it() {
        assertThat(of(plan, shot.with("viewpoint", Viewpoint.OVER_SHOULDER)))
                .isEqualTo(STANDS + "; over the shoulder onto what the hands do.");
        assertThat(of(plan, shot.with("foreground", true)))
                .isEqualTo(STANDS + "; past something in the foreground, the beat has none.");
        Shot revealing = shot.with("support", Support.GIMBAL)
                .with("move", Move.PUSH)
                .with("moveM", 0.5)
                .with("reason", MoveReason.REVEALS);
        assertThat(of(plan, revealing))
                .isEqualTo(STANDS + "; it moves, so that the beat has two ways to begin or end.");
        assertThat(of(plan, shot.with("support", Support.GIMBAL).with("move", Move.FOLLOW)))
                .isEqualTo(STANDS + "; followed, because a still frame is crossed too soon.");
    }

    @Test
    void why_it_is_recorded_quicker() {
        Shot slow = shot.with("captureRate", FrameRate.of(48));
        Plan brief = plan.apply(Change.set(action, "quick", true));

        assertThat(of(plan, slow))
                .contains("; 48 frames: " + plan.house().speed().label());
        assertThat(of(brief, slow)).contains("; 48 frames: it is brief, fast or liquid");
        assertThat(plan.house().speed()).isNotEqualTo(SpeedSchool.HIGH_FOR_OPTIONS);
    }

    @Test
    void what_is_still_wrong_with_it() {
        Plan low = plan.apply(Change.set(plan.spots().get(0), "ceilingM", Optional.of(1.6)));

        assertThat(of(low, shot)).endsWith("; still to mend: Under the ceiling.");
    }

    @Test
    void where_the_sun_is() {
        Action outside = sample.action(one -> one.with("line", Line.NONE)
                .with("spotId", sample.nextSpot())
                .with("fixedTime", Optional.of(LocalTime.of(11, 42))));
        sample.brief("shootDate", Optional.of(LocalDate.of(2026, 10, 9)))
                .brief("coordinates", Optional.of(new Coordinates(52.63, 1.30)));
        Shot there = sample.shot(outside, 90);
        Plan sunny = sample.build();
        // At 11:42 UTC the sun stands in the south. Whoever faces south has it behind a camera in front, aside of one
        // at their side, and the camera looks into it from behind them.
        Plan south = sunny.apply(Change.set(sunny.spots().get(1), "facingDeg", Optional.of(180.0)));

        assertThat(of(south, there)).contains("; side light at that hour");
        assertThat(of(south, there.with("bearingDeg", 180.0))).contains("; back light at that hour");
        assertThat(of(south, there.with("bearingDeg", 0.0))).doesNotContain("at that hour");
    }
}
