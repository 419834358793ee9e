package upshot.exchange.json;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.finding.Wording;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.exchange.text.Unreadable;

/**
 * Goes through a plan file once. One record at a time is held as JSON, with known fields and single values alone; a kind
 * that holds more records than a job can is refused at the first too many.
 */
final class PlanReader {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final JsonParser parser;
    private final Map<RecordKind<?>, List<PlanRecord>> records = new HashMap<>();
    private boolean formatSaid;
    private boolean versionSaid;
    private boolean recordsSaid;

    PlanReader(JsonParser parser) {
        this.parser = parser;
    }

    Plan read() {
        if (parser.nextToken() != JsonToken.START_OBJECT) {
            throw otherFormat();
        }
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = parser.currentName();
            parser.nextToken();
            switch (name) {
                case "format" -> readFormat();
                case "version" -> readVersion();
                case "records" -> readRecords();
                default -> throw unknown(name, "The file");
            }
        }
        if (!formatSaid) {
            throw otherFormat();
        }
        if (!versionSaid) {
            throw otherVersion("none");
        }
        if (!recordsSaid) {
            throw noRecords();
        }
        if (parser.nextToken() != null) {
            throw new Unreadable("", "More follows after the end of the plan.");
        }
        return plan();
    }

    private void readFormat() {
        if (!PlanJson.FORMAT.equals(text())) {
            throw otherFormat();
        }
        formatSaid = true;
    }

    private void readVersion() {
        boolean known = IntStream.rangeClosed(1, PlanJson.VERSION).anyMatch(version -> text().equals("" + version));
        if (!known) {
            throw otherVersion(shortened(text()));
        }
        versionSaid = true;
    }

    private void readRecords() {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw noRecords();
        }
        recordsSaid = true;
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = parser.currentName();
            RecordKind<?> kind = RecordKind.named(name).orElseThrow(() -> unknown(name, "Records"));
            if (parser.nextToken() != JsonToken.START_ARRAY) {
                throw new Unreadable(name, "This is no list of records.");
            }
            readAll(kind);
        }
    }

    private void readAll(RecordKind<?> kind) {
        List<PlanRecord> all = records.computeIfAbsent(kind, none -> new ArrayList<>());
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            if (all.size() == Plan.most(kind)) {
                throw new Unreadable(
                        kind.name(),
                        "A job can hold %d %ss, this would be more.".formatted(Plan.most(kind), kind.name()));
            }
            String where = "%s %d".formatted(kind.name(), all.size() + 1);
            all.add(PlanJson.record(kind, object(kind, where), where));
        }
    }

    private ObjectNode object(RecordKind<?> kind, String where) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw new Unreadable(where, "This is no record.");
        }
        ObjectNode node = NODES.objectNode();
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = parser.currentName();
            if (kind.field(name).isEmpty()) {
                throw unknown(name, where);
            }
            parser.nextToken();
            node.set(name, value("%s, field %s".formatted(where, name)));
        }
        return node;
    }

    private JsonNode value(String where) {
        return switch (parser.currentToken()) {
            case VALUE_STRING -> NODES.stringNode(parser.getString());
            case VALUE_NUMBER_INT ->
                switch (parser.getNumberType()) {
                    case INT -> NODES.numberNode(parser.getIntValue());
                    case LONG -> NODES.numberNode(parser.getLongValue());
                    default -> NODES.numberNode(parser.getBigIntegerValue());
                };
            case VALUE_NUMBER_FLOAT -> NODES.numberNode(parser.getDoubleValue());
            case VALUE_TRUE, VALUE_FALSE -> NODES.booleanNode(parser.getBooleanValue());
            case VALUE_NULL -> NODES.nullNode();
            default -> throw new Unreadable(where, "It holds no single value.");
        };
    }

    private Plan plan() {
        List<PlanRecord> all = new ArrayList<>();
        RecordKind.PARENT_FIRST.forEach(kind -> all.addAll(records.getOrDefault(kind, List.of())));
        try {
            return Plan.of(all);
        } catch (InvalidField together) {
            throw new Unreadable(together.field(), together.getMessage());
        }
    }

    /** The text of a single value, empty for anything else. */
    private String text() {
        return parser.currentToken().isScalarValue() ? parser.getString() : "";
    }

    private static Unreadable otherFormat() {
        return new Unreadable("", "This is no plan file: its format is not “%s”.".formatted(PlanJson.FORMAT));
    }

    private static Unreadable otherVersion(String version) {
        return new Unreadable(
                "", "The file has version %s; this program reads version %d.".formatted(version, PlanJson.VERSION));
    }

    private static Unreadable noRecords() {
        return new Unreadable("", "The file has no records.");
    }

    private static Unreadable unknown(String name, String where) {
        return new Unreadable(
                where, "“%s” is not known here. Was it written by a newer version?".formatted(shortened(name)));
    }

    private static String shortened(String text) {
        return Wording.shortened(text, 61);
    }
}
