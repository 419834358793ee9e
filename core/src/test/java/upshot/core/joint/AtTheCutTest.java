package upshot.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.frame.CutFrame;
import upshot.core.house.TellingSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Entry;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.MoveReason;
import upshot.core.plan.Plan;
import upshot.core.plan.Rise;
import upshot.core.plan.Shot;
import upshot.core.plan.Use;
import upshot.core.size.Size;

/** Pictures are compared as they are when they meet: moves done, played backwards, cropped, aimed at what they show. */
class AtTheCutTest extends JointOnSample {

    private final Action works = sample.action(
            one -> one.with("line", Line.NONE).with("thing", "cup").with("thingBaseM", 0.9));

    private Optional<Status> joint(Shot out, Shot into, UnaryOperator<Use> use, MeetingRule rule) {
        sample.use(out);
        Use second = sample.use(into);
        Plan plan = sample.build();
        Plan changed = plan;
        Use wanted = use.apply(second);
        if (!wanted.equals(second)) {
            changed = plan.apply(Change.edit(second, use::apply));
        }
        return last(rule, changed).map(Finding::status);
    }

    private Shot shot(UnaryOperator<Shot> change) {
        return sample.shot(works, one -> change.apply(one.with("bearingDeg", 30.0)));
    }

    @Test
    void a_push_that_ends_where_the_next_begins_is_seen_as_too_alike() {
        // Medium F 0.935 m at 50 mm from 3.39 m; 2.2 m nearer it shows 0.014·(1.19/0.05 − 1) = 0.319 m.
        Shot push = shot(one -> one.with("move", Move.PUSH).with("moveM", 1.6));
        Shot close = shot(one -> one.with("size", Size.CLOSE_UP)
                .with("aimHeightM", Optional.of(1.3175))
                .with("cameraHeightM", 1.5));

        assertThat(joint(push, close, use -> use, new TooAlike())).contains(Status.BREAK);
    }

    @Test
    void without_the_push_the_same_two_are_far_apart() {
        Shot still = shot(one -> one);
        Shot close = shot(one -> one.with("size", Size.CLOSE_UP).with("aimHeightM", Optional.of(1.3175)));

        assertThat(joint(still, close, use -> use, new TooAlike())).contains(Status.CLEAR);
    }

    @ParameterizedTest
    @CsvSource({"30, BREAK", "60, CLEAR"})
    void an_orbit_counts_from_where_it_ends(double into, Status expected) {
        // From −30 + 60 = 30° on; the next from 30° is the same view, from 60° it is not.
        Shot orbit = shot(
                one -> one.with("bearingDeg", 330.0).with("move", Move.ORBIT).with("turnDeg", 60.0));

        assertThat(joint(orbit, shot(one -> one.with("bearingDeg", into)), use -> use, new TooAlike()))
                .contains(expected);
    }

    @ParameterizedTest
    @EnumSource(
            value = Entry.class,
            names = {"DISSOLVE", "WIPE", "MATCHED", "POSITION", "JUMP"})
    void a_picture_that_goes_over_into_the_next_or_is_declared_a_match_is_not_asked(Entry entry) {
        assertThat(joint(shot(one -> one), shot(one -> one), use -> use.withEntry(entry), new TooAlike()))
                .isEmpty();
    }

    @Test
    void inserts_of_two_things_in_the_same_hands_are_two_subjects() {
        Action other = sample.action(
                one -> one.with("line", Line.NONE).with("thing", "spoon").with("thingBaseM", 0.9));
        UnaryOperator<Shot> insert =
                one -> one.with("insertHeightM", Optional.of(0.3)).with("size", Size.INSERT);

        assertThat(joint(sample.shot(works, insert), sample.shot(other, insert), use -> use, new TooAlike()))
                .isEmpty();
    }

    @Test
    void another_place_is_another_picture() {
        Action elsewhere = sample.action(one -> one.with("line", Line.NONE).with("spotId", sample.nextSpot()));

        assertThat(joint(
                        shot(one -> one),
                        sample.shot(elsewhere, one -> one.with("bearingDeg", 30.0)),
                        use -> use,
                        new TooAlike()))
                .isEmpty();
    }

    @Test
    void hands_and_face_of_one_size_are_not_alike() {
        Shot hands = shot(one -> one.with("size", Size.CLOSE_UP).with("aim", Aim.HANDS));
        Shot face = shot(one -> one.with("size", Size.CLOSE_UP).with("aim", Aim.FACE));

        assertThat(joint(hands, face, use -> use, new TooAlike())).isEmpty();
    }

