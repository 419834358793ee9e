package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Mend;
import upshot.core.finding.Status;
import upshot.core.house.SpeedSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.plan.Rise;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.size.Size;

/** What the rules on joints say, to the word and the figure, and what they offer. 24 frames a second. */
class SaidOfJointsTest extends JointOnSample {

    private final Action action = sample.action(one -> one.with("line", Line.NONE));

    private Plan cut(Shot first, Shot second) {
        sample.use(first);
        sample.use(second);
        return sample.build();
    }

    private static Plan entered(Plan plan, Entry entry) {
        return set(plan, plan.uses().get(plan.uses().size() - 1), "entry", entry);
    }

    private Shot placed(Placement placement, double bearing) {
        return sample.shot(
                action,
                one -> one.with("placement", placement)
                        .with("cameraHeightM", 1.3175)
                        .with("bearingDeg", bearing));
    }

    @Test
    void how_far_the_eye_goes_and_where_it_could_be_awaited() {
        Plan plan = cut(placed(Placement.LEFT_THIRD, 0), placed(Placement.RIGHT_THIRD, 0));

        assertThat(said(new EyeJump(), plan))
                .isEqualTo("WATCH The eye has far to go. 0.333 of 0.2. It jumps 33 % of the frame; 20 % can be followed"
                        + " in the time it is on screen.");
        // The centre is a sixth away: both are near enough.
        assertThat(last(new EyeJump(), plan).orElseThrow().mends())
                .extracting(Mend::label)
                .allMatch(label -> label.startsWith("Place "))
                .satisfiesExactly(
                        left -> assertThat(left).endsWith(" in the left third"),
                        centre -> assertThat(centre).endsWith(" in the centre"));
    }

    @ParameterizedTest
    @CsvSource({
        "1, 1.7, 0, 0, WATCH",
        "1, 1.69, 0, 0, BREAK",
        "1.7, 1, 0, 0, WATCH",
        "1.5, 1.5, 0, 0, BREAK",
        "1.5, 1.5, -1, 1, WATCH",
        "1, 1.5, 0, 1, BREAK",
        "1.5, 1, 1, 0, BREAK"
    })
    void the_same_seconds_again_closer_or_of_another_corner_are_a_second_look(
            double zoom, double otherZoom, double across, double otherAcross, Status expected) {
        Shot shot = sample.shot(action, 30);
        Use first = sample.use(shot);
        Use again = sample.use(shot);
        Plan plan = set(set(sample.build(), first, "inS", Optional.of(0.0)), again, "inS", Optional.of(0.5));
        Plan one =
                set(set(plan, plan.uses().get(0), "cropZoom", zoom), plan.uses().get(1), "cropZoom", otherZoom);
        Plan both = set(
                set(one, one.uses().get(0), "cropAcross", across), one.uses().get(1), "cropAcross", otherAcross);

        assertThat(said(new SameSeconds(), both))
                .isEqualTo(expected + " Seen before. 0.5 of 0. 0.5 s of #1 are shown a second time.");
        Plan lower = set(both, both.uses().get(1), "cropDown", 1.0);
        assertThat(status(new SameSeconds(), lower))
                .as("higher and lower likewise, where both are cropped")
                .contains(zoom > 1 && otherZoom > 1 ? Status.WATCH : expected);
    }

    @ParameterizedTest
    @CsvSource({"UP, DOWN, up, down", "DOWN, UP, down, up", "UP, UP, '', ''", "NEITHER, UP, '', ''"})
    void what_pours_beside_what_rises(Rise first, Rise second, String out, String into) {
        Plan plan = cut(
                sample.shot(sample.action(one -> one.with("rises", first)), 30),
                sample.shot(sample.action(one -> one.with("rises", second)), 60));

        assertThat(said(new UpAndDown(), plan))
                .isEqualTo(
                        out.isEmpty()
                                ? ""
                                : "WATCH Up against down. 1 of 0. In #1 it goes %s, in #2 %s.".formatted(out, into));
        if (!out.isEmpty()) {
            assertThat(last(new UpAndDown(), plan).orElseThrow().mends())
                    .extracting(Mend::label)
                    .containsExactly("Mark as matched");
            assertThat(said(new UpAndDown(), mended(new UpAndDown(), plan, 0))).isEmpty();
            assertThat(said(new UpAndDown(), entered(plan, Entry.RETURN))).isEmpty();
        }
    }

