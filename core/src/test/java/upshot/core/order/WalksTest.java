package upshot.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.house.Threshold;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;
import upshot.core.plan.Walk;

/**
 * The hall, 6 by 5 m, at the site's own point and going deep to the north; the yard's corner 20 m to the east of it and going
 * deep to the east, so that its floor lies south of that corner. From middle to middle are 19.5 m east and 5.5 m south.
 */
class WalksTest {

    private final SamplePlan sample = new SamplePlan();
    private final Spot hall = sample.build().spots().get(0);
    private final Spot yard = sample.build().spots().get(1);
    private final List<Change> changes = new ArrayList<>();

    private Plan placed() {
        put(hall, 0, 0, 0);
        put(yard, 20, 0, 90);
        return sample.build().apply(Change.batch(changes));
    }

    private void put(Spot spot, double eastM, double northM, double facingDeg) {
        changes.add(Change.set(spot, "siteEastM", Optional.of(eastM)));
        changes.add(Change.set(spot, "siteNorthM", Optional.of(northM)));
        changes.add(Change.set(spot, "facingDeg", Optional.of(facingDeg)));
    }

    @Test
    void the_way_over_the_site_fills_the_table_up_to_the_next_half_minute() {
        Plan plan = placed();
        assertThat(Walks.fromSite(plan)).singleElement().satisfies(walk -> {
            assertThat(walk.way().lengthM()).isCloseTo(Math.hypot(19.5, 5.5), within(1e-6));
            assertThat(walk.way().minutes()).isCloseTo(1 + 20.261 / 72, within(1e-4));
        });
        assertThat(Walks.table(plan).get(0)).endsWith(1.5);
        assertThat(Walks.table(plan).get(1)).startsWith(1.5);
    }

    @Test
    void what_is_typed_holds_and_without_a_place_it_is_the_usual() {
        assertThat(Walks.table(sample.build()).get(0).get(1)).isEqualTo(Threshold.WALK.usual());
        changes.add(new Change.Add(new Walk(sample.id(), hall.id(), yard.id(), 7)));
        assertThat(Walks.table(placed()).get(0).get(1)).isEqualTo(7);
    }

    /** A skip 10 m long across the straight line: round its northern end, half a metre the shorter way. */
    @Test
    void what_stands_at_a_spot_is_walked_round() {
        changes.add(new Change.Add(new Standing(
                sample.id(),
                hall.id(),
                1,
                "Skip",
                Standing.Kind.FURNITURE,
                Outline.parse("10 -5, 11 -5, 11 5, 10 5"),
                1.5,
                "",
                "")));
        double length = Walks.fromSite(placed()).get(0).way().lengthM();
        double above = Math.hypot(9.75 - 3, 5.25 - 2.5) + 1.5 + Math.hypot(22.5 - 11.25, 5.25 + 3);
        assertThat(length).isCloseTo(above, within(1e-6));
    }

    /** With its only door in the west wall, the hall is left to the west and gone round. */
    @Test
    void a_room_with_a_door_is_left_by_it() {
        changes.add(new Change.Add(new Stretch(sample.id(), hall.id(), 1, "", Stretch.Kind.DOOR, 0, 2, 0, 3, 0, 2)));
        double length = Walks.fromSite(placed()).get(0).way().lengthM();
        assertThat(length).isBetween(3 + 0.25 + 23.0, 3 + 0.25 + 27.0);
    }

    /** As it may be for a moment, while somebody puts corners where they belong. */
    @Test
    void a_floor_whose_corners_lie_in_a_line_or_in_one_point_is_walked_to_all_the_same() {
        for (double step : new double[] {2, 0}) {
            changes.clear();
            for (int corner = 0; corner < 3; corner++) {
                changes.add(
                        new Change.Add(new FloorCorner(sample.id(), hall.id(), corner, corner * step, 0, 3, false)));
            }
            assertThat(Walks.fromSite(placed())).hasSize(1);
        }
    }
}
