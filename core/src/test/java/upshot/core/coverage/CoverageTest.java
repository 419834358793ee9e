package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.house.CoverageSchool;
import upshot.core.house.PaceSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Aim;
import upshot.core.plan.Change;
import upshot.core.plan.Focus;
import upshot.core.plan.Meant;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Taken;
import upshot.core.plan.WantedLight;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;
import upshot.core.verdict.Verdict;

/** What the schools ask of an action, what the edit wishes, and how much of what is shot counts. */
class CoverageTest {

    private final SamplePlan sample = new SamplePlan();

    private static List<Hole> of(Plan plan, Hole.Want... wants) {
        return Coverage.holes(plan).stream()
                .filter(hole -> List.of(wants).contains(hole.want()))
                .toList();
    }

    private static Plan house(Plan plan, String field, Object value) {
        return plan.apply(Change.set(plan.house(), field, value));
    }

    @Test
    void a_scene_has_each_size_once_and_each_action_one_picture() {
        Action walks = sample.action();
        sample.action(one -> one.with("feature", true).with("subjectId", sample.object()));
        Action sits = sample.action();
        sample.shot(walks, shot -> shot.with("size", Size.WIDE));
        sample.shot(sits, shot -> shot.with("size", Size.MEDIUM_CLOSE));
        Plan plan = sample.build();

        assertThat(of(plan, Hole.Want.SIZE))
                .as("a feature does not part it")
                .extracting(Hole::sizeClass)
                .containsExactly(SizeClass.DETAIL);
        assertThat(of(plan, Hole.Want.FEATURE)).hasSize(1);
        assertThat(of(plan, Hole.Want.TELLING)).isEmpty();
        assertThat(of(house(plan, "coverage", CoverageSchool.TRIAD_EACH_ACTION), Hole.Want.SIZE))
                .as("each action its own")
                .hasSize(4);
        assertThat(of(plan.apply(Change.set(sits, "wantedLight", WantedLight.DARK)), Hole.Want.SIZE))
                .as("another light parts it")
                .hasSize(4);
        assertThat(of(plan.apply(Change.set(walks, "setsState", "wet")), Hole.Want.SIZE))
                .as("a state parts it")
                .hasSize(4);
        assertThat(of(plan.apply(Change.set(sits, "spotId", sample.nextSpot())), Hole.Want.SIZE))
                .hasSize(4);
    }

