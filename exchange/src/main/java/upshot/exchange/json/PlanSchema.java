package upshot.exchange.json;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.plan.Field;
import upshot.core.plan.RecordKind;

/** The JSON Schema of the plan file, made from the kinds of records themselves, so that it cannot fall behind. */
public final class PlanSchema {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private PlanSchema() {}

    /** The schema's text, indented. */
    public static String write() {
        ObjectNode root = NODES.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("title", "Upshot Lane plan file")
                .put("type", "object")
                .put("additionalProperties", false);
        root.putArray("required").add("format").add("version").add("records");
        ObjectNode properties = root.putObject("properties");
        properties.putObject("format").put("const", PlanJson.FORMAT);
        properties.putObject("version").put("const", PlanJson.VERSION);
        ObjectNode records = properties.putObject("records");
        records.put("type", "object").put("additionalProperties", false);
        records.putArray("required").add("brief").add("house").add("body").add("mode");
        ObjectNode kinds = records.putObject("properties");
        for (RecordKind<?> kind : RecordKind.PARENT_FIRST) {
            ObjectNode list = kinds.putObject(kind.name());
            list.put("type", "array");
            if (kind == RecordKind.BRIEF || kind == RecordKind.HOUSE) {
                list.put("minItems", 1).put("maxItems", 1);
            }
            list.set("items", record(kind));
        }
        return root.toPrettyString() + "\n";
    }

    private static ObjectNode record(RecordKind<?> kind) {
        ObjectNode node = NODES.objectNode();
        node.put("type", "object").put("additionalProperties", false);
        ArrayNode required = node.putArray("required");
        ObjectNode properties = node.putObject("properties");
        for (Field field : kind.fields()) {
            if (!field.optional()) {
                required.add(field.name());
            }
            properties.set(field.name(), value(field));
        }
        return node;
    }

    private static ObjectNode value(Field field) {
        ObjectNode node = NODES.objectNode();
        Class<?> type = field.type();
        String json = type == double.class || type == Double.class
                ? "number"
                : type == int.class ? "integer" : type == boolean.class ? "boolean" : "string";
        if (field.optional()) {
            node.putArray("type").add(json).add("null");
        } else {
            node.put("type", json);
        }
        if (type.isEnum()) {
            ArrayNode choices = node.putArray("enum");
            for (Object choice : type.getEnumConstants()) {
                choices.add(((Enum<?>) choice).name());
            }
        } else if (type == UUID.class) {
            node.put("format", "uuid");
        } else if (type == LocalDate.class) {
            node.put("format", "date");
        } else if (type == LocalTime.class) {
            node.put("pattern", "^[0-2]\\d:[0-5]\\d$");
        }
        return node;
    }
}