    @Test
    void two_sides_of_a_look_and_of_people() {
        Action looks = sample.action(one -> one.with("line", Line.LOOK));
        Plan plan = cut(sample.shot(looks, 30), sample.shot(looks, 300));

        // sin 300° = −0.866, sin 30° = 0.5.
        assertThat(said(new LineCross(), plan))
                .isEqualTo("WATCH The camera crossed the line. -0.866 of 0.5. #1 and #2 stand on two sides of the look:"
                        + " it seems to turn round.");
        sample.performer(looks, sample.otherPerson());
        assertThat(said(new LineCross(), sample.build()))
                .isEqualTo("BREAK The camera crossed the line. -0.866 of 0.5. #1 and #2 stand on two sides of the line"
                        + " between people: they seem to change places.");
    }

    @Test
    void a_look_of_somebody_else_does_not_settle_a_line_and_another_beat_does() {
        Action looks = sample.action(one -> one.with("line", Line.LOOK));
        Action ben = sample.action(one -> one.with("line", Line.LOOK).with("subjectId", sample.otherPerson()));
        sample.use(sample.shot(looks, 30));
        sample.use(sample.shot(ben, 60));
        sample.use(sample.shot(looks, 300));

        assertThat(status(new LineCross(), sample.build())).contains(Status.WATCH);
        Action ending = sample.action(one -> one.with("line", Line.LOOK).with("beatId", sample.nextBeat()));
        sample.use(sample.shot(ending, 60));
        assertThat(status(new LineCross(), sample.build())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"60, 40, WATCH", "60, 240, ''", "60, 300, WATCH", "60, -40, WATCH", "60, 130, ''", "60, -80, ''"})
    void an_orbit_that_ends_on_the_other_side_has_gone_across(double from, double turn, String expected) {
        Action looks = sample.action(one -> one.with("line", Line.LOOK));
        sample.use(sample.shot(looks, 60));
        sample.use(sample.shot(
                looks,
                one -> one.with("bearingDeg", from)
                        .with("move", Move.ORBIT)
                        .with("moveBack", turn < 0)
                        .with("turnDeg", Math.min(Math.abs(turn), 360))));
        sample.use(sample.shot(looks, 300));
        assertThat(status(new LineCross(), sample.build()).map(Status::name).orElse(""))
                .isEqualTo(expected);
    }

    @Test
    void a_whip_a_match_and_a_ramp_that_do_not_fit() {
        Shot still = placed(Placement.LEFT_THIRD, 0);
        Shot other = placed(Placement.CENTRE, 60);
        Plan plan = cut(still, other);

        assertThat(said(new TransitionFit(), entered(plan, Entry.WHIP)))
                .isEqualTo("BREAK No whip there. 0 of 2. A whip out of #1 needs a pan at its end and one the same way"
                        + " at the beginning of #2.");
        Plan against = set(set(set(plan, still, "move", Move.PAN), other, "move", Move.PAN), still, "moveBack", true);
        assertThat(said(new TransitionFit(), entered(against, Entry.WHIP))).contains(" 1 of 2. ");
        Plan moving = mended(new TransitionFit(), entered(set(plan, other, "move", Move.SLIDE), Entry.WHIP), 0);
        assertThat(moving.shots().get(0).move()).isEqualTo(Move.PAN);
        assertThat(moving.shots().get(1).move())
                .as("what it does it goes on doing")
                .isEqualTo(Move.SLIDE);
        assertThat(moving.shots().get(1).alsoMove()).isEqualTo(Move.PAN);
        assertThat(said(new TransitionFit(), entered(plan, Entry.POSITION)))
                .contains(
                        "BREAK",
                        "0 of 1. #1 stands in the left third and #2 in the centre: they have to sit at one place.");
        assertThat(said(new TransitionFit(), entered(plan, Entry.RAMP)))
                .contains("1 of 1. A ramp changes the speed within one shot; #1 and #2 are two.");
        assertThat(said(new TransitionFit(), entered(plan, Entry.REVEAL)))
                .contains("1 of 0. A reverse reveal runs backwards.");
    }