    @Test
    void one_picture_is_enough_where_that_is_said_and_where_it_happens_once_before_one_camera() {
        Action action = sample.action(one -> one.with("focus", Focus.HANDS));
        sample.shot(action, shot -> shot.with("size", Size.MEDIUM));
        Plan plan = sample.build();

        assertThat(of(plan, Hole.Want.SIZE)).hasSize(2);
        assertThat(of(plan.apply(Change.set(action, "onePicture", true)), Hole.Want.SIZE))
                .isEmpty();
        Plan once = plan.apply(Change.set(action, "once", true));
        assertThat(of(once, Hole.Want.SIZE)).isEmpty();
        assertThat(of(once.apply(Change.set(once.actions().get(0), "stagedAgain", true)), Hole.Want.SIZE))
                .hasSize(2);
        assertThat(of(once.apply(Change.set(once.actions().get(0), "taken", Taken.REFRAMED)), Hole.Want.SIZE))
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "HANDS, MEDIUM, UNSAID, true",
        "HANDS, MEDIUM_CLOSE, UNSAID, false",
        "HANDS, CLOSE_UP, UNSAID, true",
        "HANDS, CLOSE_UP, FACE, false",
        "HANDS, WIDE, UNSAID, false",
        "FACE, MEDIUM, UNSAID, true",
        "FACE, MEDIUM_FULL, UNSAID, false",
        "FACE, CLOSE_UP, HANDS, false",
        "FEET, FULL, UNSAID, true",
        "FEET, MEDIUM_FULL, UNSAID, false",
        "FEET, CLOSE_UP, UNSAID, true",
        "BODY, MEDIUM, UNSAID, true",
        "BODY, CLOSE_UP, UNSAID, false",
        "UNSAID, CLOSE_UP, UNSAID, true"
    })
    void a_telling_picture_shows_what_it_is_about(Focus focus, Size size, Aim aim, boolean tells) {
        Action action = sample.action(one -> one.with("focus", focus));
        sample.shot(action, shot -> shot.with("size", size).with("aim", aim));

        assertThat(of(sample.build(), Hole.Want.TELLING).isEmpty()).isEqualTo(tells);
    }

    @ParameterizedTest
    @CsvSource({
        "PUSH, false, PULL, false, true",
        "PULL, false, PUSH, false, true",
        "PUSH, false, LIFT, false, false",
        "LIFT, true, LIFT, false, true",
        "LIFT, false, LIFT, false, false",
        "SLIDE, false, PULL, false, false",
        "STILL, false, STILL, false, true",
        "STILL, false, PULL, false, false"
    })
    void a_way_out_that_turns_a_way_in_round_lets_the_film_end_as_it_began(
            Move first, boolean back, Move last, boolean lastBack, boolean answered) {
        Shot in = sample.shot(
                sample.action(),
                shot -> shot.with("meant", Meant.FIRST).with("move", first).with("moveBack", back));
        sample.shot(
                sample.action(one -> one.with("beatId", sample.nextBeat())),
                shot -> shot.with("meant", Meant.LAST).with("move", last).with("moveBack", lastBack));
        Plan plan = sample.build();
        StoryBeat ending = plan.beats().get(1);
        String asked = "no way out turns a way in round";

        assertThat(Wishes.of(plan, ending).stream().map(Wishes.Wish::sentence).anyMatch(asked::equals))
                .isEqualTo(!answered);
        assertThat(Wishes.of(plan.apply(new Change.Remove(in)), ending))
                .as("nothing to turn round")
                .extracting(Wishes.Wish::sentence)
                .doesNotContain(asked);
        assertThat(Wishes.of(house(plan, "coverage", CoverageSchool.PRODUCT), ending))
                .as("one way out is all that is asked")
                .extracting(Wishes.Wish::sentence)
                .doesNotContain(asked);
    }

    @Test
    void the_promo_holds_as_many_pictures_as_its_pace_allows_and_music_makes_them_whole_beats() {
        Plan plan = sample.build();

        // 30 s: 16.7 at 1.8 s, 25 at 1.2, 10 at 3.
        assertThat(Coverage.promoHolds(plan)).isEqualTo(17);
        assertThat(Coverage.promoHolds(house(plan, "pace", PaceSchool.QUICK))).isEqualTo(25);
        assertThat(Coverage.promoHolds(house(plan, "pace", PaceSchool.CALM))).isEqualTo(10);
        // At 100 bpm a beat is 0.6 s; three of them are 1.8. At 80 bpm it is 0.75 s; two are 1.5.
        assertThat(Coverage.promoHolds(plan.apply(Change.set(plan.brief(), "tempoBpm", Optional.of(100.0)))))
                .isEqualTo(17);
        assertThat(Coverage.promoHolds(plan.apply(Change.set(plan.brief(), "tempoBpm", Optional.of(80.0)))))
                .isEqualTo(20);
    }

    @Test
    void shoulds_are_offers_once_the_promo_is_full_and_musts_stay_holes() {
        sample.brief("lengthS", 3.6);
        Action action = sample.action();
        sample.action(one -> one.with("feature", true));
        sample.shot(action, one -> one);
        Plan room = sample.build();
        assertThat(of(room, Hole.Want.FEATURE)).hasSize(1);
        assertThat(Coverage.missingFeatures(room)).isEqualTo(2);
        sample.shot(action, 90);
        Plan full = sample.build();

        assertThat(of(full, Hole.Want.FEATURE)).as("two pictures in 3.6 s").isEmpty();
        assertThat(Coverage.missingFeatures(full)).isZero();
        assertThat(Coverage.offers(full)).extracting(Hole::want).containsExactly(Hole.Want.FEATURE);
        assertThat(of(full, Hole.Want.SIZE, Hole.Want.WAY_IN))
                .as("sizes and ways count always")
                .hasSize(3);
    }

    @Test
    void a_thing_has_its_views_once_and_each_action_on_it_two_sizes() {
        Action stands = sample.action(one -> one.with("feature", true).with("subjectId", sample.object()));
        Action opens = sample.action(one ->
                one.with("subjectId", sample.object()).with("thing", "lid").with("focus", Focus.THING));
        sample.shot(stands, one -> one.with("size", Size.FULL).with("cameraHeightM", 0.2));
        sample.shot(opens, one -> one.with("size", Size.MEDIUM).with("cameraHeightM", 0.2));
        Plan plan = house(sample.build(), "coverage", CoverageSchool.PRODUCT);

        assertThat(of(plan, Hole.Want.VIEW))
                .extracting(Hole::view)
                .containsExactly(View.FORTY_FIVE, View.OVERHEAD, View.TURNING);
        assertThat(of(plan, Hole.Want.VIEW)).extracting(Hole::actionId).containsOnly(stands.id());
        assertThat(of(plan, Hole.Want.OTHER_SIZE)).extracting(Hole::sizeClass).containsExactly(SizeClass.DETAIL);
        assertThat(of(plan, Hole.Want.WAY_IN, Hole.Want.WAY_OUT)).as("one each").hasSize(2);
        assertThat(Coverage.missingFeatures(plan)).isZero();
    }

    @Test
    void a_view_has_its_bounds() {
        Shot shot = sample.shot(sample.action(), one -> one.with("size", Size.WIDE));
        Plan plan = sample.build();

        // 1.70 m tall: low below 0.595 m, eye from 1.275 to 1.785 m, high above.
        assertThat(View.LOW.shows(plan, shot.with("cameraHeightM", 0.59))).isTrue();
        assertThat(View.LOW.shows(plan, shot.with("cameraHeightM", 0.60))).isFalse();
        assertThat(View.EYE.shows(plan, shot.with("cameraHeightM", 1.27))).isFalse();
        assertThat(View.EYE.shows(plan, shot.with("cameraHeightM", 1.78))).isTrue();
        assertThat(View.HIGH.shows(plan, shot.with("cameraHeightM", 1.79))).isTrue();
        assertThat(View.MASTER.shows(plan, shot)).isTrue();
        assertThat(View.MASTER.shows(plan, shot.with("holdS", 9.0))).isFalse();
        assertThat(View.TURNING.shows(plan, shot)).isFalse();
    }

    @Test
    void the_edit_wishes_for_ways_in_foregrounds_and_sounds() {
        Action action = sample.action(one -> one.with("beatId", sample.nextBeat()));
        Shot still = sample.shot(action, 30);
        Plan plan = sample.build();
        StoryBeat ending = plan.beats().get(1);

        assertThat(Wishes.of(plan, plan.beats().get(0))).isEmpty();
        assertThat(Wishes.of(plan, ending))
                .extracting(Wishes.Wish::sentence)
                .containsExactly("0 ways out, 2 asked", "no foreground yet", "1 action without a sound");
        Plan met = plan.apply(Change.batch(List.of(
                Change.set(still, "foreground", true),
                Change.set(action, "sound", "steps"),
                new Change.Add(Shot.draft(sample.id(), action.id(), "Z1", still.captureRate())
                        .with("move", Move.PULL)),
                new Change.Add(Shot.draft(sample.id(), action.id(), "Z2", still.captureRate())
                        .with("meant", Meant.LAST)))));
        assertThat(met.shots()).hasSize(3);
        assertThat(Wishes.of(met, ending)).singleElement().satisfies(wish -> {
            assertThat(wish.open()).isFalse();
            assertThat(wish.sentence()).isEqualTo("2 ways out, 2 asked");
        });
    }

    @Test
    void shots_that_are_too_alike_count_once() {
        Action action = sample.action();
        Shot first = sample.shot(action, 30);
        sample.use(first, 48);
        Plan one = sample.build();
        sample.shot(action, 59);
        Plan alike = sample.build();
        sample.shot(action, 90);
        Plan distinct = sample.build();

        // Ten seconds each; a turn of 29° is a little too small.
        assertThat(footage(one)).isEqualTo(new Footage(10, 2));
        assertThat(footage(alike)).isEqualTo(new Footage(10, 2));
        assertThat(footage(distinct)).isEqualTo(new Footage(20, 2));
        assertThat(Verdict.of(distinct).gauges().footageRatio())
                .isEqualTo(20 / distinct.brief().lengthS());
    }

    private static Footage footage(Plan plan) {
        return Footage.of(plan, plan.actions().get(0));
    }
}
