package upshot.core.shot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.plan.Use;

/**
 * What the rules on how a camera moves say, and on who moves before it, to the word and the figure. A medium of Ada, 0.935 m
 * high, at 50 mm from 3.388 m, the lens 1.5 m up: 3.384 m over the floor. What is in no cut counts two seconds of 24 frames.
 */
class SaidOfMovesTest extends ShotOnSample {

    private final Shot base = shot(one -> one, one -> one);
    private final Plan plan = sample.build();

    private Plan going(double speedMps) {
        return plan.apply(Change.set(plan.actionOf(base), "speedMps", speedMps));
    }

    private Shot moved(Move move, Support support) {
        return base.with("move", move).with("support", support);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // 120° of a circle of 3.384 m are 7.09 m; 1.5 m/s for two seconds are 3 m, 50.8° of it.
                "GIMBAL | 120 | BREAK The gimbal cannot move so fast. 3.544 of 3. 7.09 m in 2 s of screen is 3.54 m/s for"
                        + " the camera; 3 m/s is what it does. [Orbit 51°]",
                "GIMBAL | 60 | WATCH Only at a run. 1.772 of 1.5. 3.54 m in 2 s of screen is 1.77 m/s for the camera; steady"
                        + " is up to 1.5 m/s. [Orbit 51°]",
                "TURNTABLE | 121 | BREAK Turns too fast. 60.5 of 60. 121° in 2 s of screen is 61° a second; 60° is the most."
                        + " [Turn 120°]",
                "TURNTABLE | 120 | ''"
            })
    void an_orbit_is_walked_and_a_turntable_turns(Support support, double turn, String said) {
        Plan orbit = plan.apply(Change.batch(List.of(
                Change.set(base, "move", Move.ORBIT),
                Change.set(base, "support", support),
                Change.set(base, "turnDeg", turn))));

        assertThat(said(new MoveSpeed(), orbit, again(orbit, base))).isEqualTo(said);
        new MoveSpeed().judge(orbit, again(orbit, base)).ifPresent(finding -> {
            Plan mended = mended(orbit, finding, 0);
            assertThat(new MoveSpeed().judge(mended, again(mended, base))).isEmpty();
        });
    }

    @Test
    void a_slide_on_a_tripod_a_follow_of_nobody_and_one_that_is_outrun() {
        assertThat(said(new MoveSpeed(), plan, moved(Move.SLIDE, Support.TRIPOD).with("moveM", 0.2)))
                .isEqualTo(
                        "BREAK The tripod cannot move so fast. 0.1 of 0. 0.2 m in 2 s of screen is 0.1 m/s for the camera;"
                                + " 0 m/s is what it does. [Keep still]");
        Plan nobody = plan.apply(Change.set(plan.actionOf(base), "line", Line.NONE));
        assertThat(said(
                        new MoveSpeed(),
                        nobody,
                        moved(Move.FOLLOW, Support.SLIDER).with("moveM", 2.0)))
                .isEqualTo(
                        "BREAK The slider cannot move so fast. 1 of 0.5. 2 m in 2 s of screen is 1 m/s for the camera;"
                                + " 0.5 m/s is what it does. [Move 1 m]");
        assertThat(said(
                        new MoveSpeed(),
                        going(3.5),
                        moved(Move.FOLLOW, Support.GIMBAL).with("bearingDeg", 90.0)))
                .isEqualTo(
                        "BREAK The gimbal cannot move so fast. 3.5 of 3. The subject goes at 3.5 m/s; 3 m/s is what it"
                                + " does. [Pan with it]");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // 5 m/s at 3.384 m are 84.65° a second; the 85 mm stands at 5.76 m: 49.8°. Nine are 89.6° even there.
                "5 | WATCH Turns fast. 84.648 of 60. Where it passes nearest the camera turns after it by 85° a second; up to"
                        + " 60° is easy, 120° the most. [Pan with it from 5.76 m, through the 85 mm]",
                "9 | BREAK Turns fast. 152.366 of 120. Where it passes nearest the camera turns after it by 152° a second; up"
                        + " to 60° is easy, 120° the most. []"
            })
    void turning_after_somebody_who_passes(double speedMps, String said) {
        Shot pursuing =
                base.with("move", Move.PAN).with("reason", MoveReason.FOLLOWS).with("bearingDeg", 90.0);

        assertThat(said(new MoveSpeed(), going(speedMps), pursuing)).isEqualTo(said);
    }

    @Test
    void a_pan_that_is_too_fast_one_that_goes_in_steps_and_one_that_is_a_whip() {
        assertThat(said(new MoveSpeed(), plan, moved(Move.PAN, Support.TRIPOD).with("turnDeg", 150.0)))
                .isEqualTo(
                        "BREAK Turns too fast. 75 of 60. 150° in 2 s of screen is 75° a second; 60° is the most. [Turn 120°]");
        // Seven seconds for each width of the field, 28°.
        Shot panned = moved(Move.PAN, Support.TRIPOD).with("turnDeg", 30.0);
        assertThat(said(new MoveSpeed(), plan, panned))
                .isEqualTo(
                        "WATCH The turn is seen in steps. 2 of 7.513. 30° across a field of 28° is smooth from 7.5 s of"
                                + " screen on, this has 2. [It follows a mover]");
        Use first = sample.use(base, 48);
        Use second = sample.use(shot(one -> one, one -> one), 48);
        Plan cut = sample.build();
        assertThat(new MoveSpeed().judge(cut, panned)).isPresent();
        assertThat(new MoveSpeed().judge(cut.apply(Change.set(second, "entry", Entry.WHIP)), panned))
                .as("whips out of it")
                .isEmpty();
        assertThat(new MoveSpeed().judge(cut.apply(Change.set(first, "entry", Entry.WHIP)), panned))
                .as("whips into it")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // The frame is 1.662 m wide: half of it at 8 m/s takes 0.104 s, all of it 0.208.
                "8 | ENTERS | TRIPOD | WATCH Gone in 0.1 s. 0.208 of 0.5. It is through the whole frame in 0.21 s: nobody will"
                        + " see what it was. [Make it a wide, From behind, 160°, more along its way, Slower, from 60 frames]",
                "8 | STAYS | TRIPOD | BREAK Gone in 0.1 s. 2 of 0.104. The middle of the frame is crossed in 0.1 s and the shot"
                        + " is on screen for 2 s. [From behind, 180°, more along its way]",
                "1.4 | STAYS | GIMBAL | BREAK Gone in 0.59 s. 2 of 0.594. The middle of the frame is crossed in 0.59 s and the"
                        + " shot is on screen for 2 s. [Follow it, Pan with it, Make it a wide, From behind, 165°, more along"
                        + " its way, Slower, from 120 frames]"
            })
    void whoever_is_through_too_soon(double speedMps, FrameUse frame, Support support, String said) {
        Shot crossed = base.with("bearingDeg", 90.0).with("frameUse", frame).with("support", support);

        assertThat(said(new QuickCrossing(), going(speedMps), crossed)).isEqualTo(said);
    }
}