    @Test
    void something_in_front_of_one_of_two_is_one_too_few() {
        Shot first = sample.shot(action, 30);
        Plan plan = entered(cut(first, sample.shot(action, 90)), Entry.THROUGH);

        assertThat(said(new TransitionFit(), plan)).contains(" 0 of 2. The camera passes something close in both");
        assertThat(said(new TransitionFit(), set(plan, first, "foreground", true)))
                .contains(" 1 of 2. ");
    }

    @ParameterizedTest
    @CsvSource({"1.0, 1.2, ''", "1.2, 1.0, ''", "1.0, 1.21, 1.21", "1.3, 1.0, 1.3"})
    void what_is_matched_has_one_size_within_a_fifth(double first, double second, String times) {
        Plan plan = entered(
                cut(
                        sample.shot(
                                action,
                                one -> one.with("insertHeightM", Optional.of(first))
                                        .with("size", Size.INSERT)),
                        sample.shot(
                                action,
                                one -> one.with("insertHeightM", Optional.of(second))
                                        .with("size", Size.INSERT))),
                Entry.LIFT_DROP);

        assertThat(said(new TransitionFit(), plan))
                .isEqualTo(
                        times.isEmpty()
                                ? ""
                                : "BREAK No lift and drop there. %s of 1.2. It is %s times as large in one as in the other; a fifth more is not seen."
                                        .formatted(times, times));
    }

    @Test
    void one_pace_on_both_sides_of_a_ramp() {
        Shot shot = sample.shot(action, one -> one.with("captureRate", FrameRate.of(48)));
        Plan plan = entered(cut(shot, shot), Entry.RAMP);

        assertThat(said(new TransitionFit(), plan)).contains("0.5 of 0.5. Both sides of the ramp play at ");
        assertThat(mended(new TransitionFit(), plan, 0).uses().get(1).frameStep())
                .isEqualTo(2);
        Plan quick =
                set(set(plan, plan.uses().get(0), "frameStep", 2.0), plan.uses().get(1), "frameStep", 2.0);
        assertThat(mended(new TransitionFit(), quick, 0).uses().get(1).frameStep())
                .isEqualTo(1);
    }

    @Test
    void what_two_alike_pictures_are_told_and_the_nearest_size_that_helps() {
        Plan plan = cut(placed(Placement.CENTRE, 0), placed(Placement.CENTRE, 12));

        // Level with what both are aimed at, so that the turn is the whole angle; half a degree is given.
        assertThat(said(new TooAlike(), plan))
                .startsWith(
                        "BREAK Too alike. 0.417 of 1. The size steps 1 times and the view turns 12°; a step of 1.7 or a"
                                + " turn of 30° is enough alone. The cut will look like a slip.");
        assertThat(last(new TooAlike(), plan).orElseThrow().mends())
                .extracting(Mend::label)
                .anyMatch(label -> label.endsWith(" a full"));
        Plan apart = cut(placed(Placement.CENTRE, 0), placed(Placement.CENTRE, 60));
        assertThat(said(new TooAlike(), apart))
                .startsWith("CLEAR Far enough apart. 2.017 of 1.")
                .doesNotContain("slip");
    }

    @Test
    void slow_twice_running_needs_a_picture_of_another_speed_between() {
        Plan plan = cut(
                sample.shot(sample.action(), one -> one.with("captureRate", FrameRate.of(120))),
                sample.shot(sample.action(), one -> one.with("captureRate", FrameRate.of(48))));

        assertThat(said(new SpeedRun(), house(house(plan, "speed", SpeedSchool.VARIED), "speed", SpeedSchool.SPARE)))
                .startsWith("WATCH ");
    }
}
