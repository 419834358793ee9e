package upshot.exchange.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import upshot.core.RandomPlans;
import upshot.core.SamplePlan;
import upshot.core.plan.Action;
import upshot.core.plan.Change;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Shot;
import upshot.exchange.AsWritten;
import upshot.exchange.BrokenFiles;
import upshot.exchange.csv.ActionsCsv;
import upshot.exchange.text.Unreadable;

class PlanJsonTest {

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static Plan hundredActions() {
        SamplePlan sample = new SamplePlan();
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            Action action = sample.action(drafted -> drafted.with("durationS", random.nextDouble() * 100 + 0.1)
                    .with("messy", random.nextBoolean())
                    .with("sound", "wheel, “humming”")
                    .with("thing", random.nextBoolean() ? "=bowl" : ""));
            for (int j = 0; j < 3; j++) {
                Shot shot = sample.shot(action, random.nextDouble() * 359);
                sample.use(shot);
            }
        }
        return sample.build();
    }

    @Test
    void a_job_of_a_hundred_actions_comes_back_equal() {
        Plan plan = hundredActions();

        assertThat(PlanJson.read(bytes(PlanJson.write(plan)))).isEqualTo(plan);
        assertThat(plan.actions()).hasSize(100);
    }

    @RepeatedTest(60)
    void any_plan_comes_back_equal_and_its_file_fits_the_schema(RepetitionInfo run) throws IOException {
        RandomPlans source = new RandomPlans(run.getCurrentRepetition());
        Plan plan = source.plan();
        for (int i = 0; i < 30; i++) {
            plan = plan.apply(source.change(plan));
        }
        String file = PlanJson.write(plan);

        assertThat(PlanJson.read(bytes(file)))
                .as("seed %d", run.getCurrentRepetition())
                .isEqualTo(plan);
        assertThat(schema().validate(new ObjectMapper().readTree(file)))
                .as("seed %d", run.getCurrentRepetition())
                .isEmpty();
    }

    private static Schema schema() throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(PUBLISHED));
    }

    private static final Path PUBLISHED = Path.of("../docs/plan.schema.json");

    /** Run with -Dupshot.write-schema=true after a record has changed. */
    @Test
    void the_published_schema_is_the_present_one() throws IOException {
        if (Boolean.getBoolean("upshot.write-schema")) {
            Files.writeString(PUBLISHED, PlanSchema.write());
        }
        assertThat(Files.readString(PUBLISHED)).isEqualTo(PlanSchema.write());
    }

    @Test
    void the_schema_refuses_what_the_reader_refuses() throws IOException {
        String file = PlanJson.write(hundredActions());

        assertThat(schema().validate(new ObjectMapper().readTree(file.replace("\"TRIAD\"", "\"TRIO\""))))
                .isNotEmpty();
        assertThat(schema().validate(new ObjectMapper().readTree("{\"format\":\"other\"}")))
                .isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '§', textBlock = """
            "version" : 2, § "version" : 3, § version 3
            upshot-lane-plan § other-plan § no plan file
            "bearingDeg" : § "bearingdeg" : § shot 1: “bearingdeg” is not known
            "focalLengthMm" : 50.0 § "focalLengthMm" : 5000.0 § lens 3, field focalLengthMm: The focal length (5000)
            "focalLengthMm" : 50.0 § "focalLengthMm" : "fifty" § “fifty” is not a number
            "size" : "MEDIUM" § "size" : "HUGE" § shot 1, field size
            "codePrefix" : "AA" § "codePrefix" : "A" § cannot both begin
            "rate" : "24" § "rate" : [24] § brief 1, field rate
            "records" : { § "records" : { "extra": [], § “extra” is not known
            "lengthS" : 30.0 § "lengthS" : 30.0, "lengthS" : 31.0 § no JSON
            """)
    void a_bad_file_names_place_and_reason(String good, String bad, String reason) {
        String file = PlanJson.write(hundredActions());
        assertThat(file).contains(good);

        assertThatThrownBy(() -> PlanJson.read(bytes(file.replaceFirst(java.util.regex.Pattern.quote(good), bad))))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(reason);
    }

    @Test
    void what_was_written_before_a_field_existed_is_still_read_and_what_always_existed_has_to_be_there() {
        SamplePlan sample = new SamplePlan();
        Shot shot = sample.shot(sample.action(), 30);
        sample.use(shot);
        Plan plan = sample.build();
        String older = PlanJson.write(plan)
                .replaceAll("\"(alsoMove|still|devices|zooms|noGo|joinFrames)\" : [^,\\n]+,\\s*", "");
        Change.Remove removed = new Change.Remove(shot);
        String change = ChangeJson.write(removed).replaceAll("\"(rollMeant|cautions|keyDeg)\":[^,]+,", "");

        assertThat(older).doesNotContain("alsoMove", "noGo", "joinFrames");
        assertThat(PlanJson.read(bytes(older))).isEqualTo(plan);
        assertThat(change).doesNotContain("rollMeant", "keyDeg");
        assertThat(ChangeJson.read(change).steps()).containsExactly(removed);
        assertThatThrownBy(() -> PlanJson.read(bytes(older.replaceAll("\"bearingDeg\" : [^,\\n]+,\\s*", ""))))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("bearingDeg");
    }

    @Test
    void a_reference_to_nothing_is_refused() {
        Plan plan = hundredActions();
        String file = PlanJson.write(plan)
                .replace("\"beatId\" : \"" + plan.beats().get(0).id(), "\"beatId\" : \"" + UUID.randomUUID());

        assertThatThrownBy(() -> PlanJson.read(bytes(file))).hasMessageContaining("beat that the plan does not have");
    }

    @Test
    void broken_plan_files_are_refused_or_read_rightly() {
        BrokenFiles.refusedOrReadRightly(
                bytes(PlanJson.write(new RandomPlans(3).plan())), PlanJson::read, (file, read) -> {
                    String again = PlanJson.write(read);
                    assertThat(PlanJson.read(bytes(again))).isEqualTo(read);
                    assertThat(values(again)).isEqualTo(values(AsWritten.text(file)));
                });
    }

    @Test
    void a_plan_as_large_as_a_file_may_be_is_read_like_any_other() {
        SamplePlan sample = new SamplePlan();
        Action action = sample.action();
        for (int i = 0; i < 2000; i++) {
            sample.shot(action, drafted -> drafted.with("note", "x".repeat(500)));
        }
        Plan plan = sample.build();
        byte[] file = Arrays.copyOf(bytes(PlanJson.write(plan)), PlanJson.MOST_BYTES);
        Arrays.fill(file, bytes(PlanJson.write(plan)).length, file.length, (byte) ' ');

        assertThat(BrokenFiles.withinBounds(file, PlanJson::read)).isEqualTo(plan);
    }

    /** All values of a file, each with its name and whatever order they stand in. */
    private static List<String> values(String file) {
        try {
            List<String> values = new ArrayList<>();
            collect("", new ObjectMapper().readTree(file), values);
            return values.stream().sorted().toList();
        } catch (JacksonException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static void collect(String name, JsonNode node, List<String> into) {
        if (node.isObject()) {
            node.properties().forEach(field -> collect(field.getKey(), field.getValue(), into));
        } else if (node.isArray()) {
            node.forEach(element -> collect(name, element, into));
        } else {
            into.add(name + "=" + (node.isNumber() ? Double.toString(node.asDouble()) : node.asString()));
        }
    }

    @Test
    void a_kit_is_written_and_read_alone() {
        Plan plan = hundredActions();
        List<PlanRecord> kit = plan.kit();

        assertThat(PlanJson.readRecords(PlanJson.writeRecords(kit))).isEqualTo(kit);
    }

    @Test
    void a_hundred_actions_come_back_through_csv_where_its_columns_allow() {
        Plan plan = hundredActions();
        Plan empty = new SamplePlan().build();
        Plan taken =
                empty.apply(ActionsCsv.read(ActionsCsv.table(bytes(ActionsCsv.write(plan))), empty, UUID::randomUUID));

        assertThat(ActionsCsv.write(taken)).isEqualTo(ActionsCsv.write(plan));
        assertThat(taken.actions()).hasSize(100).first().satisfies(action -> {
            Action before = plan.actions().get(0);
            assertThat(action.durationS()).isEqualTo(before.durationS());
            assertThat(action.thing()).isEqualTo(before.thing());
            assertThat(action.line()).isEqualTo(before.line());
            assertThat(taken.spotOf(action).name())
                    .isEqualTo(plan.spotOf(before).name());
        });
    }

    @Test
    void actions_name_their_beats_spots_and_people_or_make_them() {
        Plan empty = new SamplePlan().build();
        String file =
                "Action;Beat;Spot;Subject;once only;takes s\nLamps go out;Night;Roof;Ada;yes;12,5\nDoors open;;;;;\n";
        Change.Batch change = ActionsCsv.read(ActionsCsv.table(bytes(file)), empty, UUID::randomUUID);
        Plan taken = empty.apply(change);

        assertThat(taken.beats()).extracting(beat -> beat.name()).contains("Night");
        assertThat(taken.spots()).extracting(spot -> spot.name()).contains("Roof");
        assertThat(taken.subjects()).hasSize(empty.subjects().size() + 1);
        assertThat(taken.actions()).anySatisfy(action -> {
            assertThat(action.name()).isEqualTo("Lamps go out");
            assertThat(action.durationS()).isEqualTo(12.5);
            assertThat(action.once()).isTrue();
        });
    }

    @ParameterizedTest
    @CsvSource({
        "'what\nx', Line 1",
        "'action,takes s\nx,long', 'Line 2, column takes s'",
        "'action,direction\nx,up', 'Line 2, column direction'",
        "'action,takes s\nx,5\n,5', Line 3",
        "'action,takes s\nx,-5', Line 2"
    })
    void a_bad_row_names_line_and_column(String text, String where) {
        Plan empty = new SamplePlan().build();
        assertThatThrownBy(() -> ActionsCsv.read(ActionsCsv.table(bytes(text)), empty, UUID::randomUUID))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith(where);
    }

    @Test
    void broken_tables_of_actions_are_refused_or_read_rightly() {
        Plan empty = new SamplePlan().build();
        SamplePlan sample = new SamplePlan();
        sample.action();
        sample.action();
        BrokenFiles.refusedOrReadRightly(
                bytes(ActionsCsv.write(sample.build())),
                file -> ActionsCsv.read(ActionsCsv.table(file), empty, UUID::randomUUID),
                (file, read) -> {
                    Plan taken = empty.apply(read);
                    assertThat(taken.apply(read.inverse())).isEqualTo(empty);
                    List<List<String>> rows = AsWritten.rows(AsWritten.text(file));
                    assertThat(taken.actions()).hasSize(rows.size() - 1);
                    assertThat(taken.actions())
                            .allSatisfy(action -> assertThat(rows)
                                    .anySatisfy(row -> assertThat(row).contains(action.name())));
                });
    }
}
