package upshot.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.nio.charset.StandardCharsets;
import java.time.LocalTime;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upshot.app.job.Proposal;
import upshot.core.house.Threshold;
import upshot.core.plan.Action;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Line;
import upshot.core.plan.Plan;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Side;
import upshot.core.plan.Walk;

/** Every gesture of the Brief, on a plan in memory: what it proposes and what it says when something is wrong. */
class BriefGesturesTest extends GestureOnSample {

    private static Map<String, String> line(Plan plan, String line) {
        return Map.of(
                "line", line,
                "beatId", plan.beats().get(0).id().toString(),
                "spotId", plan.spots().get(0).id().toString());
    }

    private String wrongField(Plan plan, String name, Map<String, String> arguments) {
        InvalidField invalid = catchThrowableOfType(InvalidField.class, () -> propose(plan, name, arguments));
        assertThat(invalid).as(name).isNotNull();
        assertThat(invalid).message().isNotBlank();
        return invalid.field();
    }

    private static String base64(String text) {
        return Base64.getEncoder().encodeToString(text.getBytes(StandardCharsets.UTF_8));
    }

    private static Map<String, String> with(Map<String, String> arguments, String name, String value) {
        Map<String, String> more = new HashMap<>(arguments);
        more.put(name, value);
        return more;
    }

    @Test
    void a_line_becomes_an_action_of_somebody_who_is_known_already() {
        Plan plan = sample.build();
        Plan grown = after(plan, "add-line", line(plan, "Ben ties the boat at Yard, 2,5 s, right to left, 9:05 once"));
        Action action = grown.actions().get(0);

        assertThat(grown.subjects()).isEqualTo(plan.subjects());
        assertThat(action.subjectId()).isEqualTo(sample.otherPerson());
        assertThat(action.codePrefix()).isEqualTo("B");
        assertThat(action.line()).isEqualTo(Line.TRAVEL);
        assertThat(action.side()).isEqualTo(Side.RIGHT_TO_LEFT);
        assertThat(action.durationS()).isEqualTo(2.5);
        assertThat(action.fixedTime()).contains(LocalTime.of(9, 5));
        assertThat(action.once()).isTrue();
        assertThat(grown.spotOf(action).name()).isEqualTo("Yard");
    }

    @Test
    void somebody_new_becomes_a_person_as_tall_as_the_line_says() {
        Plan plan = sample.build();
        Plan grown = after(plan, "add-line", line(plan, "Harbour master waves 4 s, 1.9 m tall"));

        assertThat(grown.subjects()).hasSize(plan.subjects().size() + 1).anySatisfy(person -> {
            assertThat(person.name()).isEqualTo("Harbour master");
            assertThat(person.heightM()).isEqualTo(1.9);
        });
        assertThat(grown.actions().get(0).line()).isEqualTo(Line.NONE);
    }

    @ParameterizedTest
    @CsvSource({"'',line", "40 s,line", "'Ada waves 0 s',line", "'Ada waves 4 s, reset 900 min',line"})
    void what_is_wrong_with_a_line_is_said_at_the_line(String typed, String named) {
        Plan plan = sample.build();

        assertThat(wrongField(plan, "add-line", line(plan, typed))).isEqualTo(named);
    }

    @Test
    void a_pasted_list_follows_the_beats_that_it_names() {
        Plan plan = sample.build();
        Map<String, String> pasted = Map.of(
                "spotId",
                plan.spots().get(0).id().toString(),
                "text",
                "1. Ada opens the gate 5s\n\nEnding:\n- Ben waves goodbye 3s repeats oddly\nParty:\nGuests dance 1 min");
        Proposal proposal = propose(plan, "add-lines", pasted);
        Plan grown = plan.apply(proposal.change());

        assertThat(proposal.details())
                .containsExactly(
                        "Ada opens the gate · 5 s",
                        "Ben waves goodbye · 3 s, repeats · not understood: oddly",
                        "Guests dance · 1 min");
        assertThat(grown.actions())
                .extracting(
                        action -> grown.get(RecordKind.BEAT, action.beatId()).name())
                .containsExactly("Body", "Ending", "Party");
        assertThat(wrongField(plan, "add-lines", Map.of("spotId", pasted.get("spotId"), "text", "Ada waves\n40 s")))
                .isEqualTo("text");
    }

