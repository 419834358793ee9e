package upshot.exchange.jobs;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.brief.GenericKit;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Brief;
import upshot.core.plan.Field;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Moment;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.plan.Use;
import upshot.exchange.json.PlanJson;

/**
 * A plan file as somebody writes it by hand: kinds and fields of the plan's own format, ids as short words, everything
 * that is not said as in a new record, ranks in the order of writing, the kit by its name. It becomes a plan file of the
 * present version and is read as one.
 */
final class JobFile {

    private static final Path FOLDER = Path.of("src/test/resources/jobs");
    private static final UUID NONE = UUID.fromString("00000000-0000-4000-8000-000000000000");
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(JsonReadFeature.ALLOW_UNQUOTED_PROPERTY_NAMES, JsonReadFeature.ALLOW_JAVA_COMMENTS)
            .build();

    private static final Map<String, PlanRecord> NEW = new HashMap<>();

    static {
        NEW.put("brief", Brief.draft(NONE, "new"));
        NEW.put("house", HouseRules.usual(NONE));
        NEW.put("beat", StoryBeat.of(NONE, "new", 0, StoryBeat.Role.BODY));
        NEW.put("spot", Spot.draft(NONE, "new"));
        NEW.put("subject", Subject.person(NONE, "new"));
        NEW.put("action", Action.draft(NONE, NONE, NONE, NONE, "A", "new"));
        NEW.put("shot", Shot.draft(NONE, NONE, "A1", FrameRate.of(24)));
        NEW.put("use", Use.cut(NONE, NONE, 0, 1));
    }

    private final String name;
    private final Map<UUID, String> words = new HashMap<>();

    /**
     * @param words what the file calls each record
     */
    record Job(Plan plan, Map<UUID, String> words) {}

    private JobFile(String name) {
        this.name = name;
    }

    /** The names of all of them. */
    static List<String> names() {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(file -> file.endsWith(".json"))
                    .map(file -> file.substring(0, file.length() - 5))
                    .sorted()
                    .toList();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    static Job read(String name) {
        JobFile file = new JobFile(name);
        return new Job(file.plan(), file.words);
    }

    /** What has to be found in it, a line each: rule, place, verdict. */
    static List<String> expected(String name) {
        try (Stream<String> lines = Files.lines(FOLDER.resolve(name + ".csv"))) {
            return lines.skip(1)
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .toList();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private Plan plan() {
        JsonNode file = JSON.readTree(text());
        ObjectNode root = JSON.createObjectNode().put("format", PlanJson.FORMAT).put("version", PlanJson.VERSION);
        ObjectNode records = root.putObject("records");
        RecordKind.PARENT_FIRST.forEach(kind -> records.putArray(kind.name()));
        kit(GenericKit.valueOf(file.path("kit").asString()), records);
        JsonNode written = file.path("records");
        written.propertyNames().forEach(kind -> RecordKind.named(kind).orElseThrow());
        for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
            ArrayNode into = (ArrayNode) records.get(kind.name());
            written.path(kind.name()).forEach(one -> into.add(whole(kind, one, into.size())));
        }
        if (records.get("house").isEmpty()) {
            ((ArrayNode) records.get("house")).add(whole(RecordKind.HOUSE, JSON.createObjectNode(), 0));
        }
        return PlanJson.read(root.toString().getBytes(StandardCharsets.UTF_8));
    }

    private String text() {
        try {
            return Files.readString(FOLDER.resolve(name + ".json"));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** A fresh kit, with ids that are the same each time. */
    private void kit(GenericKit kit, ObjectNode records) {
        int[] made = {0};
        List<PlanRecord> all = kit.records(() -> id("kit", "" + made[0]++));
        for (JsonNode one : JSON.readTree(PlanJson.writeRecords(all))) {
            ((ArrayNode) records.get(one.path("kind").asString())).add(one.path("record"));
        }
    }

    private ObjectNode whole(RecordKind<?> kind, JsonNode one, int index) {
        List<String> unknown = new ArrayList<>(one.propertyNames());
        unknown.removeIf(field -> kind.field(field).isPresent());
        if (!unknown.isEmpty()) {
            throw new IllegalArgumentException("%s, %s %d: %s".formatted(name, kind.name(), index + 1, unknown));
        }
        ObjectNode whole = JSON.createObjectNode();
        for (Field field : kind.fields()) {
            whole.set(field.name(), value(kind, field, one, index));
        }
        return whole;
    }

    private JsonNode value(RecordKind<?> kind, Field field, JsonNode one, int index) {
        JsonNode given = one.get(field.name());
        if (field.name().equals("id")) {
            JsonNode known = given == null ? one.get("code") : given;
            return text(id(kind.name(), known == null ? "" + index : known.asString())
                    .toString());
        }
        if (given == null) {
            return field.name().equals("rank")
                    ? JSON.getNodeFactory().numberNode((index + 1) * Ranks.STEP)
                    : usual(kind, field, one);
        }
        return field.refersTo()
                .map(other -> text(id(other, given.asString()).toString()))
                .orElse(given);
    }

    private JsonNode usual(RecordKind<?> kind, Field field, JsonNode one) {
        PlanRecord fresh = kind == RecordKind.MOMENT
                ? new Moment(NONE, "new", Optional.empty(), LocalTime.NOON, 0, "")
                : NEW.get(kind.name());
        if (kind == RecordKind.SUBJECT && "OBJECT".equals(one.path("kind").asString(""))) {
            fresh = Subject.object(NONE, "new", 1, 1, 1);
        }
        if (fresh == null && field.optional()) {
            return JSON.getNodeFactory().nullNode();
        }
        if (fresh == null) {
            throw new IllegalArgumentException("%s: a %s has to say its %s".formatted(name, kind.name(), field.name()));
        }
        return JSON.readTree(PlanJson.writeRecords(List.of(fresh)))
                .path(0)
                .path("record")
                .path(field.name());
    }

    private JsonNode text(String text) {
        return JSON.getNodeFactory().stringNode(text);
    }

    private UUID id(String kind, String word) {
        UUID id = UUID.nameUUIDFromBytes("%s %s %s".formatted(name, kind, word).getBytes(StandardCharsets.UTF_8));
        words.put(id, word);
        return id;
    }
}
