package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Spot;

/** The hall's corner lies ten metres east and twenty north. */
class SiteTest {

    private final Plan plan = new SamplePlan().build();
    private final Spot hall = plan.spots().get(0);

    private Site.Placed placed(double facingDeg) {
        Plan there = plan.apply(Change.batch(List.of(
                Change.set(hall, "siteEastM", Optional.of(10.0)),
                Change.set(hall, "siteNorthM", Optional.of(20.0)),
                Change.set(hall, "facingDeg", Optional.of(facingDeg)))));
        return Site.of(there).of(hall.id()).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        // Across 1, deep 2: deep is north, then east, south, west.
        "0, 11, 22",
        "90, 12, 19",
        "180, 9, 18",
        "270, 8, 21",
        // Turned by 30°: across 1 goes (cos 30°, −sin 30°), deep 2 goes (2 sin 30°, 2 cos 30°).
        "30, 11.8660254, 21.2320508"
    })
    void a_point_of_a_spot_lies_on_the_site_as_it_is_turned_and_back(double facing, double east, double north) {
        Site.Placed spot = placed(facing);
        Corner onSite = spot.onSite(new Corner(1, 2));

        assertThat(onSite.acrossM()).isCloseTo(east, within(1e-6));
        assertThat(onSite.deepM()).isCloseTo(north, within(1e-6));
        assertThat(spot.own(onSite).acrossM()).isCloseTo(1, within(1e-9));
        assertThat(spot.own(onSite).deepM()).isCloseTo(2, within(1e-9));
    }

    @Test
    void whoever_has_no_place_is_not_on_it() {
        Plan half = plan.apply(Change.set(hall, "siteEastM", Optional.of(10.0)));

        assertThat(Site.of(half).spots()).isEmpty();
        assertThat(Site.of(half).of(hall.id())).isEmpty();
        assertThat(Site.of(half).way(hall.id(), plan.spots().get(1).id())).isEmpty();
    }
}
