package upshot.exchange.json;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Accepted;
import upshot.core.plan.Action;
import upshot.core.plan.Body;
import upshot.core.plan.Field;
import upshot.core.plan.HouseRules;
import upshot.core.plan.Performer;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.plan.Use;

/**
 * Fields that records of a kind did not always have. Plan files and undoable changes that were written before are still
 * read: what they do not say is what a new record begins with. A field that always existed has to be there.
 */
final class LaterFields {

    /** Any valid identifier: it is never read. */
    private static final UUID NONE = UUID.fromString("00000000-0000-4000-8000-000000000000");

    private static final Map<RecordKind<?>, PlanRecord> NEW = Map.ofEntries(
            Map.entry(RecordKind.HOUSE, HouseRules.usual(NONE)),
            Map.entry(RecordKind.ACTION, Action.draft(NONE, NONE, NONE, NONE, "A", "new")),
            Map.entry(RecordKind.PERFORMER, Performer.of(NONE, NONE, NONE, 0)),
            Map.entry(RecordKind.SHOT, Shot.draft(NONE, NONE, "A1", FrameRate.of(24))),
            Map.entry(RecordKind.SPOT, Spot.draft(NONE, "new")),
            Map.entry(RecordKind.SUBJECT, Subject.person(NONE, "new")),
            Map.entry(RecordKind.BODY, Body.draft(NONE, "new")),
            Map.entry(RecordKind.BEAT, StoryBeat.of(NONE, "new", 0, StoryBeat.Role.BODY)),
            Map.entry(RecordKind.USE, Use.cut(NONE, NONE, 0, 1)),
            Map.entry(RecordKind.ACCEPTED, Accepted.ofTheCut(NONE, "new", false, "new")));

    private static final Map<RecordKind<?>, Set<String>> LATER = Map.ofEntries(
            Map.entry(RecordKind.HOUSE, Set.of("telling", "pace")),
            Map.entry(
                    RecordKind.ACTION,
                    Set.of(
                            "acrossM",
                            "deepM",
                            "rises",
                            "focus",
                            "speech",
                            "playback",
                            "noSound",
                            "onePicture",
                            "taken",
                            "stagedAgain",
                            "strand")),
            Map.entry(RecordKind.PERFORMER, Set.of("acrossM", "deepM")),
            Map.entry(
                    RecordKind.SHOT,
                    Set.of(
                            "subjectId",
                            "cameraSpotId",
                            "aim",
                            "meant",
                            "cleanPlate",
                            "moveBack",
                            "alsoMove",
                            "zooms",
                            "keyDeg",
                            "fillDeg",
                            "backDeg",
                            "rollMeant",
                            "devices",
                            "cautions",
                            "still")),
            Map.entry(RecordKind.SPOT, Set.of("noGo", "loudFrom", "loudUntil", "siteEastM", "siteNorthM")),
            Map.entry(RecordKind.SUBJECT, Set.of("films")),
            Map.entry(RecordKind.BODY, Set.of("portrait", "variableRate", "dropFrame")),
            Map.entry(RecordKind.BEAT, Set.of("targetS")),
            Map.entry(
                    RecordKind.USE,
                    Set.of("inS", "joinFrames", "pinned", "cropZoom", "cropAcross", "cropDown", "flipped")),
            Map.entry(RecordKind.ACCEPTED, Set.of("measured")));

    private LaterFields() {}

    /** The value of a field in a record, or what a new one begins with where the field came later and is not there. */
    static Object read(RecordKind<?> kind, Field field, JsonNode owner) {
        JsonNode node = owner.get(field.name());
        boolean older = node == null && LATER.getOrDefault(kind, Set.of()).contains(field.name());
        return older ? field.of(NEW.get(kind)) : ValueJson.read(field, node);
    }
}
