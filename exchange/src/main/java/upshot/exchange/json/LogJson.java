package upshot.exchange.json;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.plan.InvalidField;
import upshot.core.roll.LogEntry;
import upshot.day.log.What;
import upshot.exchange.text.Unreadable;

/**
 * The log of a day, as phones send it and as it is kept in a file.
 *
 * <p>{@code {"format": "upshot-lane-log", "version": 1, "entries": [{"id": "…", "phoneId": "…", "number": 0, "atMs": …,
 * "offsetMs": 0, "what": "ROLL", "about": "…"}, …]}}; what is empty may be left out.
 */
public final class LogJson {

    public static final String FORMAT = "upshot-lane-log";
    public static final int VERSION = 1;
    public static final int MOST_BYTES = 8 << 20;
    public static final int MOST_ENTRIES = 20_000;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(6)
                            .maxStringLength(2_000)
                            .maxNumberLength(40)
                            .maxTokenCount(40L * MOST_ENTRIES)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .disable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION)
            .build();

    private LogJson() {}

    /**
     * What was read.
     *
     * @param entries that can be kept, each once
     * @param refused the others: one bad entry keeps none of the rest back
     */
    public record Read(List<LogEntry> entries, List<Refused> refused) {}

    /**
     * An entry that cannot be kept.
     *
     * @param id as it came, empty where there was none
     */
    public record Refused(String id, String why) {}

    /** The file's text. */
    public static String write(List<LogEntry> entries) {
        ObjectNode root = MAPPER.createObjectNode().put("format", FORMAT).put("version", VERSION);
        root.set(
                "entries",
                MAPPER.createArrayNode()
                        .addAll(entries.stream().map(LogJson::entry).toList()));
        return root + "\n";
    }

    /** One entry as an object. */
    public static ObjectNode entry(LogEntry entry) {
        ObjectNode node = MAPPER.createObjectNode()
                .put("id", entry.id().toString())
                .put("phoneId", entry.phoneId().toString())
                .put("number", entry.number())
                .put("atMs", entry.atMs())
                .put("offsetMs", entry.offsetMs())
                .put("what", entry.what().name());
        entry.of().ifPresent(of -> node.put("of", of.toString()));
        entry.about().ifPresent(about -> node.put("about", about.toString()));
        entry.bodyId().ifPresent(body -> node.put("bodyId", body.toString()));
        if (!entry.detail().isEmpty()) {
            node.put("detail", entry.detail());
        }
        if (entry.amount() != 0) {
            node.put("amount", entry.amount());
        }
        if (!entry.words().isEmpty()) {
            node.put("words", entry.words());
        }
        if (!entry.turns().isEmpty()) {
            node.set("turns", turns(entry.turns()));
        }
        return node;
    }

    /** Reads one entry that {@link #entry} wrote. */
    public static LogEntry readEntry(byte[] written) {
        return entry(parse(written));
    }

    /** The turns of an order as text, for where entries are kept in columns. */
    public static String writeTurns(List<LogEntry.Turn> turns) {
        return turns(turns).toString();
    }

    /** Reads what {@link #writeTurns} wrote. */
    public static List<LogEntry.Turn> readTurns(String text) {
        return turns(parse(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static ArrayNode turns(List<LogEntry.Turn> turns) {
        ArrayNode array = MAPPER.createArrayNode();
        turns.forEach(turn -> array.addObject()
                .put("about", turn.about().toString())
                .put("rollMs", turn.rollMs())
                .put("endMs", turn.endMs()));
        return array;
    }

    private static List<LogEntry.Turn> turns(JsonNode array) {
        List<LogEntry.Turn> turns = new ArrayList<>();
        for (JsonNode node : array) {
            turns.add(new LogEntry.Turn(id(node, "about").orElse(null), whole(node, "rollMs"), whole(node, "endMs")));
        }
        return turns;
    }

    /**
     * Reads a log.
     *
     * @throws Unreadable when it is none
     */
    public static Read read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new Unreadable("", "The log is larger than %d MB.".formatted(MOST_BYTES >> 20));
        }
        JsonNode root = parse(file);
        JsonNode all = root.path("entries");
        if (!FORMAT.equals(root.path("format").asString("")) || !all.isArray()) {
            throw new Unreadable("", "This is no log of a day.");
        }
        if (root.path("version").asInt(0) > VERSION) {
            throw new Unreadable("", "This log was written by a newer program.");
        }
        if (all.size() > MOST_ENTRIES) {
            throw new Unreadable("", "More than %d entries at once.".formatted(MOST_ENTRIES));
        }
        List<LogEntry> entries = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (JsonNode node : all) {
            try {
                entries.add(entry(node));
            } catch (InvalidField wrong) {
                refused.add(new Refused(node.path("id").asString(""), wrong.getMessage()));
            }
        }
        return new Read(entries, refused);
    }

    private static JsonNode parse(byte[] file) {
        try {
            return MAPPER.readTree(file);
        } catch (JacksonException broken) {
            throw new Unreadable("", "This is no log that can be read.");
        }
    }

    private static LogEntry entry(JsonNode node) {
        return new LogEntry(
                id(node, "id").orElse(null),
                id(node, "phoneId").orElse(null),
                whole(node, "number").intValue(),
                whole(node, "atMs"),
                whole(node, "offsetMs"),
                what(node.path("what").asString("")),
                id(node, "of"),
                id(node, "about"),
                id(node, "bodyId"),
                node.path("detail").asString(""),
                node.path("amount").asDouble(0),
                node.path("words").asString(""),
                turns(node.path("turns")));
    }

    private static Long whole(JsonNode node, String field) {
        JsonNode number = node.path(field);
        boolean fits = field.equals("number") ? number.canConvertToInt() : number.canConvertToLong();
        if (!number.isIntegralNumber() || !fits) {
            throw new InvalidField(field, "The %s is no whole number.".formatted(field));
        }
        return number.asLong();
    }

    private static What what(String name) {
        for (What what : What.values()) {
            if (what.name().equals(name)) {
                return what;
            }
        }
        throw new InvalidField("what", "“%s” is no entry that is known here.".formatted(name));
    }

    private static Optional<UUID> id(JsonNode node, String field) {
        String text = node.path(field).asString("");
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException notAnId) {
            throw new InvalidField(field, "The %s is no valid identifier.".formatted(field));
        }
    }
}
