package upshot.exchange.json;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import upshot.core.measure.FrameRate;
import upshot.core.plan.Action;
import upshot.core.plan.Field;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Shot;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Use;

/**
 * Fields that records of a kind did not always have. Plan files and undoable changes that were written before are still
 * read: what they do not say is what a new record begins with. A field that always existed has to be there.
 */
final class LaterFields {

    /** Any valid identifier: it is never read. */
    private static final UUID NONE = UUID.fromString("00000000-0000-4000-8000-000000000000");

    private static final Map<RecordKind<?>, PlanRecord> NEW = Map.of(
            RecordKind.ACTION, Action.draft(NONE, NONE, NONE, NONE, "A", "new"),
            RecordKind.SHOT, Shot.draft(NONE, NONE, "A1", FrameRate.of(24)),
            RecordKind.SPOT, Spot.draft(NONE, "new"),
            RecordKind.BEAT, StoryBeat.of(NONE, "new", 0, StoryBeat.Role.BODY),
            RecordKind.USE, Use.cut(NONE, NONE, 0, 1));

    private static final Map<RecordKind<?>, Set<String>> LATER = Map.of(
            RecordKind.ACTION, Set.of("acrossM", "deepM"),
            RecordKind.SHOT,
                    Set.of(
                            "subjectId",
                            "moveBack",
                            "alsoMove",
                            "zooms",
                            "keyDeg",
                            "fillDeg",
                            "backDeg",
                            "rollMeant",
                            "devices",
                            "cautions",
                            "still"),
            RecordKind.SPOT, Set.of("noGo"),
            RecordKind.BEAT, Set.of("targetS"),
            RecordKind.USE, Set.of("inS", "joinFrames", "pinned"));

    private LaterFields() {}

    /** The value of a field in a record, or what a new one begins with where the field came later and is not there. */
    static Object read(RecordKind<?> kind, Field field, JsonNode owner) {
        JsonNode node = owner.get(field.name());
        boolean older = node == null && LATER.getOrDefault(kind, Set.of()).contains(field.name());
        return older ? field.of(NEW.get(kind)) : ValueJson.read(field, node);
    }
}