    @Test
    void in_a_montage_nobody_turns_into_somebody_else() {
        Action theirs = sample.action(one -> one.with("line", Line.NONE).with("subjectId", sample.otherPerson()));
        sample.use(shot(one -> one));
        sample.use(sample.shot(theirs, one -> one.with("bearingDeg", 30.0)));
        Plan plan = sample.build();

        assertThat(status(new TooAlike(), plan)).contains(Status.WATCH);
        assertThat(status(new TooAlike(), house(plan, "telling", TellingSchool.MONTAGE)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1.7, CLEAR", "1.69, WATCH", "1.2, BREAK"})
    void a_crop_counts_as_the_picture_that_it_leaves(double zoom, Status expected) {
        assertThat(joint(shot(one -> one), shot(one -> one), use -> use.withCropZoom(zoom), new TooAlike()))
                .contains(expected);
    }

    @Test
    void a_crop_moves_what_is_looked_at_and_flipping_turns_it_round() {
        Shot shot = shot(one -> one.with("cameraHeightM", 1.5).with("bearingDeg", 0.0));
        Use use = sample.use(shot).withCropZoom(2).withCropAcross(1);
        Plan plan = sample.build();

        // The right half: what was in the middle is at its left edge; of the height the middle half is left.
        CutFrame right = CutFrame.of(plan, shot, use, false);
        assertThat(right.eye().u()).isCloseTo(0, within(0.03));
        assertThat(right.view().heightM()).isCloseTo(0.935 / 2, within(1e-9));
        CutFrame flipped = CutFrame.of(plan, shot, use.withFlipped(true), false);
        assertThat(flipped.eye().u()).isCloseTo(1 - right.eye().u(), within(1e-9));
    }

    @Test
    void flipped_travel_goes_the_other_way() {
        Action crossing = sample.action();
        Shot shot = sample.shot(crossing, 90);
        Use use = sample.use(shot);
        Plan plan = sample.build();

        assertThat(CutFrame.of(plan, shot, use, true).travel())
                .isEqualTo(CutFrame.of(plan, shot, use.withFlipped(true), true)
                        .travel()
                        .turnedRound());
    }

    @Test
    void a_pull_played_backwards_pushes_and_does_not_work_against_a_push() {
        Shot pull = shot(one -> one.with("move", Move.PULL));
        Shot push = shot(one -> one.with("move", Move.PUSH));

        assertThat(joint(push, pull, use -> use, new MoveClash())).contains(Status.WATCH);
        assertThat(joint(push, pull, use -> use.withFrameStep(-1), new MoveClash()))
                .isEmpty();
    }

    @Test
    void a_clash_says_what_is_seen() {
        sample.use(shot(one -> one.with("code", "E1").with("move", Move.PULL)));
        Use backwards = sample.use(shot(one -> one.with("code", "E2").with("move", Move.PULL)));
        Plan plan = set(sample.build(), backwards, "frameStep", -1.0);

        assertThat(last(new MoveClash(), plan).orElseThrow().sentence())
                .isEqualTo("E1 (pull out) works against E2 (pull out, backwards: it pushes in).");
    }

    @ParameterizedTest
    @CsvSource({"true, WATCH", "false, ''"})
    void a_cutaway_slides_with_what_travels_beside_it(boolean back, String expected) {
        Action place = sample.action(one -> one.with("feature", true).with("line", Line.NONE));
        sample.use(sample.shot(sample.action(), 90));
        sample.use(sample.shot(
                place,
                one -> one.with("move", Move.SLIDE).with("moveBack", back).with("reason", MoveReason.REVEALS)));

        assertThat(status(new MoveClash(), sample.build()).map(Enum::name).orElse(""))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "UP, DOWN, 1, true",
        "UP, UP, 1, false",
        "UP, DOWN, -1, false",
        "UP, NEITHER, 1, false",
        "UP, DOWN, 0, false"
    })
    void what_rises_beside_what_pours_is_watched(Rise first, Rise second, double played, boolean watched) {
        Action rises = sample.action(one -> one.with("rises", first));
        Action pours = sample.action(one -> one.with("rises", second));
        sample.use(sample.shot(rises, 30));
        Use into = sample.use(sample.shot(pours, 90));
        Plan plan = played == 1 ? sample.build() : set(sample.build(), into, "frameStep", played);

        assertThat(status(new UpAndDown(), plan).isPresent()).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({"1.7, WATCH", "1.69, BREAK"})
    void the_same_seconds_cropped_enough_are_a_second_look(double zoom, Status expected) {
        Shot shot = shot(one -> one);
        Use first = sample.use(shot);
        Use again = sample.use(shot);
        Plan plan = set(set(sample.build(), first, "inS", Optional.of(0.0)), again, "inS", Optional.of(0.5));

        assertThat(status(new SameSeconds(), plan)).contains(Status.BREAK);
        assertThat(status(new SameSeconds(), set(plan, again, "cropZoom", zoom)))
                .contains(expected);
    }

    @ParameterizedTest
    @CsvSource({"MEDIUM, false", "MEDIUM_FULL, true"})
    void a_match_in_position_has_one_scale_within_a_fifth(Size size, boolean broken) {
        assertThat(joint(
                                shot(one -> one),
                                shot(one -> one.with("size", size)),
                                use -> use.withEntry(Entry.POSITION),
                                new TransitionFit())
                        .isPresent())
                .isEqualTo(broken);
    }
}
