package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.house.CoverageSchool;
import upshot.core.house.SpeedSchool;
import upshot.core.house.TellingSchool;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Line;
import upshot.core.plan.Meant;
import upshot.core.plan.Move;
import upshot.core.plan.Plan;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.VoiceOver;
import upshot.core.size.Size;

/** What the rules on the whole cut say, to the word, the figure and the pictures that they mean. 24 frames a second. */
class SaidOfTheCutTest extends WholeOnSample {

    private Plan built(String field, Object value) {
        return house(sample.build(), field, value);
    }

    @ParameterizedTest
    @CsvSource({
        "239, 'Too short. 239 of 240. It is 1 frame (0.04 s) shorter than the promo''s 240. []'",
        "288, 'Too long. 288 of 240. It is 48 frames (2 s) longer than the promo''s 240. []'"
    })
    void too_short_or_too_long(int frames, String said) {
        sample.brief("lengthS", 10.0);
        use(frames, one -> one);

        assertThat(said(new Length(), sample.build())).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "132, 'A beat runs long. 5.5 of 4. Body has 5.5 s in the cut, 4 s were meant for it. [1]'",
        "60, 'A beat is short. 2.5 of 4. Body has 2.5 s in the cut, 4 s were meant for it. [1]'"
    })
    void a_beat_beside_what_was_asked_and_its_own_pictures(int frames, String said) {
        Action other = sample.action(one -> one.with("beatId", sample.nextBeat()));
        use(frames, one -> one);
        use(other, 240, one -> one);
        Plan plan = sample.build();

        assertThat(said(new BeatLength(), plan.apply(Change.set(plan.beats().get(0), "targetS", Optional.of(4.0)))))
                .isEqualTo(said);
    }

    @Test
    void a_stretch_without_a_cutaway_begins_where_it_begins() {
        use(96, one -> one);
        use(feature(), 24, one -> one);
        use(120, one -> one);
        use(96, one -> one);
        use(feature(), 24, one -> one);
        use(96, one -> one);

        // From five seconds on until the next at fourteen; the first stretch is of four seconds.
        assertThat(said(new Cutaways(), sample.build()))
                .isEqualTo("Nothing to breathe. 9 of 8. From 5 s on there is no cutaway and no detail for 9 s;"
                        + " one in eight lets the editor shorten and join. [3]");
    }

    @ParameterizedTest
    @CsvSource({"false, USUAL, true", "true, USUAL, false", "false, PERFORMANCE, false"})
    void somebody_else_lets_it_breathe_under_speech_and_in_a_performance(
            boolean speech, String coverage, boolean watched) {
        use(144, one -> one);
        use(24, one -> one.with("subjectId", Optional.of(sample.otherPerson())));
        use(240, one -> one);
        Plan plan = sample.build().apply(Change.set(sample.build().actions().get(0), "speech", speech));
        Plan school = coverage.equals("USUAL") ? plan : house(plan, "coverage", CoverageSchool.valueOf(coverage));

        assertThat(judge(new Cutaways(), school).isPresent()).isEqualTo(watched);
        Plan nobodyElse = school.apply(Change.set(school.shots().get(1), "subjectId", Optional.empty()));
        assertThat(judge(new Cutaways(), nobodyElse)).isPresent();
    }

    @Test
    void one_pace_and_many_of_one_length() {
        use(40, one -> one);
        use(60, one -> one);
        assertThat(said(new Pace(), sample.build()))
                .isEqualTo(
                        "One pace. 1.5 of 2. The longest use is 1.5 times the shortest; twice and more gives it a pulse. []");
        use(100, one -> one);
        for (int i = 0; i < 6; i++) {
            use(50, one -> one);
        }
        assertThat(said(new Pace(), sample.build()))
                .isEqualTo(
                        "Many of one length. 5 of 4. From #4 on 5 uses of 50 frames follow one another. [4, 5, 6, 7, 8]");
        for (int i = 0; i < 3; i++) {
            use(50, one -> one);
        }
        assertThat(said(new Pace(), built("telling", TellingSchool.MONTAGE)))
                .isEqualTo(
                        "Many of one length. 9 of 8. From #4 on 9 uses of 50 frames follow one another. [4, 5, 6, 7, 8, 9, 10, 11, 12]");
    }

    @Test
    void which_are_slow() {
        use(70, one -> one);
        use(30, one -> one.with("captureRate", FrameRate.of(120)));

        assertThat(said(new SlowShare(), built("speed", SpeedSchool.SPARE)))
                .isEqualTo(
                        "Slow for long. 30 of 20. 30 % of the seconds are slow; a fifth keeps slow motion an event. [2]");
    }

    @ParameterizedTest
    @CsvSource({
        "24, 48, 'It begins in haste. 1 of 2. #1 is on screen for 1 s; two are wanted. [1]'",
        "48, 36, 'It ends in haste. 1.5 of 2. #3 is on screen for 1.5 s; two are wanted. [3]'",
        "24, 36, 'It begins and ends in haste. 1 of 2. #1 is on screen for 1 s; two are wanted. [1, 3]'"
    })
    void in_which_haste(int first, int last, String said) {
        use(first, one -> one);
        use(72, one -> one);
        use(last, one -> one);
        Plan plan = sample.build();

        assertThat(said(new ShortEnds(), plan)).isEqualTo(said);
        assertThat(judge(new ShortEnds(), plan).orElseThrow().mends().get(0).label())
                .endsWith("48 frames");
    }

    @Test
    void how_it_fails_to_mirror() {
        use(48, one -> one.with("size", Size.WIDE).with("move", Move.PUSH));
        use(48, one -> one.with("size", Size.FULL));

        assertThat(said(new Mirror(), built("mirrorEnding", true)))
                .isEqualTo("It does not mirror the opening. 0 of 1. The opening is a wide, centre, where it pushes in,"
                        + " the ending a full, centre, where it rests. [1, 2]");
        SamplePlan alone = new SamplePlan();
        alone.use(alone.shot(alone.action(), one -> one), 48);
        assertThat(judge(new Mirror(), house(alone.build(), "mirrorEnding", true)))
                .as("one picture is no answer to itself")
                .isPresent();
    }

    @Test
    void where_nobody_knows_where_this_is() {
        Action elsewhere = sample.action(one -> one.with("spotId", sample.nextSpot()));
        use(120, one -> one);
        assertThat(said(new Opening(), sample.build()))
                .isEqualTo(
                        "Where is this? 5 of 4. There is no picture of the place in the cut: nobody will know where this is. []");
        use(feature(), 24, one -> one);
        use(elsewhere, 48, one -> one);

        // Two seconds of eight are a quarter.
        assertThat(said(new Opening(), sample.build()))
                .isEqualTo(
                        "Where is this? 5 of 4. The first picture of the place comes after 5 s; by 4 s a viewer wants to"
                                + " know where this is. [2] / And where is this? 25 of 20. Yard has 25 % of the cut, and none of"
                                + " its first pictures is a feature, a wide or a full. [3]");
    }

    @Test
    void what_comes_back_and_what_is_told_too_late() {
        Action second = sample.action(one -> one.with("name", "Ada sits"));
        Action third = sample.action(one -> one.with("name", "Ada sings"));
        use(second, 24, one -> one);
        use(third, 24, one -> one);
        use(second, 24, one -> one);
        use(24, one -> one);

        assertThat(said(new Telling(), sample.build()))
                .isEqualTo("Told out of order. 1 of 3. #3 comes back to Ada sits, which the film had left. [3]"
                        + " / Told out of order. 1 of 2. %s is told after Ada sits, and was written before it. [4]"
                                .formatted(action.name()));
    }

    @Test
    void without_marks_each_subject_is_a_strand() {
        Action ben = sample.action(one -> one.with("subjectId", sample.otherPerson()));
        use(ben, 24, one -> one);
        use(24, one -> one);
        use(ben, 24, one -> one);
        use(24, one -> one);

        assertThat(said(new Telling(), built("telling", TellingSchool.PARALLEL)))
                .isEmpty();
        Action later = sample.action();
        use(later, 24, one -> one);
        use(24, one -> one.with("meant", Meant.ANYTHING));
        assertThat(said(new Telling(), built("telling", TellingSchool.PARALLEL)))
                .contains("[6]");
    }

    @ParameterizedTest
    @CsvSource({"0, 6, true", "0, 6.1, false", "10.9, 12, false", "11, 12, true", "7, 8, false"})
    void a_picture_stands_as_long_as_somebody_speaks_over_it(double from, double until, boolean watched) {
        use(144, one -> one);
        use(120, one -> one);
        use(144, one -> one);
        Plan plan = sample.build().apply(new Change.Add(new VoiceOver(sample.id(), from, until, "spoken")));

        // The middle picture stands from 6 to 11 s; the ends may stand for six.
        assertThat(judge(new LongUse(), plan).isPresent()).isEqualTo(watched);
    }

    @Test
    void a_long_film_bears_longer_pictures() {
        use(720, one -> one.with("meant", Meant.MASTER));
        use(144, one -> one);
        use(96, one -> one);
        assertThat(said(new LongUse(), sample.build()))
                .as("15 % of 40 s are six")
                .isEmpty();
        Plan plan = sample.build();
        Plan longer = plan.apply(Change.set(plan.uses().get(1), "frames", 150));

        // 966 frames are 40.25 s, 15 % of them 6.04; 150 are 6.25.
        assertThat(said(new LongUse(), longer))
                .isEqualTo("It stands for long. 6.25 of 6.038. #2 stands for 6.3 s; 6 s is what it bears there. [2]");
    }

    @Test
    void where_no_beat_is_the_ending_the_last_action_is() {
        Action last = sample.action(one -> one.with("line", Line.NONE));
        use(48, one -> one.with("size", Size.FULL));
        use(last, 48, one -> one.with("size", Size.FULL));
        Plan plan = sample.build();
        Plan unmarked = plan.apply(Change.set(plan.beats().get(1), "role", StoryBeat.Role.BODY));

        assertThat(said(new Ending(), plan))
                .isEqualTo(
                        "It ends in the middle. 0 of 1. #2 belongs to Body: a film ends on its ending or on a feature. [2]");
        assertThat(said(new Ending(), unmarked)).isEmpty();
        Plan first = unmarked.apply(Change.set(
                unmarked.uses().get(1), "shotId", unmarked.shots().get(0).id()));
        assertThat(said(new Ending(), first)).contains("It ends in the middle");
    }

    @ParameterizedTest
    @CsvSource({"FULL, true", "MEDIUM, false"})
    void a_product_rests_whole_at_the_end(Size size, boolean rests) {
        Action stands = sample.action(one ->
                one.with("line", Line.NONE).with("beatId", sample.nextBeat()).with("subjectId", sample.object()));
        use(48, one -> one.with("size", Size.CLOSE_UP));
        use(stands, 48, one -> one.with("size", size));

        assertThat(said(new Ending(), built("coverage", CoverageSchool.PRODUCT)).isEmpty())
                .isEqualTo(rests);
    }
}
