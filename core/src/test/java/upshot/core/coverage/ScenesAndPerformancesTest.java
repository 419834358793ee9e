package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.brief.Drafts;
import upshot.core.coverage.Hole.Want;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Focus;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Meant;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Priority;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Taken;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** Which actions belong together, which of them are performances, and what belongs to the whole job. */
class ScenesAndPerformancesTest {

    private final SamplePlan sample = new SamplePlan();

    private static List<List<Integer>> scenes(Plan plan) {
        return Scenes.of(plan).stream()
                .map(scene -> scene.stream().map(plan.actions()::indexOf).toList())
                .toList();
    }

    private static List<Action> wanting(Plan plan, Want want) {
        Plan school = plan.house().coverage() == CoverageSchool.PERFORMANCE
                ? plan
                : plan.apply(Change.set(plan.house(), "coverage", CoverageSchool.PERFORMANCE));
        return Coverage.all(school).stream()
                .filter(hole -> hole.want() == want)
                .map(hole -> school.get(RecordKind.ACTION, hole.actionId()))
                .distinct()
                .toList();
    }

    private Action thing(UUID subject) {
        return sample.action(one -> one.with("subjectId", subject).with("focus", Focus.THING));
    }

    @Test
    void what_happens_to_a_thing_in_between_is_in_the_same_hands() {
        sample.action();
        thing(sample.object());
        sample.action();
        sample.action(one -> one.with("subjectId", sample.otherPerson()));
        assertThat(scenes(sample.build())).containsExactly(List.of(0, 1, 2), List.of(3));
    }

    @Test
    void a_thing_before_anybody_goes_with_whoever_comes_and_a_person_looked_at_like_a_thing_does_not() {
        thing(sample.object());
        sample.action(one -> one.with("subjectId", sample.otherPerson()));
        sample.action();
        sample.action(one -> one.with("subjectId", sample.otherPerson()).with("focus", Focus.THING));
        assertThat(scenes(sample.build())).containsExactly(List.of(0, 1), List.of(2), List.of(3));
    }

    @Test
    void a_thing_that_is_looked_at_as_a_whole_is_somebody_of_its_own() {
        sample.action();
        sample.action(one -> one.with("subjectId", sample.object()).with("focus", Focus.BODY));
        assertThat(scenes(sample.build())).containsExactly(List.of(0), List.of(1));
    }

    @Test
    void what_several_take_part_in_goes_to_a_playback_or_has_a_master_is_performed() {
        Action alone = sample.action(one -> one.with("durationS", 90.0));
        Action duet = sample.action();
        Action song = sample.action(one -> one.with("playback", true));
        Action mastered = sample.action();
        assertThat(wanting(sample.build(), Want.MASTER))
                .as("the song, which goes to a playback")
                .containsExactly(song);
        sample.performer(duet, sample.otherPerson());
        sample.shot(mastered, one -> one.with("meant", Meant.MASTER).with("size", Size.MEDIUM));
        assertThat(wanting(sample.build(), Want.MASTER))
                .containsExactly(duet, song, mastered)
                .doesNotContain(alone);
    }

    @Test
    void where_nothing_is_performed_the_longest_that_a_person_does_is() {
        sample.action(one -> one.with("durationS", 90.0).with("subjectId", sample.object()));
        sample.action(one -> one.with("durationS", 10.0));
        Action longest = sample.action(one -> one.with("durationS", 20.0));
        sample.action(one -> one.with("durationS", 99.0).with("feature", true));

        assertThat(wanting(sample.build(), Want.MASTER)).containsExactly(longest);
    }

    @Test
    void each_performer_wants_an_own_mid_and_an_own_face() {
        Action duet = sample.action();
        sample.performer(duet, sample.otherPerson());
        sample.shot(duet, one -> one.with("size", Size.MEDIUM).with("subjectId", Optional.of(sample.otherPerson())));
        sample.shot(duet, one -> one.with("size", Size.CLOSE_UP).with("aim", Aim.HANDS));
        Plan plan = sample.build().apply(Change.set(sample.build().house(), "coverage", CoverageSchool.PERFORMANCE));

        assertThat(Coverage.all(plan).stream().filter(hole -> hole.want() == Want.PERFORMER))
                .extracting(
                        hole -> hole.performerId().orElseThrow().equals(sample.otherPerson()) + " " + hole.sizeClass())
                .containsExactlyInAnyOrder("false MID", "false DETAIL", "true DETAIL");
        assertThat(Coverage.all(plan).stream().filter(hole -> hole.want() == Want.FRAGMENT))
                .as("the hands are one of three")
                .hasSize(2);
    }

