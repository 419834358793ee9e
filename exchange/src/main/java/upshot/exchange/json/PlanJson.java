package upshot.exchange.json;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.JacksonIOException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.plan.Field;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.exchange.text.Stoppable;
import upshot.exchange.text.Unreadable;

/**
 * The plan file: everything that a plan holds, and nothing else. Written and read back it is the same plan.
 *
 * <p>{@code {"format": "upshot-lane-plan", "version": 2, "records": {"brief": [{…}], "beat": [{…}], …}}}
 */
public final class PlanJson {

    public static final String FORMAT = "upshot-lane-plan";
    public static final int VERSION = 2;

    /** A job of the largest size is a fifth of this. */
    public static final int MOST_BYTES = 16 << 20;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(8)
                            .maxStringLength(20_000)
                            .maxNumberLength(60)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .disable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION)
            .build();

    private PlanJson() {}

    /** The file's text, indented, kinds and records in the plan's own order. */
    public static String write(Plan plan) {
        ObjectNode root = MAPPER.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ObjectNode records = root.putObject("records");
        RecordKind.PARENT_FIRST.forEach(kind -> records.set(kind.name(), writeAll(plan.list(kind))));
        return root.toPrettyString() + "\n";
    }

    /** Some records alone, for instance a kit: an array of objects that each name their kind. */
    public static String writeRecords(List<? extends PlanRecord> some) {
        ArrayNode array = MAPPER.createArrayNode();
        some.forEach(
                one -> array.addObject().put("kind", RecordKind.of(one).name()).set("record", ChangeJson.record(one)));
        return array.toString();
    }

    /** Reads what {@link #writeRecords} wrote. */
    public static List<PlanRecord> readRecords(String json) {
        List<PlanRecord> records = new ArrayList<>();
        for (JsonNode one : parse(json)) {
            RecordKind<?> kind = RecordKind.named(one.path("kind").asString(""))
                    .orElseThrow(() -> new Unreadable("", "There is a record of no known kind."));
            records.add(record(kind, one.path("record"), kind.name()));
        }
        return records;
    }

    private static ArrayNode writeAll(List<? extends PlanRecord> records) {
        ArrayNode array = MAPPER.createArrayNode();
        records.forEach(one -> array.add(ChangeJson.record(one)));
        return array;
    }

    /**
     * Reads a file record by record, so that it never stands in the memory as a whole.
     *
     * @throws Unreadable naming the place, the field and the reason
     */
    public static Plan read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new Unreadable("", "The file is larger than %d MB.".formatted(MOST_BYTES >> 20));
        }
        try (JsonParser parser = MAPPER.createParser(Stoppable.stream(file))) {
            return new PlanReader(parser).read();
        } catch (JacksonIOException broken) {
            throw new Unreadable("", "This is not UTF-8 text.");
        } catch (JacksonException broken) {
            throw broken(broken);
        }
    }

    private static JsonNode parse(String json) {
        try {
            return MAPPER.readTree(json);
        } catch (JacksonException broken) {
            throw broken(broken);
        }
    }

    private static Unreadable broken(JacksonException broken) {
        String where = broken.getLocation() == null
                ? ""
                : "Line %d, character %d"
                        .formatted(
                                broken.getLocation().getLineNr(),
                                broken.getLocation().getColumnNr());
        return new Unreadable(where, "This is no JSON that can be read.");
    }

    /** The record of an object whose fields are all known. */
    static PlanRecord record(RecordKind<?> kind, JsonNode node, String where) {
        Object[] values = new Object[kind.fields().size()];
        for (int i = 0; i < values.length; i++) {
            Field field = kind.fields().get(i);
            try {
                values[i] = LaterFields.read(kind, field, node);
            } catch (UnreadableJson wrong) {
                throw new Unreadable("%s, field %s".formatted(where, field.name()), wrong.getMessage());
            }
        }
        try {
            return kind.create(values);
        } catch (InvalidField wrong) {
            throw new Unreadable("%s, field %s".formatted(where, wrong.field()), wrong.getMessage());
        }
    }
}
