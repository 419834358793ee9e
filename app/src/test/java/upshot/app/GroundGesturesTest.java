package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Coordinates;
import upshot.core.plan.FloorCorner;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.Standing;
import upshot.core.plan.Waypoint;

/** What is put on a plan and moved about on it. The sample's hall is 6 by 5 m. */
@AppTest
class GroundGesturesTest extends GestureOnSample {

    private Action placed;
    private Action elsewhere;
    private Shot shot;
    private Plan plan;
    private String hall;

    @BeforeEach
    void aHall() {
        placed = sample.action(one -> one.with("acrossM", Optional.of(3.0)).with("deepM", Optional.of(1.0)));
        elsewhere = sample.action();
        shot = sample.shot(placed, 0);
        plan = sample.build();
        hall = plan.spots().get(0).id().toString();
    }

    private static Map<String, String> of(String... named) {
        Map<String, String> arguments = new HashMap<>();
        for (int i = 0; i < named.length; i += 2) {
            arguments.put(named[i], named[i + 1]);
        }
        return arguments;
    }

    private Plan put(String kind, Object id, String across, String deep) {
        return after(plan, "put-thing", of("kind", kind, "id", id.toString(), "across", across, "deep", deep));
    }

    @Test
    void a_floor_is_drawn_once_and_a_corner_is_added_halfway_to_the_next() {
        plan = after(plan, "add-to-plan", of("what", "floor", "spotId", hall));
        List<FloorCorner> corners = plan.list(RecordKind.CORNER);
        assertThat(corners).extracting(FloorCorner::acrossM).containsExactly(0.0, 6.0, 6.0, 0.0);
        assertThat(corners).extracting(FloorCorner::wallM).containsOnly(3.0);
        assertThatThrownBy(() -> after(plan, "add-to-plan", of("what", "floor", "spotId", hall)))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("has corners already");

        FloorCorner last = corners.get(3);
        plan = after(
                plan, "add-to-plan", of("what", "corner", "after", last.id().toString(), "spotId", hall));

        assertThat(plan.list(RecordKind.CORNER))
                .extracting(FloorCorner::deepM)
                .as("behind the last, between it and the first")
                .containsExactly(0.0, 0.0, 5.0, 5.0, 2.5);
    }

    @Test
    void a_corner_that_comes_near_to_a_right_angle_makes_it() {
        plan = after(plan, "add-to-plan", of("what", "floor", "spotId", hall));
        FloorCorner third = plan.list(RecordKind.CORNER).get(2);

        assertThat(put("corner", third.id(), "6.1", "4.512")
                        .list(RecordKind.CORNER)
                        .get(2))
                .satisfies(moved -> {
                    assertThat(moved.acrossM()).isEqualTo(6);
                    assertThat(moved.deepM()).as("to half a decimetre").isEqualTo(4.5);
                });
        assertThat(put("corner", third.id(), "6.2", "4.5")
                        .list(RecordKind.CORNER)
                        .get(2)
                        .acrossM())
                .isEqualTo(6.2);
    }

    @Test
    void what_stands_is_moved_as_a_whole() {
        plan = after(plan, "add-to-plan", of("what", "TABLE", "spotId", hall));
        Standing table = plan.list(RecordKind.STANDING).get(0);
        assertThat(table.corners()).hasToString("2.1 2.1, 3.9 2.1, 3.9 2.9, 2.1 2.9");

        assertThat(put("standing", table.id(), "0.1", "4")
                        .list(RecordKind.STANDING)
                        .get(0)
                        .corners())
                .hasToString("0.1 4.0, 1.9 4.0, 1.9 4.8, 0.1 4.8");
        assertThatThrownBy(() -> put("standing", table.id(), "999.5", "4"))
                .as("its other end would lie outside")
                .isInstanceOf(InvalidField.class);
    }

    @Test
    void a_wall_taken_by_its_middle_is_broken_there() {
        plan = after(plan, "add-to-plan", of("what", "floor", "spotId", hall));
        FloorCorner second = plan.list(RecordKind.CORNER).get(1);
        assertThat(put("wall", second.id(), "7", "2.5").list(RecordKind.CORNER))
                .extracting(FloorCorner::acrossM)
                .containsExactly(0.0, 6.0, 7.0, 6.0, 0.0);
    }

