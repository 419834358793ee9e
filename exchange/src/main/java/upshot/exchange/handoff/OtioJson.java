package upshot.exchange.handoff;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import upshot.core.finding.Finding;
import upshot.core.finding.Status;
import upshot.core.handoff.Clip;
import upshot.core.handoff.ShotTakes.Kept;
import upshot.core.handoff.UseAsShot;
import upshot.core.handoff.UseAsShot.Source;
import upshot.core.measure.FrameRate;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Use;
import upshot.core.plan.UseCrop;
import upshot.core.plan.VoiceOver;

/**
 * The cut as an OpenTimelineIO timeline (its schemas are written down in {@code docs/otio.md}). An item's duration is its
 * length in the cut, at the cut's rate, to the frame; where it begins in its clip is at the clip's rate. Slow motion, reversed
 * pictures and stills are time warps by their factor, which do not change an item's length.
 */
public final class OtioJson {

    private static final JsonMapper MAPPER = JsonMapper.shared();

    private final Handed handed;
    private final FrameRate rate;

    private OtioJson(Handed handed) {
        this.handed = handed;
        this.rate = handed.rate();
    }

    /** The file's text. */
    public static String write(Handed handed) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(new OtioJson(handed).timeline()) + "\n";
    }

    private static ObjectNode schema(String schema, String name) {
        ObjectNode node = MAPPER.createObjectNode().put("OTIO_SCHEMA", schema);
        node.putObject("metadata");
        return node.put("name", name);
    }

    private ObjectNode timeline() {
        ObjectNode timeline = schema("Timeline.1", handed.brief().name());
        timeline.set("global_start_time", time(0, rate));
        ObjectNode stack = item(schema("Stack.1", "tracks"));
        stack.set("markers", voices());
        ArrayNode tracks = stack.putArray("children");
        tracks.add(cut());
        tracks.add(alternates());
        timeline.set("tracks", stack);
        return timeline;
    }

    private static ObjectNode item(ObjectNode node) {
        node.putNull("source_range");
        node.putArray("effects");
        node.putArray("markers");
        return node.put("enabled", true);
    }

    private static ObjectNode track(String name) {
        return item(schema("Track.1", name)).put("kind", "Video");
    }

    private ObjectNode cut() {
        ObjectNode track = track("as shot");
        ArrayNode children = track.putArray("children");
        for (int i = 0; i < handed.uses().size(); i++) {
            UseAsShot use = handed.uses().get(i);
            if (i > 0 && blends(handed.uses().get(i - 1), use)) {
                children.add(transition(use.placed().use()));
            }
            ObjectNode first = use.source()
                    .map(source -> clip(use, source, Handed.filled(use)))
                    .orElseGet(() -> gap(
                            "missing: " + use.placed().shot().code(),
                            use.placed().use().frames()));
            first.set("markers", markers(i, use));
            children.add(first);
            int empty = use.hole() ? 0 : use.placed().use().frames() - Handed.filled(use);
            if (empty > 0) {
                children.add(gap("%s is too short".formatted(use.shown().code()), empty));
            }
        }
        return track;
    }

    /** The second best keeper of each use, at its place. */
    private ObjectNode alternates() {
        ObjectNode track = track("alternates").put("enabled", false);
        ArrayNode children = track.putArray("children");
        for (UseAsShot use : handed.uses()) {
            List<Kept> others = handed.alternates(use);
            int frames = use.placed().use().frames();
            int wants = Math.max(
                    1, (int) Math.ceil(frames * Math.abs(use.placed().use().frameStep()) - 1e-9));
            if (others.isEmpty() || others.get(0).clip().frames() < wants) {
                children.add(gap("", frames));
                continue;
            }
            Kept other = others.get(0);
            int in = Math.min(other.frameAt(other.clean().fromS()), other.clip().frames() - wants);
            double speed =
                    use.placed().use().frameStep() * rate.over(other.clip().rate());
            children.add(clip(use, new Source(Optional.of(other), other.clip(), in, wants, speed), frames));
        }
        return track;
    }

    private static boolean blends(UseAsShot before, UseAsShot use) {
        Use one = use.placed().use();
        return one.entry().blends() && one.joinFrames() > 1 && !before.hole() && !use.hole();
    }

    private ObjectNode transition(Use use) {
        ObjectNode transition = schema("Transition.1", use.entry().label());
        transition.put("transition_type", "SMPTE_Dissolve");
        transition.set("in_offset", time(use.joinFrames() / 2, rate));
        transition.set("out_offset", time(use.joinFrames() - use.joinFrames() / 2, rate));
        return transition;
    }

    private ObjectNode clip(UseAsShot use, Source source, int frames) {
        Clip clip = source.clip();
        int first = clip.startFrame().orElse(0);
        ObjectNode node = item(schema("Clip.2", "%s %s".formatted(use.shown().code(), clip.name())));
        ObjectNode own = ((ObjectNode) node.get("metadata")).putObject("upshot");
        own.put("use", use.placed().index() + 1).put("shot", use.shown().code()).put("action", actionName(use));
        own.put("note", use.shown().note());
        own.put("clean_plate", use.shown().cleanPlate());
        UseCrop crop = use.placed().use().crop();
        own.put("crop", crop.cropZoom()).put("crop_across", crop.cropAcross()).put("crop_down", crop.cropDown());
        own.put("flipped", crop.flipped());
        own.put("handle_before_frames", source.handleBefore()).put("handle_behind_frames", source.handleBehind());
        node.set("source_range", range(time(first + source.inFrame(), clip.rate()), time(frames, rate)));
        if (source.speed() != 1) {
            ArrayNode effects = MAPPER.createArrayNode();
            effects.add(
                    source.speed() == 0
                            ? schema("FreezeFrame.1", "still")
                                    .put("effect_name", "FreezeFrame")
                                    .put("time_scalar", 0.0)
                            : schema("LinearTimeWarp.1", "speed")
                                    .put("effect_name", "LinearTimeWarp")
                                    .put("time_scalar", source.speed()));
            node.set("effects", effects);
        }
        node.putObject("media_references").set("DEFAULT_MEDIA", reference(clip, first));
        return node.put("active_media_reference_key", "DEFAULT_MEDIA");
    }

    private static ObjectNode reference(Clip clip, int first) {
        ObjectNode media = schema("ExternalReference.1", clip.name());
        media.put("target_url", url(Handed.mediaPath(clip.card(), clip.files().get(0))));
        media.set("available_range", range(time(first, clip.rate()), time(clip.frames(), clip.rate())));
        return media.putNull("available_image_bounds");
    }

    /** A relative reference as addresses are written. */
    private static String url(String path) {
        try {
            return new URI(null, null, path, null).getRawPath();
        } catch (URISyntaxException none) {
            throw new IllegalArgumentException(none);
        }
    }

    private String actionName(UseAsShot use) {
        return handed.judged().verdict().plan().actionOf(use.shown()).name();
    }

    private ObjectNode gap(String name, int frames) {
        ObjectNode gap = item(schema("Gap.1", name));
        gap.set("source_range", range(time(0, rate), time(frames, rate)));
        return gap;
    }

    private ArrayNode markers(int place, UseAsShot use) {
        ArrayNode markers = MAPPER.createArrayNode();
        for (Finding finding : handed.findings(place)) {
            String color = finding.status() == Status.BREAK ? "RED" : "YELLOW";
            markers.add(marker(finding.title(), finding.sentence(), color, markedStart(use), 1, rate));
        }
        return markers;
    }

    /** Markers of an item are said in its clip's time. */
    private double markedStart(UseAsShot use) {
        return use.source()
                .map(source -> rate.over(source.clip().rate())
                        * (source.clip().startFrame().orElse(0) + source.inFrame()))
                .orElse(0.0);
    }

    private ArrayNode voices() {
        ArrayNode markers = MAPPER.createArrayNode();
        for (VoiceOver voice : handed.plan().list(RecordKind.VOICE)) {
            double from = Math.rint(voice.startS() * rate.perSecond());
            double length = Math.rint((voice.endS() - voice.startS()) * rate.perSecond());
            markers.add(marker("Voice", voice.words(), "CYAN", from, length, rate));
        }
        return markers;
    }

    private static ObjectNode marker(
            String name, String comment, String color, double from, double frames, FrameRate rate) {
        ObjectNode marker = schema("Marker.2", name).put("color", color).put("comment", comment);
        marker.set("marked_range", range(time(from, rate), time(frames, rate)));
        return marker;
    }

    private static ObjectNode range(ObjectNode start, ObjectNode duration) {
        ObjectNode range = MAPPER.createObjectNode().put("OTIO_SCHEMA", "TimeRange.1");
        range.set("duration", duration);
        range.set("start_time", start);
        return range;
    }

    private static ObjectNode time(double value, FrameRate rate) {
        return MAPPER.createObjectNode()
                .put("OTIO_SCHEMA", "RationalTime.1")
                .put("rate", rate.perSecond())
                .put("value", value);
    }
}
