package upshot.exchange.json;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.plan.Change;
import upshot.core.plan.Field;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;

/**
 * Changes as a JSON array of single steps: {@code {"op":"add","kind":"shot","record":{…}}}, {@code remove} likewise,
 * and {@code {"op":"set","kind":"shot","id":"…","field":"bearingDeg","before":30,"after":45}}.
 */
public final class ChangeJson {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private ChangeJson() {}

    /** The steps of a change as JSON text. */
    public static String write(Change change) {
        ArrayNode steps = JsonNodeFactory.instance.arrayNode();
        change.steps().forEach(step -> steps.add(step(step)));
        return steps.toString();
    }

    /**
     * Reads the text that {@link #write} makes.
     *
     * @throws UnreadableJson when it is not a list of changes
     */
    public static Change.Batch read(String json) {
        try {
            return read(MAPPER.readTree(json));
        } catch (JacksonException broken) {
            throw new UnreadableJson("This is no JSON.", broken);
        }
    }

    /**
     * Reads an array of steps.
     *
     * @throws UnreadableJson when it is not one, naming the step
     */
    public static Change.Batch read(JsonNode steps) {
        if (steps == null || !steps.isArray()) {
            throw new UnreadableJson("The changes are not a list.");
        }
        List<Change> changes = new ArrayList<>();
        for (JsonNode step : steps) {
            changes.add(readStep(step));
        }
        return Change.batch(changes);
    }

    /** One value as JSON text, as it stands in changes: for the {@code before} of a control on a page. */
    public static String value(Object value) {
        return ValueJson.write(value).toString();
    }

    /**
     * Reads what somebody typed into a field, as a form would send it.
     *
     * @throws UnreadableJson when it is no value of the field's type
     */
    public static Object typed(Field field, String text) {
        return ValueJson.read(field, JsonNodeFactory.instance.stringNode(text));
    }

    private static ObjectNode step(Change step) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        if (step instanceof Change.Add add) {
            return node.put("op", "add")
                    .put("kind", RecordKind.of(add.added()).name())
                    .set("record", record(add.added()));
        }
        if (step instanceof Change.Remove remove) {
            return node.put("op", "remove")
                    .put("kind", RecordKind.of(remove.removed()).name())
                    .set("record", record(remove.removed()));
        }
        Change.Set set = (Change.Set) step;
        node.put("op", "set")
                .put("kind", set.kind().name())
                .put("id", set.id().toString())
                .put("field", set.field());
        node.set("before", ValueJson.write(set.before()));
        node.set("after", ValueJson.write(set.after()));
        return node;
    }

    /** A record as an object with a value for each field. */
    static ObjectNode record(PlanRecord plannedRecord) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        for (Field field : RecordKind.of(plannedRecord).fields()) {
            node.set(field.name(), ValueJson.write(field.of(plannedRecord)));
        }
        return node;
    }

    private static Change readStep(JsonNode step) {
        RecordKind<?> kind = RecordKind.named(step.path("kind").asString(""))
                .orElseThrow(() -> new UnreadableJson(
                        "“%s” is no kind of record.".formatted(step.path("kind").asString(""))));
        return switch (step.path("op").asString("")) {
            case "add" -> new Change.Add(readRecord(kind, step.path("record")));
            case "remove" -> new Change.Remove(readRecord(kind, step.path("record")));
            case "set" -> readSet(kind, step);
            default ->
                throw new UnreadableJson(
                        "“%s” is no change.".formatted(step.path("op").asString("")));
        };
    }

    private static PlanRecord readRecord(RecordKind<?> kind, JsonNode node) {
        return kind.create(kind.fields().stream()
                .map(field -> LaterFields.read(kind, field, node))
                .toArray());
    }

    private static Change readSet(RecordKind<?> kind, JsonNode step) {
        String name = step.path("field").asString("");
        Field field = kind.field(name)
                .orElseThrow(() -> new UnreadableJson("A %s has no field “%s”.".formatted(kind.name(), name)));
        return new Change.Set(
                kind,
                readId(step.path("id").asString("")),
                name,
                ValueJson.read(field, step.get("before")),
                ValueJson.read(field, step.get("after")));
    }

    private static UUID readId(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException notAnId) {
            throw new UnreadableJson("“%s” is no id.".formatted(text), notAnId);
        }
    }
}
