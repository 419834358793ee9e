package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Support;
import upshot.core.size.Size;

/** Ada is 1.70 m: at her eyes from 1.275 to 1.785 m, low under 0.595. */
class SpreadTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action before = sample.action();
    private final Action action = sample.action();
    private final Action feature = sample.action(one -> one.with("feature", true));
    private final Action after = sample.action();
    private final Shot wanted = sample.shot(feature, one -> one);

    /** A medium from the front at the eyes, on legs. */
    private Shot usual(Action of) {
        return sample.shot(of, one -> one.with("cameraHeightM", 1.5).with("bearingDeg", 30.0));
    }

    private static Shot other(Shot shot) {
        return shot.with("cameraHeightM", 0.3).with("bearingDeg", 150.0).with("support", Support.GIMBAL);
    }

    /** Without the one picture by which things are measured here. */
    private Plan plan() {
        return sample.build().apply(new Change.Remove(wanted));
    }

    private double cost(Shot shot) {
        return new Spread(plan(), action).cost(shot);
    }

    private Shot one() {
        return wanted.with("actionId", action.id()).with("cameraHeightM", 1.5).with("bearingDeg", 30.0);
    }

    @Test
    void the_first_picture_of_a_job_is_all_of_its_height_and_support() {
        assertThat(cost(one())).isCloseTo(2 + 0.8, within(1e-9));
        assertThat(cost(other(one()))).isCloseTo(2 + 0.8, within(1e-9));
    }

    @Test
    void beside_one_of_its_own_what_differs_in_height_and_side_is_cheaper() {
        usual(action);

        // Both: 2 · 1 + 0.8 · 1, and 0.8 for each of height and side. Half of each, and 1.2 less for each that is new.
        assertThat(cost(one())).isCloseTo(2 + 0.8 + 1.6, within(1e-9));
        assertThat(cost(other(one()))).isCloseTo(1 + 0.4 - 2.4, within(1e-9));
        assertThat(cost(one().with("bearingDeg", 150.0))).isCloseTo(2 + 0.8 - 1.2 + 0.8, within(1e-9));
        assertThat(cost(one().with("cameraHeightM", 0.3))).isCloseTo(1 + 0.8 - 1.2 + 0.8, within(1e-9));
        assertThat(cost(one().with("support", Support.GIMBAL))).isCloseTo(2 + 0.4 + 1.6, within(1e-9));
    }

    @Test
    void a_neighbour_is_not_framed_alike_in_size_height_and_side_and_features_are_no_neighbours() {
        usual(before);
        usual(after);
        usual(feature);

        // Four at one height of four: share 1, 0.55 over 0.45, fourteen times; two neighbours of four each.
        assertThat(cost(one())).isCloseTo(2 + 0.8 + 14 * 0.55 + 8, within(1e-9));
        assertThat(cost(one().with("size", Size.WIDE)))
                .as("another size is another framing")
                .isCloseTo(2 + 0.8 + 14 * 0.55, within(1e-9));
        assertThat(cost(other(one()))).isCloseTo(0.5 + 0.2 - 2.4, within(1e-9));
    }

    @Test
    void from_three_pictures_on_much_of_one_height_costs_more() {
        usual(action);
        usual(action);
        other(action);

        // Eye: three of four, 0.3 over; two of its own alike in both.
        assertThat(cost(one())).isCloseTo(1.5 + 0.8 * 3 / 4 + 14 * 0.3 + 3.2, within(1e-9));
        // Low: two of four, 0.05 over; from behind like its own third.
        assertThat(cost(other(one()))).isCloseTo(1 + 0.8 * 2 / 4 + 14 * 0.05 + 1.6, within(1e-9));
    }

    private void other(Action of) {
        sample.shot(of, SpreadTest::other);
    }

    @Test
    void another_beat_has_nothing_of_its_own_to_differ_from() {
        Action ending = sample.action(one -> one.with("beatId", sample.nextBeat()));
        usual(action);

        // It is a neighbour of none that has a picture: half of everything.
        assertThat(new Spread(plan(), ending).cost(other(one()))).isCloseTo(1 + 0.4, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0, FRONT",
        "45, FRONT",
        "46, SIDE",
        "135, SIDE",
        "136, BEHIND",
        "180, BEHIND",
        "225, SIDE",
        "224, BEHIND",
        "315, FRONT",
        "314, SIDE"
    })
    void where_round_somebody_it_is(double bearing, Spread.Round round) {
        assertThat(Spread.Round.of(one().with("bearingDeg", bearing))).isEqualTo(round);
    }

    @ParameterizedTest
    @CsvSource({
        "7, 1, ', where 7 of the 8 others are at the eyes'",
        "5, 2, ', where 5 of the 7 others are at the eyes'",
        "4, 2, ''",
        "3, 0, ', where 3 of the 3 others are at the eyes'",
        "2, 0, ''"
    })
    void a_height_that_few_have_says_what_it_adds(int eye, int low, String words) {
        for (int i = 0; i < eye; i++) {
            usual(action);
        }
        for (int i = 0; i < low; i++) {
            other(action);
        }
        assertThat(new Spread(plan(), action).adds(other(one()))).isEqualTo(words);
    }
}
