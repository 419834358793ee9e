package upshot.core.whole;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.finding.Finding;
import upshot.core.house.CoverageSchool;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FrameUse;
import upshot.core.plan.Line;
import upshot.core.plan.Move;
import upshot.core.plan.Placement;
import upshot.core.plan.Plan;
import upshot.core.size.Size;

/** How a film begins and ends. */
class EndsTest extends WholeOnSample {

    @ParameterizedTest
    @CsvSource({"96, false", "97, true"})
    void a_picture_of_the_place_comes_within_four_seconds_of_a_short_cut(int before, boolean watched) {
        use(before, one -> one.with("size", Size.WIDE));
        use(feature(), 48, one -> one.with("size", Size.MEDIUM));

        assertThat(watched(new Opening())).isEqualTo(watched);
    }

    @Test
    void in_a_long_cut_it_may_come_later_and_without_any_it_is_said() {
        use(120, one -> one);
        assertThat(watched(new Opening())).isTrue();
        // Five of 40 seconds are an eighth, less than 15 %.
        use(840, one -> one.with("size", Size.EXTREME_WIDE));
        assertThat(watched(new Opening())).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "WIDE, STAYS, true",
        "WIDE, ENTERS, false",
        "WIDE, LEAVES, true",
        "FULL, ENTERS, true",
        "EXTREME_WIDE, STAYS, false"
    })
    void a_wide_that_is_never_empty_is_no_picture_of_the_place(Size size, FrameUse frame, boolean watched) {
        use(96, one -> one.with("size", size).with("frameUse", frame));

        assertThat(watched(new Opening())).isEqualTo(watched);
        assertThat(judge(new Opening(), house(sample.build(), "coverage", CoverageSchool.PRODUCT)))
                .as("a product is its own place")
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"MEDIUM, 24, true", "FULL, 24, false", "MEDIUM, 23, false"})
    void a_further_place_that_matters_is_shown_among_its_first_three(Size third, int frames, boolean watched) {
        Action elsewhere = sample.action(one -> one.with("spotId", sample.nextSpot()));
        use(feature(), 120 - frames, one -> one);
        use(elsewhere, 8, one -> one);
        use(elsewhere, 8, one -> one);
        use(elsewhere, frames - 16, one -> one.with("size", third));

        assertThat(watched(new Opening())).isEqualTo(watched);
    }

    @ParameterizedTest
    @CsvSource({
        "STILL, STAYS, true",
        "PULL, STAYS, false",
        "LIFT, STAYS, false",
        "PUSH, STAYS, true",
        "PUSH, LEAVES, false"
    })
    void a_closing_image_lets_go(Move move, FrameUse leaves, boolean watched) {
        Action ending = sample.action(one -> one.with("beatId", sample.nextBeat()));
        use(48, one -> one);
        use(ending, 48, one -> one.with("move", move).with("frameUse", leaves));
        Plan plan = sample.build();

        assertThat(judge(new Ending(), plan).isPresent()).isEqualTo(watched);
        if (watched) {
            assertThat(judge(new Ending(), mended(new Ending(), plan, 0))).isEmpty();
            assertThat(judge(new Ending(), mended(new Ending(), plan, 1))).isEmpty();
        }
    }

    @Test
    void a_film_does_not_end_in_its_middle() {
        use(48, one -> one.with("move", Move.PULL));

        assertThat(judge(new Ending(), sample.build()).map(Finding::title)).contains("It ends in the middle.");
        use(feature(), 48, one -> one.with("move", Move.PULL));
        assertThat(watched(new Ending())).as("on a feature it may").isFalse();
    }

    @ParameterizedTest
    @CsvSource({"FULL, 48, false", "FULL, 47, true", "MEDIUM_FULL, 48, true", "WIDE, 48, false"})
    void it_may_rest_for_two_seconds_on_as_much_as_the_opening_showed(Size last, int frames, boolean watched) {
        Action ending =
                sample.action(one -> one.with("beatId", sample.nextBeat()).with("line", Line.NONE));
        use(48, one -> one.with("size", Size.FULL).with("placement", Placement.LEFT_THIRD));
        use(ending, frames, one -> one.with("size", last));

        assertThat(watched(new Ending())).isEqualTo(watched);
    }

    @Test
    void a_push_and_a_still_do_not_mirror_each_other() {
        use(48, one -> one.with("size", Size.WIDE).with("move", Move.PUSH));
        use(48, one -> one.with("size", Size.WIDE));
        Plan asked = house(sample.build(), "mirrorEnding", true);

        assertThat(judge(new Mirror(), house(asked, "mirrorEnding", false))).isEmpty();
        assertThat(judge(new Mirror(), asked)).isPresent();
        Plan pulled = asked.apply(Change.set(asked.shots().get(1), "move", Move.PULL));
        assertThat(judge(new Mirror(), pulled)).isEmpty();
        Plan backwards = asked.apply(Change.set(asked.shots().get(1), "move", Move.PUSH));
        assertThat(judge(new Mirror(), backwards)).isPresent();
        assertThat(judge(
                        new Mirror(),
                        backwards.apply(Change.set(backwards.uses().get(1), "frameStep", -1.0))))
                .as("a push played backwards pulls")
                .isEmpty();
        Plan aside = pulled.apply(Change.set(pulled.shots().get(1), "placement", Placement.LEFT_THIRD));
        assertThat(judge(new Mirror(), aside)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"48, 48, 0", "47, 48, 1", "48, 47, 1", "47, 12, 2"})
    void both_ends_last_two_seconds(int first, int last, int mends) {
        use(first, one -> one);
        use(10, one -> one);
        use(last, one -> one);
        Plan plan = sample.build();

        assertThat(judge(new ShortEnds(), plan)
                        .map(finding -> finding.mends().size())
                        .orElse(0))
                .isEqualTo(mends);
        if (mends == 1) {
            assertThat(judge(new ShortEnds(), mended(new ShortEnds(), plan, 0))).isEmpty();
        }
    }
}
