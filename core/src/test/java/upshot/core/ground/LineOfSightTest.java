package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import upshot.core.SamplePlan;
import upshot.core.plan.Change;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.Outline;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Plan;
import upshot.core.plan.Standing;
import upshot.core.plan.Stretch;

/** How much is hidden: by hand, and against rays of another reckoning. */
class LineOfSightTest {

    /** In the tests a part of the five hundred. */
    private static final int ROOMS = Integer.getInteger("upshot.rooms", 12);

    private static final int RAYS = 10_000;
    private static final double TWO_POINTS = 0.02;

    private final SamplePlan sample = new SamplePlan();
    private final UUID spot = sample.build().spots().get(0).id();
    private final List<Change> changes = new ArrayList<>();

    private void stands(double heightM, Corner... corners) {
        changes.add(new Change.Add(new Standing(
                sample.id(),
                spot,
                changes.size(),
                "table",
                Standing.Kind.FURNITURE,
                new Outline(List.of(corners)),
                heightM,
                "",
                "")));
    }

    private void floor(double wallM, Corner... corners) {
        for (Corner corner : corners) {
            changes.add(new Change.Add(new FloorCorner(
                    sample.id(), spot, changes.size(), corner.acrossM(), corner.deepM(), wallM, false)));
        }
    }

    private void opening(Stretch.Kind what, Corner from, Corner to, double sillM, double headM) {
        changes.add(new Change.Add(new Stretch(
                sample.id(),
                spot,
                changes.size(),
                "",
                what,
                from.acrossM(),
                from.deepM(),
                to.acrossM(),
                to.deepM(),
                sillM,
                headM)));
    }

    private FloorPlan plan() {
        Plan plan = sample.build().apply(new Change.Batch(changes));
        return FloorPlan.of(plan, plan.spots().get(0));
    }

    private static Corner at(double across, double deep) {
        return new Corner(across, deep);
    }

    /** Camera 1.6 m high, subject 4 m away from the floor to 1.8 m; the table lies from 1 to 2 m of the way. */
    @ParameterizedTest
    @CsvSource({
        // Below the eye its far edge hides most: 1.6 + (h − 1.6) / 0.5.
        "0.8, 0.0",
        "1.0, 0.2222",
        "1.4, 0.6667",
        // From the eye up its near edge does: 1.6 + (h − 1.6) / 0.25.
        "1.6, 0.8889",
        "1.65, 1.0"
    })
    void a_table_hides_what_lies_below_the_line_over_its_edge(double tableM, double share) {
        stands(tableM, at(-2, 1), at(2, 1), at(2, 2), at(-2, 2));

        assertThat(LineOfSight.hidden(plan(), at(0, 0), 1.6, at(0, 4), 0.5, 0, 1.8))
                .isCloseTo(share, within(1e-3));
    }

    @Test
    void a_pillar_hides_the_columns_behind_it() {
        // Half a metre wide at half the way hides a metre at the subject: the right half of one that is a metre broad.
        stands(3, at(0, 2), at(0.5, 2), at(0.5, 2.01), at(0, 2.01));

        assertThat(LineOfSight.hidden(plan(), at(0, 0), 1.6, at(0, 4), 1, 0, 1.8))
                .isCloseTo(0.5, within(0.01));
    }

    @Test
    void what_lies_flat_closes_the_way_and_hides_nothing() {
        stands(0, at(-2, 1), at(2, 1), at(2, 2), at(-2, 2));

        assertThat(LineOfSight.hidden(plan(), at(0, 0), 1.6, at(0, 4), 0.5, 0, 1.8))
                .isZero();
    }

