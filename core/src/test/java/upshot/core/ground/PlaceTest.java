package upshot.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Outline.Corner;
import upshot.core.plan.Performer;
import upshot.core.plan.Plan;
import upshot.core.plan.Waypoint;

class PlaceTest {

    private final SamplePlan sample = new SamplePlan();
    private final List<Change> more = new ArrayList<>();

    private Action at(UnaryOperator<Action> change) {
        return sample.action(change);
    }

    private void passes(Action action, double... points) {
        for (int i = 0; i < points.length; i += 2) {
            more.add(new Change.Add(new Waypoint(sample.id(), action.id(), i, points[i], points[i + 1], 0)));
        }
    }

    private Optional<Place> place(Action action) {
        Plan plan = sample.build().apply(new Change.Batch(more));
        return Place.of(plan, action);
    }

    private static UnaryOperator<Action> on(double across, double deep) {
        return one -> one.with("acrossM", Optional.of(across)).with("deepM", Optional.of(deep));
    }

    @Test
    void an_action_that_nobody_has_put_anywhere_has_no_place() {
        assertThat(place(sample.action())).isEmpty();
        assertThat(Place.directionDeg(sample.build(), sample.action())).isZero();
    }

    @Test
    void without_a_way_it_looks_as_the_spot_goes_deep() {
        assertThat(place(at(on(2, 3)))).contains(new Place(new Corner(2, 3), 0));
    }

    @Test
    void its_line_is_that_of_its_way_where_it_is() {
        Action action = at(on(4.5, 2));
        // Four metres to the right, then four deep.
        passes(action, 0, 2, 4, 2, 4, 6);

        assertThat(place(action).orElseThrow().directionDeg())
                .as("nearest to the second leg")
                .isEqualTo(0);
        Action before = at(on(1, 2.5));
        passes(before, 0, 2, 4, 2, 4, 6);
        assertThat(place(before).orElseThrow().directionDeg()).isEqualTo(90);
    }

    @Test
    void where_nobody_says_where_on_its_way_it_is_halfway() {
        Action action = sample.action();
        passes(action, 0, 0, 3, 4, 3, 4, 3, 14);

        // Five metres and ten: halfway is two and a half metres up the second leg.
        Place place = place(action).orElseThrow();
        assertThat(place.at().acrossM()).isCloseTo(3, within(1e-9));
        assertThat(place.at().deepM()).isCloseTo(6.5, within(1e-9));
        assertThat(place.directionDeg()).isCloseTo(0, within(1e-9));
    }

    @Test
    void two_people_have_their_line_between_them() {
        Action action = at(on(1, 1));
        more.add(new Change.Add(
                new Performer(sample.id(), action.id(), sample.otherPerson(), 1, Optional.of(2.0), Optional.of(2.0))));

        assertThat(place(action).orElseThrow().directionDeg()).isCloseTo(45, within(1e-9));
    }

    @RepeatedTest(50)
    void a_camera_put_on_a_bearing_stands_on_that_bearing(RepetitionInfo run) {
        Random chance = new Random(run.getCurrentRepetition());
        Place place = new Place(
                new Corner(20 * chance.nextDouble() - 10, 20 * chance.nextDouble() - 10), 360 * chance.nextDouble());
        double bearing = 360 * chance.nextDouble();
        double metres = 0.1 + 30 * chance.nextDouble();

        Corner camera = place.camera(bearing, metres);

        assertThat(Place.apartM(place.at(), camera)).isCloseTo(metres, within(1e-9));
        double off = Math.abs(place.bearingOf(camera) - bearing);
        assertThat(Math.min(off, 360 - off)).isCloseTo(0, within(1e-7));
    }
}
