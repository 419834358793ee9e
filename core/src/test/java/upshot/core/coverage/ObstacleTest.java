package upshot.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import upshot.core.SamplePlan;
import upshot.core.coverage.Hole.Want;
import upshot.core.plan.Action;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.Support;
import upshot.core.plan.Taken;
import upshot.core.size.Size;
import upshot.core.size.SizeClass;

/** Why nothing fills a hole, in words that say what would have to change. */
class ObstacleTest {

    private static final UUID ID = new UUID(0x4000L, 0x8000_0000_0000_0001L);

    private final SamplePlan sample = new SamplePlan();
    private final Action action = sample.action();

    private String to(Plan plan, SizeClass size, View view) {
        return Obstacle.to(plan, Hole.seen(Want.VIEW, action.id(), size, view, ""), ID);
    }

    private Plan room(double metres) {
        return sample.build().apply(Change.set(sample.build().spots().get(0), "roomM", metres));
    }

    @Test
    void the_nearest_miss_says_how_much_room_it_needs() {
        // A full, 1.955 m, through 24 mm on 14 mm from 3.375 m; from the eyes, 0.68 m above its middle, 3.306 m over
        // the
        // floor.
        assertThat(to(room(0.5), SizeClass.WIDE, View.ANY))
                .isEqualTo(
                        "It needs at least 3.31 m to stand back and Hall gives 0.5 m: a shorter lens or more room would help.");
    }

    @Test
    void with_room_enough_it_is_what_else_is_in_the_way() {
        Plan low = sample.build().apply(Change.set(sample.build().spots().get(0), "ceilingM", Optional.of(2.0)));

        // From 45° above a wide the lens would be far above 1.7 m.
        assertThat(to(low, SizeClass.WIDE, View.FORTY_FIVE)).startsWith("Under the ceiling. The ceiling is at 2 m");
    }

    @Test
    void what_the_kit_has_not_is_named() {
        Plan legs =
                sample.build().apply(new Change.Add(new Carrier(sample.id(), "Legs", 1, Support.TRIPOD, 0.3, 1.8, 0)));

        assertThat(to(legs, SizeClass.MID, View.TURNING))
                .isEqualTo("The kit has no turntable: add one, or choose another school.");
    }

    @Test
    void a_view_that_no_lens_gives() {
        Plan flat = sample.build().apply(Change.set(sample.build().subjects().get(0), "heightM", 0.05));

        // Low is under a third of five centimetres, and no lens comes nearer to the floor than five.
        assertThat(to(flat, SizeClass.MID, View.LOW))
                .isEqualTo("No lens of the kit shows it low from where a support can hold it.");
    }

    @Test
    void what_is_there_already_is_counted() {
        for (double bearing : new double[] {20, 30, 45, 60, 75, 90, 105, 120, 135, 150, 160}) {
            for (Size size : Size.values()) {
                if (size.sizeClass() == SizeClass.MID) {
                    sample.shot(
                            action,
                            one -> one.with("bearingDeg", bearing)
                                    .with("size", size)
                                    .with("cameraHeightM", 1.53));
                }
            }
        }
        assertThat(to(sample.build(), SizeClass.MID, View.EYE))
                .matches(
                        "Each of \\d+ stands is too like what is there \\(33 shots\\): turn or resize one of those, or free the other side\\.");
    }

    @Test
    void somebody_who_is_through_the_frame_before_they_are_seen() {
        Plan quick = room(4).apply(Change.set(action, "speedMps", 30.0));

        assertThat(to(quick, SizeClass.DETAIL, View.ANY)).startsWith("It is through the frame before it is seen");
    }

    @Test
    void what_could_be_shot_and_would_be_nothing_else() {
        assertThat(to(sample.build(), SizeClass.MID, View.EYE))
                .isEqualTo("Whatever can be shot from there would be no other eye height.");
    }

    @Test
    void what_happens_once_has_as_many_pictures_as_it_can() {
        Hole hole = Hole.of(Want.SIZE, action.id(), SizeClass.WIDE, "");
        sample.shot(action, 30);
        Plan plan = sample.build();
        Plan once = plan.apply(Change.set(action, "once", true));

        assertThat(Obstacle.happensOnce(plan, hole)).isFalse();
        assertThat(Obstacle.happensOnce(once, hole)).isTrue();
        Action now = once.actions().get(0);
        assertThat(Obstacle.happensOnce(once.apply(Change.set(now, "stagedAgain", true)), hole))
                .isFalse();
        assertThat(Obstacle.happensOnce(once.apply(Change.set(now, "feature", true)), hole))
                .isFalse();
        assertThat(Obstacle.happensOnce(once.apply(Change.set(now, "taken", Taken.REFRAMED)), hole))
                .as("a run of three sizes has two to come")
                .isFalse();
        assertThat(Obstacle.once(once, hole))
                .startsWith("It happens once and has 1 picture, as many as the cameras can take.");
    }
}
