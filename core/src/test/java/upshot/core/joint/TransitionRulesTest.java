package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.shot.ShotNumbers;

/** Cuts on action, transitions and moves: kept, violated, exactly on the bound, not asked. */
class TransitionRulesTest extends JointOnSample {

    private final Action action = sample.action();
    private final Shot first = sample.shot(action, 30);
    private final Shot second = sample.shot(action, 90);

    private Plan joined(Entry entry) {
        sample.use(first);
        sample.use(second, entry);
        return sample.build();
    }

    private static Use into(Plan plan) {
        return plan.uses().get(1);
    }

    @Test
    void a_cut_on_action_needs_one_action_that_repeats_or_two_cameras() {
        ActionMatch rule = new ActionMatch();
        Plan plan = joined(Entry.ACTION);
        assertThat(last(rule, plan)).isEmpty();
        assertThat(last(rule, set(plan, into(plan), "entry", Entry.STRAIGHT))).isEmpty();

        Plan once = plan.apply(Change.set(action, "once", true));
        assertThat(status(rule, once)).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, once, 0))).isEmpty();
        sample.use(sample.shot(sample.action(), 60), Entry.ACTION);
        assertThat(status(rule, sample.build())).contains(Status.BREAK);
    }

    @Test
    void a_ramp_goes_on_in_one_shot_at_another_speed() {
        TransitionFit rule = new TransitionFit();
        Plan two = joined(Entry.RAMP);
        assertThat(status(rule, two)).contains(Status.BREAK);
        assertThat(mended(rule, two, 0).uses().get(1).entry()).isEqualTo(Entry.STRAIGHT);

        sample.use(second, Entry.RAMP);
        Plan one = sample.build();
        assertThat(status(rule, one)).as("one speed").contains(Status.BREAK);
        assertThat(last(rule, mended(rule, one, 0))).isEmpty();
        assertThat(last(new TooAlike(), one)).as("it is one shot").isEmpty();
        assertThat(last(rule, set(one, one.uses().get(2), "entry", Entry.STRAIGHT)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.5, ''", "0.49, BREAK"})
    void half_a_second_of_the_action_is_held_by_both(double lasts, String expected) {
        Plan plan = joined(Entry.ACTION).apply(Change.set(action, "durationS", lasts));

        assertThat(status(new ActionMatch(), plan).map(Status::name).orElse("")).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"3, ''", "3.5, ''", "3.51, BREAK", "2.5, ''", "2.49, BREAK"})
    void where_the_uses_begin_is_known_the_second_goes_on_where_the_first_ended(double begins, String expected) {
        Plan plan = joined(Entry.ACTION);
        // The first is a second long and begins at two.
        Plan known = set(plan, plan.uses().get(0), "inS", Optional.of(2.0));
        Plan both = set(known, into(known), "inS", Optional.of(begins));

        assertThat(status(new ActionMatch(), both).map(Status::name).orElse("")).isEqualTo(expected);
    }

    @Test
    void two_speeds_in_one_movement_are_watched() {
        Plan plan = set(joined(Entry.ACTION), second, "captureRate", FrameRate.of(120));

        assertThat(status(new ActionMatch(), plan)).contains(Status.WATCH);
    }

    @ParameterizedTest
    @EnumSource(
            value = Entry.class,
            names = {"DISSOLVE", "WIPE"})
    void a_blend_is_no_longer_than_the_shorter_use_and_its_handles_are_recorded(Entry entry) {
        TransitionFit rule = new TransitionFit();
        Plan plan = joined(entry);

        assertThat(last(rule, set(plan, into(plan), "joinFrames", 24))).isEmpty();
        Plan longer = set(plan, into(plan), "joinFrames", 25);
        assertThat(status(rule, longer)).contains(Status.BREAK);
        assertThat(mended(rule, longer, 0).uses().get(1).joinFrames()).isEqualTo(24);
        // Four seconds of it: half on each side, more than the second that is kept anyhow.
        Plan slow = set(set(plan, second, "holdS", 0.5), into(plan), "joinFrames", 96);
        assertThat(ShotNumbers.of(slow, slow.shotOf(into(slow))).hold().cleanS())
                .isCloseTo(1 + 2 * 2, within(1e-9));
    }

    @Test
    void a_whip_needs_two_pans_one_way() {
        TransitionFit rule = new TransitionFit();
        Plan plan = joined(Entry.WHIP);
        assertThat(status(rule, plan)).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, plan, 0))).isEmpty();

        Plan panned = set(set(plan, first, "move", Move.PAN), second, "move", Move.PAN);
        assertThat(last(rule, panned)).isEmpty();
        Plan against = set(panned, panned.shotOf(into(panned)), "moveBack", true);
        assertThat(status(rule, against)).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, against, 0))).isEmpty();
    }

    @Test
    void through_the_foreground_both_have_one_and_matched_positions_one_place() {
        TransitionFit rule = new TransitionFit();
        Plan plan = joined(Entry.THROUGH);
        assertThat(status(rule, set(plan, first, "foreground", true))).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, plan, 0))).isEmpty();

        Plan placed = set(set(plan, into(plan), "entry", Entry.POSITION), second, "placement", Placement.LEFT_THIRD);
        assertThat(status(rule, placed)).contains(Status.BREAK);
        assertThat(last(rule, mended(rule, placed, 0))).isEmpty();
        assertThat(last(rule, set(plan, into(plan), "entry", Entry.LIFT_DROP))).isEmpty();
    }

    @Test
    void a_reverse_reveal_runs_backwards_and_can_be_read_so() {
        TransitionFit rule = new TransitionFit();
        Plan plan = joined(Entry.REVEAL);
        assertThat(status(rule, plan)).contains(Status.BREAK);
        Plan backwards = mended(rule, plan, 0);
        assertThat(last(rule, backwards)).isEmpty();
        Plan opened = backwards.apply(Change.set(action, "setsState", "opened"));
        assertThat(last(rule, opened).map(Finding::mends).orElseThrow()).singleElement();
    }

    @ParameterizedTest
    @CsvSource({
        "SLIDE, false, SLIDE, true, true", "SLIDE, false, PAN, false, false", "PUSH, false, PULL, false, true",
        "PUSH, false, PUSH, false, false", "TILT, false, LIFT, true, true", "SLIDE, false, TILT, false, false",
        "STILL, false, SLIDE, false, false"
    })
    void moves_against_each_other_are_watched(Move one, boolean oneBack, Move other, boolean otherBack, boolean clash) {
        MoveClash rule = new MoveClash();
        Shot out = sample.shot(action, shot -> shot.with("move", one).with("moveBack", oneBack));
        Shot in = sample.shot(action, shot -> shot.with("move", other).with("moveBack", otherBack));
        sample.use(out);
        sample.use(in);
        Plan plan = sample.build();

        assertThat(status(rule, plan).isPresent()).isEqualTo(clash);
        if (clash) {
            assertThat(last(rule, mended(rule, plan, 0))).isEmpty();
            assertThat(last(rule, mended(rule, plan, 1))).isEmpty();
            assertThat(last(rule, set(plan, plan.uses().get(1), "entry", Entry.WHIP)))
                    .isEmpty();
            Plan turned = set(plan, plan.uses().get(1), "frameStep", -1.0);
            assertThat(last(rule, turned))
                    .as("played backwards it goes the same way")
                    .isEmpty();
        }
    }

    @Test
    void a_pan_of_which_the_middle_is_used_is_not_cut_off() {
        // Clean for 10 + 2 s, the first and the last of them still: there is an end to cut from.
        Shot moving = sample.shot(action, one -> one.with("move", Move.SLIDE));
        Use use = sample.use(moving);
        sample.use(second);
        Plan plan = set(sample.build(), use, "inS", Optional.of(5.0));

        assertThat(status(new MoveClash(), plan)).isEmpty();
    }
}