    @Test
    void round_a_slanted_corner_one_does_not_see_and_through_its_window_one_does() {
        // A floor like an arrow: its notch (3, 3) reaches between both arms, behind walls of 3 m.
        floor(3, at(0, 0), at(3, 3), at(6, 0), at(6, 6), at(0, 6));
        Corner camera = at(0.5, 1);
        Corner subject = at(5.5, 1);
        assertThat(LineOfSight.hidden(plan(), camera, 1.6, subject, 0.5, 0, 1.8))
                .isEqualTo(1);
        opening(Stretch.Kind.WINDOW, at(0.5, 0.5), at(1.5, 1.5), 0.9, 2);
        assertThat(LineOfSight.hidden(plan(), camera, 1.6, subject, 0.5, 0, 1.8))
                .as("out by the window, and in through the other wall")
                .isEqualTo(1);
        opening(Stretch.Kind.WINDOW, at(4.5, 1.5), at(5.5, 0.5), 0.9, 2);
        // The far sill counts: 1.6 − 0.7 / 0.9 = 0.82 m of 1.8 m are hidden.
        assertThat(LineOfSight.hidden(plan(), camera, 1.6, subject, 0.01, 0, 1.8))
                .isCloseTo(0.457, within(0.005));
    }

    private static Corner turned(Corner middle, double across, double deep, double angle) {
        return at(
                middle.acrossM() + across * Math.cos(angle) - deep * Math.sin(angle),
                middle.deepM() + across * Math.sin(angle) + deep * Math.cos(angle));
    }

    /** A camera, a subject, and boxes at any angle between and around them. */
    static Stream<Long> rooms() {
        return Stream.iterate(0L, seed -> seed + 1).limit(ROOMS);
    }

    @ParameterizedTest
    @MethodSource("rooms")
    void the_hidden_share_is_that_of_ten_thousand_rays(long seed) {
        Random chance = new Random(seed);
        floor(0, at(-2, -2), at(12, -2), at(12, 12), at(-2, 12));
        Corner camera = at(10 * chance.nextDouble(), 3 * chance.nextDouble());
        Corner subject = at(10 * chance.nextDouble(), 5 + 5 * chance.nextDouble());
        for (int box = chance.nextInt(7); box >= 0; box--) {
            Corner middle = at(10 * chance.nextDouble(), 10 * chance.nextDouble());
            double wide = 0.2 + 2 * chance.nextDouble();
            double deep = 0.2 + 2 * chance.nextDouble();
            double angle = Math.PI * chance.nextDouble();
            stands(
                    0.2 + 2.5 * chance.nextDouble(),
                    turned(middle, -wide, -deep, angle),
                    turned(middle, wide, -deep, angle),
                    turned(middle, wide, deep, angle),
                    turned(middle, -wide, deep, angle));
        }
        double eye = 0.3 + 2.5 * chance.nextDouble();
        double breadth = 0.2 + 2 * chance.nextDouble();
        double low = chance.nextDouble();
        double high = low + 0.2 + 1.5 * chance.nextDouble();
        FloorPlan plan = plan();

        double says = LineOfSight.hidden(plan, camera, eye, subject, breadth, low, high);

        int hidden = 0;
        double apart = Place.apartM(camera, subject);
        double sx = (subject.deepM() - camera.deepM()) / apart;
        double sy = -(subject.acrossM() - camera.acrossM()) / apart;
        for (int ray = 0; ray < RAYS; ray++) {
            double aside = breadth * (chance.nextDouble() - 0.5);
            double height = low + (high - low) * chance.nextDouble();
            Corner target = at(subject.acrossM() + aside * sx, subject.deepM() + aside * sy);
            hidden += blocked(plan, camera, eye, target, height) ? 1 : 0;
        }
        assertThat(says).isCloseTo((double) hidden / RAYS, within(TWO_POINTS));
    }

    /** By the library: where the ray's foot lies over a thing, it is blocked when it is as low there as the thing is high. */
    private static boolean blocked(FloorPlan plan, Corner camera, double eyeM, Corner target, double heightM) {
        Geometry foot = Shapes.line(List.of(camera, target));
        for (FloorPlan.Thing thing : plan.things()) {
            if (!thing.area().intersects(foot)) {
                continue;
            }
            for (Coordinate end : foot.intersection(thing.area().getGeometry()).getCoordinates()) {
                double share = Place.apartM(camera, Shapes.corner(end)) / Place.apartM(camera, target);
                if (eyeM + share * (heightM - eyeM) <= thing.heightM()) {
                    return true;
                }
            }
        }
        return false;
    }
}