    @Test
    void a_rest_is_planned_for_a_person_in_the_middle_of_the_day() {
        Plan plan = sample.build();
        UUID ada = plan.subjects().get(0).id();
        Plan grown = after(plan, "add-record", Map.of("kind", "rest", "subjectId", ada.toString()));

        assertThat(grown.list(RecordKind.REST)).singleElement().satisfies(rest -> {
            assertThat(rest.subjectId()).isEqualTo(ada);
            assertThat(rest.startTime())
                    .isEqualTo(plan.brief().clockAt(plan.brief().dayMinutes() / 2));
            assertThat(rest.durationMin()).isEqualTo(15);
        });
        assertThat(wrongField(plan, "add-record", Map.of("kind", "rest"))).isEqualTo("subjectId");
    }

    @Test
    void files_are_looked_at_whole_and_refused_whole() {
        Plan plan = sample.build();
        Proposal agenda = propose(
                plan,
                "take-agenda",
                Map.of("file", base64("time,what,minutes\n19:40,Kiln opens,12\n20:00,Raffle,5\n")));
        Proposal actions = propose(plan, "take-actions", Map.of("file", base64("action,takes s\nBoat leaves,9\n")));

        assertThat(agenda.details()).containsExactly("19:40 Kiln opens, 12 min", "20:00 Raffle, 5 min");
        assertThat(plan.apply(agenda.change()).list(RecordKind.MOMENT)).hasSize(2);
        assertThat(actions.details()).containsExactly("Boat leaves");
        assertThat(plan.apply(actions.change()).actions()).hasSize(1);
        assertThat(wrongField(plan, "take-agenda", Map.of("file", base64("time,what\nlater,Kiln\n"))))
                .isEqualTo("file");
        assertThat(wrongField(plan, "take-agenda", Map.of("text", "later: Kiln")))
                .isEqualTo("text");
        assertThat(wrongField(plan, "take-actions", Map.of("file", "%%%"))).isEqualTo("file");
        assertThat(wrongField(plan, "take-tempo", Map.of("file", base64("no midi"))))
                .isEqualTo("file");
        assertThat(wrongField(plan, "take-tempo", Map.of())).isEqualTo("file");
    }

    @Test
    void a_record_is_added_by_its_name_and_opened() {
        Plan plan = sample.build();
        Proposal proposal = propose(plan, "add-record", Map.of("kind", "lens", "name", "28 mm"));

        assertThat(plan.apply(proposal.change()).lenses()).anySatisfy(lens -> {
            assertThat(lens.name()).isEqualTo("28 mm");
            assertThat(proposal.show()).containsEntry("record", lens.id().toString());
        });
        assertThat(wrongField(plan, "add-record", Map.of("kind", "spot", "name", " ")))
                .isEqualTo("name");
        assertThat(wrongField(plan, "add-record", Map.of("kind", "castle"))).isEqualTo("kind");
        assertThat(wrongField(plan, "add-record", Map.of("kind", "mode"))).isEqualTo("bodyId");
    }

    @Test
    void a_walk_is_set_changed_and_forgotten() {
        Plan plan = sample.build();
        Map<String, String> between = Map.of(
                "fromSpotId",
                plan.spots().get(0).id().toString(),
                "toSpotId",
                plan.spots().get(1).id().toString());
        Plan set = after(plan, "set-walk", with(between, "minutes", "4"));
        Plan changed = after(set, "set-walk", with(between, "minutes", "6,5"));

        assertThat(set.list(RecordKind.WALK)).extracting(Walk::minutes).containsExactly(4.0);
        assertThat(changed.list(RecordKind.WALK)).extracting(Walk::minutes).containsExactly(6.5);
        assertThat(after(changed, "set-walk", with(between, "minutes", "")).list(RecordKind.WALK))
                .isEmpty();
        assertThat(wrongField(plan, "set-walk", with(between, "toSpotId", between.get("fromSpotId"))))
                .isEqualTo("toSpotId");
    }

