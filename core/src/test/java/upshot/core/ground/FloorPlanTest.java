package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.finding.Finding;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.verdict.Verdict;

class FloorPlanTest {

    private final SamplePlan sample = new SamplePlan();
    private final Action action =
            sample.action(one -> one.with("acrossM", Optional.of(5.0)).with("deepM", Optional.of(2.0)));
    private final Spot hall = sample.build().spots().get(0);
    private final Spot yard = sample.build().spots().get(1);
    private final List<Change> drawn = new ArrayList<>();

    private Plan plan() {
        return sample.build().apply(Change.batch(drawn));
    }

    private FloorPlan floor(Spot spot) {
        return FloorPlan.of(plan(), spot);
    }

    private void stands(Spot spot, Standing.Kind what, String corners, double heightM) {
        drawn.add(new Change.Add(new Standing(
                sample.id(), spot.id(), drawn.size(), "thing", what, Outline.parse(corners), heightM, "", "")));
    }

    private void corner(Spot spot, double acrossM, double deepM) {
        drawn.add(new Change.Add(new FloorCorner(sample.id(), spot.id(), drawn.size(), acrossM, deepM, 2.5, false)));
    }

    /** An L of 4 by 6 m. */
    @Test
    void its_own_corners_go_before_width_and_depth_and_those_of_others_are_not_its_own() {
        for (double[] one : new double[][] {{1, 0}, {5, 0}, {5, 2}, {3, 2}, {3, 6}, {1, 6}}) {
            corner(hall, one[0], one[1]);
        }
        FloorPlan drawnHall = floor(hall);
        assertThat(drawnHall.wideM()).isEqualTo(4);
        assertThat(drawnHall.deepM()).isEqualTo(6);
        assertThat(drawnHall.longestM()).isCloseTo(Math.hypot(4, 6), within(1e-9));
        assertThat(drawnHall.walls()).hasSize(6);
        assertThat(drawnHall.holds(new Corner(4, 1))).isTrue();
        assertThat(drawnHall.holds(new Corner(4, 3))).isFalse();
        assertThat(drawnHall.holds(new Corner(5, 1)))
                .as("the edge belongs to it")
                .isTrue();
        assertThat(drawnHall.drawn()).isTrue();

        assertThat(floor(yard).wideM()).isEqualTo(6);
        assertThat(floor(yard).drawn()).isFalse();
    }

    @Test
    void two_corners_are_no_floor_yet() {
        corner(hall, 0, 0);
        corner(hall, 9, 0);
        assertThat(floor(hall).wideM()).isEqualTo(6);
        corner(hall, 9, 9);
        assertThat(floor(hall).wideM()).isEqualTo(9);
    }

    @Test
    void things_and_doors_belong_to_their_spot_and_make_it_drawn() {
        stands(yard, Standing.Kind.FURNITURE, "1 1, 2 1, 2 2", 1);
        assertThat(floor(hall).drawn()).isFalse();
        assertThat(floor(hall).things()).isEmpty();
        assertThat(floor(yard).drawn()).isTrue();
        drawn.clear();
        drawn.add(new Change.Add(new Stretch(sample.id(), yard.id(), 1, "", Stretch.Kind.DOOR, 0, 1, 0, 2, 0, 2)));
        assertThat(floor(hall).stretches()).isEmpty();
        assertThat(floor(hall).drawn()).isFalse();
        assertThat(floor(yard).drawn()).isTrue();
    }

    /** A stage 0.6 m high with a rostrum of 1 m on it; a table as high is none. */
    @Test
    void a_raised_floor_is_as_high_as_the_highest_part_that_one_stands_on() {
        stands(hall, Standing.Kind.RAISED, "0 0, 4 0, 4 4, 0 4", 0.6);
        stands(hall, Standing.Kind.RAISED, "1 1, 2 1, 2 2, 1 2", 1);
        stands(hall, Standing.Kind.FURNITURE, "3 3, 4 3, 4 4, 3 4", 2);
        FloorPlan plan = floor(hall);
        assertThat(plan.levelM(new Corner(3.5, 0.5))).isEqualTo(0.6);
        assertThat(plan.levelM(new Corner(1.5, 1.5))).isEqualTo(1);
        assertThat(plan.levelM(new Corner(3.5, 3.5))).isEqualTo(0.6);
        assertThat(plan.levelM(new Corner(5, 0.5))).isZero();
        assertThat(plan.closedAt(new Corner(1.5, 1.5)))
                .as("one may stand there")
                .isEmpty();
        assertThat(plan.closedAt(new Corner(3.5, 3.5))).isPresent();
    }

    /**
     * A lens at 1.5 m and 3.38 m away, a screen of 1.7 m a metre before the subject: all is hidden. On a stage of 1 m the lens
     * is at 2.5 m, and the screen's edge meets the subject at 2.5 − 0.8/0.645 = 1.26 m, below all of the picture.
     */
    @Test
    void who_stands_on_a_stage_is_seen_over_what_hides_those_below() {
        Shot shot = sample.shot(action, one -> one.with("bearingDeg", 0.0));
        drawn.add(Change.set(hall, "depthM", 12.0));
        stands(hall, Standing.Kind.FURNITURE, "3 3, 7 3, 7 3.2, 3 3.2", 1.7);
        assertThat(rules(shot)).contains("blocked-sight");
        stands(hall, Standing.Kind.RAISED, "2 0, 8 0, 8 2.9, 2 2.9", 1);
        assertThat(rules(shot)).doesNotContain("blocked-sight");
    }

    private List<String> rules(Shot shot) {
        return Verdict.of(plan()).findingsOf(shot).stream().map(Finding::ruleId).toList();
    }
}
