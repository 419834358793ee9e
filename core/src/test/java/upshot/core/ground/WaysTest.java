package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import upshot.core.ground.Ways.Way;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;

class WaysTest {

    private static Geometry area(String corners) {
        return Shapes.area(Outline.parse(corners).corners());
    }

    private static final Geometry ROOM = area("0 0, 10 0, 10 6, 0 6");

    @Test
    void with_nothing_in_between_a_way_is_straight_and_takes_a_minute_and_its_metres_at_72_a_minute() {
        Way way = new Ways(ROOM, List.of())
                .between(new Corner(1, 1), new Corner(7, 5))
                .orElseThrow();
        assertThat(way.points()).hasSize(2);
        assertThat(way.lengthM()).isCloseTo(Math.sqrt(52), within(1e-9));
        assertThat(way.minutes()).isCloseTo(1 + Math.sqrt(52) / 72, within(1e-9));
    }

    /** A table from 4 to 6 m across, up to 3 m deep; at a quarter of a metre the way turns at (3.75, 3.25) and (6.25, 3.25). */
    @Test
    void it_goes_round_what_stands_a_quarter_of_a_metre_off() {
        Way way = new Ways(ROOM, List.of(area("4 0, 6 0, 6 3, 4 3")))
                .between(new Corner(1, 1), new Corner(9, 1))
                .orElseThrow();
        double expected = 2 * Math.hypot(2.75, 2.25) + 2.5;
        assertThat(way.lengthM()).isCloseTo(expected, within(1e-6));
    }

    @Test
    void a_gap_of_half_a_metre_is_a_way_and_a_narrower_one_is_none() {
        assertThat(throughGap(5.51)).isPresent();
        assertThat(throughGap(5.49)).isPresent();
        assertThat(throughGap(5.51).orElseThrow().lengthM())
                .as("round the other end, through 2 m")
                .isGreaterThan(throughGap(5.49).orElseThrow().lengthM() + 1);
        assertThat(new Ways(ROOM, List.of(area("4 0, 6 0, 6 5.51, 4 5.51")))
                        .between(new Corner(1, 1), new Corner(9, 1)))
                .isEmpty();
        assertThat(new Ways(ROOM, List.of(area("4 0, 6 0, 6 5.49, 4 5.49")))
                        .between(new Corner(1, 1), new Corner(9, 1)))
                .isPresent();
    }

    /** Two metres are free below, and at the top what is left up to 6 m. */
    private static Optional<Way> throughGap(double topM) {
        return new Ways(ROOM, List.of(area("4 2, 6 2, 6 %s, 4 %s".formatted(topM, topM))))
                .between(new Corner(1, 5.5), new Corner(9, 5.5));
    }

    @Test
    void whoever_stands_where_nobody_can_leaves_by_the_nearest_way() {
        Way way = new Ways(ROOM, List.of(area("4 0, 6 0, 6 3, 4 3")))
                .between(new Corner(5.8, 1), new Corner(9, 1))
                .orElseThrow();
        assertThat(way.points().get(0)).isEqualTo(new Corner(5.8, 1));
        assertThat(way.lengthM()).isCloseTo(3.2, within(1e-6));
    }

    @Test
    void where_very_much_stands_a_way_says_that_nobody_looked() {
        List<Geometry> much = new ArrayList<>();
        for (int i = 0; 5 * i <= Ways.MOST_CORNERS; i++) {
            much.add(area("4 2, 6 2, 6 3, 4 3"));
        }
        assertThat(new Ways(ROOM, much)
                        .between(new Corner(1, 1), new Corner(9, 1))
                        .orElseThrow()
                        .asTheCrowFlies())
                .isTrue();
    }

    /** Against a grid of another reckoning, whose ways are at most 8.24 % longer than straight ones. */
    @Test
    void ways_never_cross_what_stands_and_none_is_shorter() {
        Random random = new Random(20);
        int found = 0;
        for (int room = 0; room < 60; room++) {
            List<Geometry> things = things(random);
            Corner from = new Corner(0.5, 0.5 + 5 * random.nextDouble());
            Corner to = new Corner(9.5, 0.5 + 5 * random.nextDouble());
            Optional<Way> way = new Ways(ROOM, things).between(from, to);
            if (way.isPresent()) {
                found++;
                Geometry line = Shapes.line(way.get().points());
                assertThat(things).noneMatch(thing -> line.crosses(thing) || line.within(thing));
                assertThat(ROOM.covers(line)).isTrue();
                assertThat(way.get().lengthM()).isGreaterThanOrEqualTo(Place.apartM(from, to) - 1e-9);
            }
            double stepped = new SteppedWay(ROOM, things).lengthM(from, to);
            assertThat(way.map(Way::lengthM).orElse(Double.POSITIVE_INFINITY))
                    .as("room %d", room)
                    .isLessThanOrEqualTo(stepped + 0.3);
        }
        assertThat(found).isGreaterThan(30);
    }

    private static List<Geometry> things(Random random) {
        List<Geometry> things = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            double x = 1 + 7 * random.nextDouble();
            double y = 5 * random.nextDouble();
            double slant = random.nextDouble();
            double wide = 0.3 + random.nextDouble();
            double deep = 0.3 + 2 * random.nextDouble();
            things.add(Shapes.area(List.of(
                    new Corner(x, y),
                    new Corner(x + wide, y + slant),
                    new Corner(x + wide - slant / 2, y + slant + deep),
                    new Corner(x - slant / 2, y + deep))));
        }
        return things;
    }
}