    @Test
    void a_spot_is_put_on_the_site() {
        UUID id = UUID.fromString(hall);
        Spot there = put("spot", id, "12", "-3.5").get(RecordKind.SPOT, id);
        assertThat(there.siteEastM()).contains(12.0);
        assertThat(there.siteNorthM()).contains(-3.5);
    }

    @Test
    void the_room_of_the_plan_replaces_what_was_typed_to_a_decimetre() {
        assertThat(plan.spots().get(0).roomM()).isEqualTo(20);
        assertThat(after(plan, "room-from-plan", of("spotId", hall))
                        .spots()
                        .get(0)
                        .roomM())
                .as("6 by 5 m are 7.81 m across")
                .isEqualTo(7.8);
    }

    /** On the day of equal night at the equator the sun stands due east at 9:07; a shadow that falls into the depth goes west. */
    @Test
    void a_shadow_and_the_hour_say_where_north_is() {
        Map<String, String> seen = of("spotId", hall, "points", "2 2, 2 4", "date", "2026-03-20", "time", "09:07");
        assertThatThrownBy(() -> after(plan, "north-by-shadow", seen))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("where it is");
        plan = plan.apply(Change.batch(List.of(
                Change.set(plan.brief(), "coordinates", Optional.of(new Coordinates(0, 0))),
                Change.set(plan.brief(), "zone", "UTC"))));
        assertThat(after(plan, "north-by-shadow", seen).spots().get(0).facingDeg())
                .contains(270.0);
        for (String[] wrong : new String[][] {
            {"time", "03:00", "no shadow"},
            {"time", "nine", "at what time"},
            {"date", "", "on which day"},
            {"points", "2 2, 2 2", "the shadow's tip"}
        }) {
            Map<String, String> other = new HashMap<>(seen);
            other.put(wrong[0], wrong[1]);
            assertThatThrownBy(() -> after(plan, "north-by-shadow", other))
                    .isInstanceOf(InvalidField.class)
                    .hasMessageContaining(wrong[2]);
        }
    }

    @Test
    void a_way_begins_where_the_action_is_and_grows_by_a_metre() {
        plan = after(
                plan, "add-to-plan", of("what", "way", "actionId", placed.id().toString()));
        plan = after(
                plan, "add-to-plan", of("what", "way", "actionId", placed.id().toString()));

        assertThat(plan.list(RecordKind.WAYPOINT)).extracting(Waypoint::acrossM).containsExactly(3.0, 4.0, 5.0);
        Plan other = after(
                plan,
                "add-to-plan",
                of("what", "way", "actionId", elsewhere.id().toString()));
        assertThat(other.get(RecordKind.ACTION, elsewhere.id()).acrossM())
                .as("it is on the plan now")
                .contains(1.0);
    }

    @Test
    void a_camera_of_something_that_is_nowhere_cannot_be_put_anywhere() {
        Shot lost = sample.shot(elsewhere, 30);
        plan = sample.build();
        assertThatThrownBy(() -> after(plan, "put-stand", of("id", lost.id().toString(), "across", "2", "deep", "2")))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining("put the action on the plan");
        assertThat(after(plan, "put-stand", of("id", lost.id().toString(), "turn", "-40"))
                        .get(RecordKind.SHOT, lost.id())
                        .bearingDeg())
                .isEqualTo(350);
    }

    @ParameterizedTest
    @CsvSource({
        "put-stand, across, 5000, more than 1000 m away",
        "put-stand, across, NaN, more than 1000 m away",
        "put-stand, across, far, is not a number",
        "put-stand, keep, NOTHING, NOTHING",
        "put-thing, kind, brief, no such thing on a plan",
        "put-thing, kind, ghost, no such thing on a plan",
        "add-to-plan, what, PALACE, no such thing to put on a plan"
    })
    void what_makes_no_sense_changes_nothing_and_says_why(String gesture, String name, String value, String words) {
        Map<String, String> arguments = of(
                "id",
                shot.id().toString(),
                "kind",
                "shot",
                "across",
                "1",
                "deep",
                "1",
                "spotId",
                hall,
                "what",
                "TABLE");
        arguments.put(name, value);
        if (value.equals("brief")) {
            arguments.put("id", plan.brief().id().toString());
        }
        assertThatThrownBy(() -> propose(plan, gesture, arguments))
                .isInstanceOf(InvalidField.class)
                .hasMessageContaining(words);
    }
}
