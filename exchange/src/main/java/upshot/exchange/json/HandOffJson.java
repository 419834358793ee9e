package upshot.exchange.json;

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
import upshot.core.handoff.Clip;
import upshot.core.handoff.HandOffEntry;
import upshot.core.handoff.HandOffWhat;
import upshot.core.measure.FrameRate;
import upshot.core.plan.InvalidField;
import upshot.exchange.text.Unreadable;

/**
 * What is said at the hand-off, as pages send it, as it is kept, and as editors bring remarks.
 *
 * <p>{@code {"format": "upshot-lane-hand-off", "version": 1, "entries": [{"id": "…", "what": "PAIR", "clipId": "…",
 * "takeId": "…"}, …]}}; what is empty may be left out.
 */
public final class HandOffJson {

    public static final String FORMAT = "upshot-lane-hand-off";
    public static final int VERSION = 1;
    public static final int MOST_BYTES = 4 << 20;
    public static final int MOST_ENTRIES = 500;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(8)
                            .maxStringLength(2_000)
                            .maxNumberLength(40)
                            .maxTokenCount(200_000)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .disable(StreamReadFeature.INCLUDE_SOURCE_IN_LOCATION)
            .build();

    private HandOffJson() {}

    /** The file's text. */
    public static String write(List<HandOffEntry> entries) {
        ObjectNode root = MAPPER.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ArrayNode all = root.putArray("entries");
        entries.forEach(entry -> all.add(entry(entry)));
        return root + "\n";
    }

    /**
     * Reads entries.
     *
     * @throws Unreadable when they are none
     * @throws InvalidField when one of them says nothing that can be kept
     */
    public static List<HandOffEntry> read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new Unreadable("", "That is larger than %d MB.".formatted(MOST_BYTES >> 20));
        }
        JsonNode root = parse(file);
        JsonNode all = root.path("entries");
        if (!FORMAT.equals(root.path("format").asString("")) || !all.isArray()) {
            throw new Unreadable("", "This says nothing of a hand-off.");
        }
        if (root.path("version").asInt(0) > VERSION) {
            throw new Unreadable("", "This was written by a newer program.");
        }
        if (all.size() > MOST_ENTRIES) {
            throw new Unreadable("", "More than %d entries at once.".formatted(MOST_ENTRIES));
        }
        List<HandOffEntry> entries = new ArrayList<>();
        for (JsonNode node : all) {
            entries.add(entry(node));
        }
        return entries;
    }

    /** Clips as text, for where entries are kept in columns. */
    public static String writeClips(List<Clip> clips) {
        ArrayNode array = MAPPER.createArrayNode();
        clips.forEach(clip -> array.add(clip(clip)));
        return array.toString();
    }

    /** Reads what {@link #writeClips} wrote. */
    public static List<Clip> readClips(String text) {
        return clips(parse(text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }

    private static JsonNode parse(byte[] text) {
        try {
            return MAPPER.readTree(text);
        } catch (JacksonException broken) {
            throw new Unreadable("", "This cannot be read.");
        }
    }

    /** One entry as an object. */
    public static ObjectNode entry(HandOffEntry entry) {
        ObjectNode node = MAPPER.createObjectNode()
                .put("id", entry.id().toString())
                .put("what", entry.what().name());
        entry.clipId().ifPresent(id -> node.put("clipId", id.toString()));
        entry.takeId().ifPresent(id -> node.put("takeId", id.toString()));
        entry.useId().ifPresent(id -> node.put("useId", id.toString()));
        entry.shotId().ifPresent(id -> node.put("shotId", id.toString()));
        if (!entry.words().isEmpty()) {
            node.put("words", entry.words());
        }
        if (entry.amount() != 0) {
            node.put("amount", entry.amount());
        }
        if (!entry.remark().isEmpty()) {
            node.put("remark", entry.remark());
        }
        if (!entry.clips().isEmpty()) {
            ArrayNode clips = node.putArray("clips");
            entry.clips().forEach(clip -> clips.add(clip(clip)));
        }
        return node;
    }

    private static HandOffEntry entry(JsonNode node) {
        return new HandOffEntry(
                id(node, "id").orElse(null),
                what(node.path("what").asString("")),
                id(node, "clipId"),
                id(node, "takeId"),
                id(node, "useId"),
                id(node, "shotId"),
                node.path("words").asString(""),
                node.path("amount").asDouble(0),
                node.path("remark").asString(""),
                clips(node.path("clips")));
    }

    private static ObjectNode clip(Clip clip) {
        ObjectNode node = MAPPER.createObjectNode()
                .put("id", clip.id().toString())
                .put("card", clip.card())
                .put("bytes", clip.bytes())
                .put("frames", clip.frames())
                .put("rate", clip.rate().toString())
                .put("width", clip.width())
                .put("height", clip.height());
        ArrayNode files = node.putArray("files");
        clip.files().forEach(files::add);
        if (clip.variable()) {
            node.put("variable", true);
        }
        clip.startFrame().ifPresent(frame -> node.put("startFrame", frame));
        if (clip.dropFrame()) {
            node.put("dropFrame", true);
        }
        clip.madeMs().ifPresent(ms -> node.put("madeMs", ms));
        if (!clip.camera().isEmpty()) {
            node.put("camera", clip.camera());
        }
        return node;
    }

    private static List<Clip> clips(JsonNode array) {
        List<Clip> clips = new ArrayList<>();
        for (JsonNode node : array) {
            List<String> files = new ArrayList<>();
            node.path("files").forEach(file -> files.add(file.asString("")));
            clips.add(new Clip(
                    id(node, "id").orElse(null),
                    node.path("card").asString(""),
                    files,
                    whole(node, "bytes", Long.MAX_VALUE),
                    (int) whole(node, "frames", Integer.MAX_VALUE),
                    rate(node.path("rate").asString("")),
                    node.path("variable").asBoolean(false),
                    (int) whole(node, "width", Integer.MAX_VALUE),
                    (int) whole(node, "height", Integer.MAX_VALUE),
                    has(node, "startFrame")
                            ? Optional.of((int) whole(node, "startFrame", Integer.MAX_VALUE))
                            : Optional.empty(),
                    node.path("dropFrame").asBoolean(false),
                    has(node, "madeMs") ? Optional.of(whole(node, "madeMs", Long.MAX_VALUE)) : Optional.empty(),
                    node.path("camera").asString("")));
        }
        return clips;
    }

    private static boolean has(JsonNode node, String field) {
        return node.hasNonNull(field);
    }

    private static long whole(JsonNode node, String field, long most) {
        JsonNode number = node.path(field);
        if (!number.isIntegralNumber() || !number.canConvertToLong() || Math.abs(number.asLong()) > most) {
            throw new InvalidField(field, "The clip's %s is no whole number.".formatted(field));
        }
        return number.asLong();
    }

    private static FrameRate rate(String text) {
        try {
            return FrameRate.parse(text);
        } catch (IllegalArgumentException none) {
            throw new InvalidField("rate", none.getMessage());
        }
    }

    private static HandOffWhat what(String name) {
        for (HandOffWhat what : HandOffWhat.values()) {
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