    @Test
    void a_picture_of_somebody_else_tells_nothing_of_an_action() {
        Action action = sample.action();
        Shot shot = sample.shot(action, 30);
        Plan plan = sample.build();

        assertThat(TellingPicture.is(plan, shot)).isTrue();
        assertThat(TellingPicture.is(plan, shot.with("subjectId", Optional.of(action.subjectId()))))
                .isTrue();
        assertThat(TellingPicture.is(plan, shot.with("subjectId", Optional.of(sample.otherPerson()))))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({"true, '', true", "true, lid, false", "false, '', false"})
    void a_thing_that_is_all_of_its_action_is_told_by_any_picture(boolean object, String lid, boolean tells) {
        Action action = sample.action(one -> (object ? one.with("subjectId", sample.object()) : one)
                .with("focus", Focus.THING)
                .with("thing", lid));
        Shot wide = sample.shot(action, one -> one.with("size", Size.WIDE));

        assertThat(TellingPicture.is(sample.build(), wide)).isEqualTo(tells);
    }

    @Test
    void what_would_be_missing_without_some_shots_and_what_must_be_shot() {
        Action action = sample.action();
        Shot wide = sample.shot(action, one -> one.with("size", Size.WIDE));
        Shot mid = sample.shot(action, one -> one.with("priority", Priority.SHOULD));
        Plan plan = sample.build();

        assertThat(Coverage.without(plan, List.of(wide)))
                .extracting(Hole::sizeClass)
                .containsExactly(SizeClass.WIDE);
        assertThat(Coverage.without(plan, List.of(mid)))
                .extracting(Hole::sizeClass)
                .containsExactly(SizeClass.MID);
        assertThat(Coverage.without(plan, List.of())).isEmpty();
        assertThat(Coverage.musts(plan)).isEqualTo(1);
        Action other = sample.action(one -> one.with("spotId", sample.nextSpot()));
        assertThat(Coverage.holes(sample.build(), other))
                .isNotEmpty()
                .allMatch(hole -> hole.actionId().equals(other.id()));
    }

    @ParameterizedTest
    @CsvSource({
        "false, SHOT_BY_SHOT, false, 3",
        "true, SHOT_BY_SHOT, false, 1",
        "true, SHOT_BY_SHOT, true, 3",
        "true, REFRAMED, false, 3",
        "true, TWO_CAMERAS, false, 1"
    })
    void what_happens_once_owes_as_many_pictures_as_can_be_taken(
            boolean once, Taken taken, boolean again, int pictures) {
        Action action =
                sample.action(one -> one.with("once", once).with("taken", taken).with("stagedAgain", again));
        Plan plan = sample.build();

        assertThat(new Shown(plan, shot -> true).owed(action)).isEqualTo(pictures);
        Plan two = plan.apply(Drafts.add(plan, RecordKind.BODY, "B", null, sample::id));
        assertThat(new Shown(two, shot -> true).owed(action)).isEqualTo(taken == Taken.TWO_CAMERAS ? 2 : pictures);
    }

    @ParameterizedTest
    @CsvSource({
        "PULL, false, WIDE, NONE, STAYS, 1",
        "LIFT, false, MEDIUM, NONE, STAYS, 1",
        "LIFT, true, WIDE, NONE, STAYS, 0",
        "STILL, false, FULL, NONE, STAYS, 1",
        "STILL, false, MEDIUM, NONE, STAYS, 0",
        "STILL, false, FULL, TRAVEL, STAYS, 0",
        "PAN, false, FULL, NONE, STAYS, 0",
        "PAN, false, MEDIUM, TRAVEL, LEAVES, 1"
    })
    void what_lets_go_of_the_film(Move move, boolean back, Size size, Line line, FrameUse frame, int out) {
        Action ending = sample.action(
                one -> one.with("beatId", sample.nextBeat()).with("line", line).with("speedMps", 1.0));
        sample.shot(
                ending,
                one -> one.with("move", move)
                        .with("moveBack", back)
                        .with("size", size)
                        .with("frameUse", frame));
        Plan plan = sample.build();

        assertThat(new Ways(plan, plan.shots()).out()).isEqualTo(out);
        Plan body = plan.apply(Change.set(plan.beats().get(1), "role", StoryBeat.Role.BODY));
        assertThat(new Ways(body, body.shots()).out())
                .as("in the middle nothing does")
                .isZero();
    }

    @Test
    void steeper_than_level_is_high_too() {
        Action action = sample.action();
        Shot hands = sample.shot(action, one -> one.with("aim", Aim.HANDS).with("size", Size.CLOSE_UP));
        Plan plan = sample.build();

        // Hands are 0.986 m up and the lens 1.66 m away: 0.3, 0.9 and 1.5 m above are 10°, 33° and 65°.
        assertThat(View.HIGH.shows(plan, hands.with("cameraHeightM", 1.286))).isFalse();
        assertThat(View.HIGH.shows(plan, hands.with("cameraHeightM", 1.886))).isTrue();
        assertThat(View.HIGH.shows(plan, hands.with("cameraHeightM", 2.186)))
                .as("from 45°")
                .isTrue();
        assertThat(View.HIGH.shows(plan, hands.with("cameraHeightM", 2.486)))
                .as("overhead")
                .isFalse();
    }
}