    @Test
    void a_threshold_is_moved_and_reset() {
        Plan plan = sample.build();
        Plan moved = after(plan, "adjust", Map.of("threshold", "TAIL", "value", "3"));

        assertThat(moved.threshold(Threshold.TAIL)).isEqualTo(3);
        assertThat(after(moved, "adjust", Map.of("threshold", "TAIL", "value", "4"))
                        .threshold(Threshold.TAIL))
                .isEqualTo(4);
        assertThat(after(moved, "adjust", Map.of("threshold", "TAIL", "value", "")))
                .isEqualTo(plan);
        assertThat(wrongField(plan, "adjust", Map.of("threshold", "TAIL", "value", "99")))
                .isEqualTo("value");
    }

    @Test
    void a_kit_replaces_the_one_there_was() {
        Plan plan = sample.build();
        Plan taken = after(plan, "take-kit", Map.of("kit", "PRODUCT_TABLE"));

        assertThat(taken.list(RecordKind.CARRIER)).extracting("name").contains("Overhead rig", "Turntable");
        assertThat(taken.bodies()).extracting("name").containsExactly("Body A");
        assertThat(wrongField(
                        plan, "take-kit", Map.of("template", UUID.randomUUID().toString())))
                .isEqualTo("template");
    }

    @Test
    void a_place_is_set_with_its_clock_and_asks_where_the_sun_contradicts() {
        Plan plan = sample.build();
        String place = "36.85 S 174.76 E";
        Plan placed = after(plan, "set-place", Map.of("coordinates", place, "zone", "Pacific/Auckland"));

        assertThat(placed.brief().zone()).isEqualTo("Pacific/Auckland");
        assertThat(after(placed, "set-place", Map.of("coordinates", "", "zone", "")))
                .isEqualTo(plan);
        assertThat(wrongField(plan, "set-place", Map.of("coordinates", "somewhere")))
                .isEqualTo("coordinates");
        for (String zone : new String[] {"", "Europe/London", "Middle/Earth"}) {
            assertThat(wrongField(plan, "set-place", Map.of("coordinates", place, "zone", zone)))
                    .as(zone)
                    .isEqualTo("zone");
        }
        Plan kept = after(plan, "set-place", Map.of("coordinates", place, "zone", "Europe/London", "keep", "true"));
        assertThat(kept.brief().zone()).isEqualTo("Europe/London");
    }

    @Test
    void an_action_moves_into_the_neighbouring_beat_and_wherever_it_is_dragged() {
        Action first = sample.action();
        Action second = sample.action();
        Plan plan = sample.build();
        Plan later = after(plan, "move-action", Map.of("id", second.id().toString(), "way", "down"));
        Plan dragged = after(
                later,
                "move-action",
                Map.of("id", second.id().toString(), "beatId", first.beatId().toString(), "position", "0"));

        assertThat(later.actionsOf(later.beats().get(1))).extracting(Action::id).containsExactly(second.id());
        assertThat(dragged.actions()).extracting(Action::id).containsExactly(second.id(), first.id());
    }

    @Test
    void actions_move_within_their_beat() {
        Action first = sample.action();
        Action second = sample.action();
        Plan plan = sample.build();

        assertThat(after(plan, "move-action", Map.of("id", second.id().toString(), "way", "up"))
                        .actions())
                .extracting(Action::id)
                .containsExactly(second.id(), first.id());
        assertThat(propose(plan, "move-action", Map.of("id", first.id().toString(), "way", "up"))
                        .change()
                        .steps())
                .isEmpty();
    }
}
