package upshot.core.brief;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import upshot.core.plan.Body;
import upshot.core.plan.Card;
import upshot.core.plan.Carrier;
import upshot.core.plan.Change;
import upshot.core.plan.Dioptre;
import upshot.core.plan.FrameRates;
import upshot.core.plan.InvalidField;
import upshot.core.plan.Lens;
import upshot.core.plan.Light;
import upshot.core.plan.Mode;
import upshot.core.plan.Moment;
import upshot.core.plan.NdFilter;
import upshot.core.plan.Plan;
import upshot.core.plan.PlanRecord;
import upshot.core.plan.Ranks;
import upshot.core.plan.RecordKind;
import upshot.core.plan.Rest;
import upshot.core.plan.Spot;
import upshot.core.plan.StoryBeat;
import upshot.core.plan.Subject;
import upshot.core.plan.Support;
import upshot.core.plan.VoiceOver;

/** Records as they are when somebody adds one: usual values that are then changed in place. */
public final class Drafts {

    private static final String USUAL_RATES = "23.976, 24, 25, 29.97, 30, 50, 59.94, 60";

    private static final double USUAL_REST_MIN = 15;
    private static final int QUARTER_MIN = 15;

    private Drafts() {}

    /**
     * What adding a record of a kind comes to. A body comes with a first mode.
     *
     * @param name of the new record; where it is blank the kind says what it is
     * @param ofId of the body that a mode belongs to, of the person who has a rest; null for everything else
     * @throws InvalidField when records of this kind are not added one by one
     */
    public static Change.Batch add(Plan plan, RecordKind<?> kind, String name, UUID ofId, Supplier<UUID> ids) {
        List<Change> adds = new ArrayList<>();
        PlanRecord added = ranked(plan, kind, draft(plan, kind, name.strip(), ofId, ids.get()));
        adds.add(new Change.Add(added));
        if (added instanceof Body body) {
            adds.add(new Change.Add(mode(plan, "4K", body.id(), ids.get())));
        }
        return Change.batch(adds);
    }

    private static PlanRecord draft(Plan plan, RecordKind<?> kind, String name, UUID ofId, UUID id) {
        if (kind == RecordKind.SUBJECT) {
            return Subject.person(id, required(name, "Say who it is."));
        }
        if (kind == RecordKind.SPOT) {
            return Spot.draft(id, required(name, "Give the spot a name."));
        }
        if (kind == RecordKind.BEAT) {
            return StoryBeat.of(id, required(name, "Give the beat a name."), 0, StoryBeat.Role.BODY);
        }
        if (kind == RecordKind.MOMENT) {
            LocalTime call = plan.brief().callTime();
            return new Moment(id, required(name, "Say what happens."), Optional.empty(), call, 10, "");
        }
        if (kind == RecordKind.VOICE) {
            double from = plan.list(RecordKind.VOICE).stream()
                    .mapToDouble(VoiceOver::endS)
                    .max()
                    .orElse(0);
            return new VoiceOver(id, Math.min(from, 3595), Math.min(from, 3595) + 5, name);
        }
        if (kind == RecordKind.REST) {
            return rest(plan, ofId, id);
        }
        return kit(plan, kind, name, ofId, id);
    }

    private static PlanRecord kit(Plan plan, RecordKind<?> kind, String name, UUID ofId, UUID id) {
        if (kind == RecordKind.BODY) {
            return Body.draft(id, or(name, "Another body"));
        }
        if (kind == RecordKind.MODE) {
            return mode(plan, or(name, "Another mode"), ofId, id);
        }
        if (kind == RecordKind.LENS) {
            return Lens.fixed(id, or(name, "50 mm"), 50, 2.8, 0.45);
        }
        if (kind == RecordKind.DIOPTRE) {
            return new Dioptre(id, or(name, "Close-up +2"), 0, 2);
        }
        if (kind == RecordKind.ND) {
            return new NdFilter(id, or(name, "ND 6"), 0, 6);
        }
        if (kind == RecordKind.CARRIER) {
            return new Carrier(id, or(name, "Tripod"), 0, Support.TRIPOD, 0.35, 1.8, 0);
        }
        if (kind == RecordKind.CARD) {
            return new Card(id, or(name, "128 GB"), 0, 2, 128, 90);
        }
        if (kind == RecordKind.LIGHT) {
            return new Light(id, or(name, "Panel"), 0, 60, 3000, true);
        }
        throw new InvalidField("kind", "A %s is not added this way.".formatted(kind.name()));
    }

    /** In the middle of the brief's day, a quarter of an hour after the call or some of them. */
    private static Rest rest(Plan plan, UUID subjectId, UUID id) {
        if (subjectId == null || plan.find(RecordKind.SUBJECT, subjectId).isEmpty()) {
            throw new InvalidField("subjectId", "Say who rests.");
        }
        int middle = plan.brief().dayMinutes() / 2 / QUARTER_MIN * QUARTER_MIN;
        return new Rest(id, subjectId, plan.brief().clockAt(middle), USUAL_REST_MIN);
    }

    private static Mode mode(Plan plan, String name, UUID bodyId, UUID id) {
        if (bodyId == null
                || plan.find(RecordKind.BODY, bodyId).isEmpty()
                        && plan.list(RecordKind.BODY).isEmpty()) {
            throw new InvalidField("bodyId", "Say which body records it.");
        }
        double rank = Ranks.after(plan.list(RecordKind.MODE));
        return new Mode(id, bodyId, name, rank, 3840, 2160, FrameRates.parse(USUAL_RATES), 24.9, 14.0, 100, true);
    }

    private static PlanRecord ranked(Plan plan, RecordKind<?> kind, PlanRecord added) {
        return kind.field("rank").isPresent() ? withRank(kind, added, Ranks.after(plan.list(kind))) : added;
    }

    private static <R extends PlanRecord> PlanRecord withRank(RecordKind<R> kind, PlanRecord added, double rank) {
        return kind.with(kind.type().cast(added), "rank", rank);
    }

    private static String required(String name, String message) {
        if (name.isEmpty()) {
            throw new InvalidField("name", message);
        }
        return name;
    }

    private static String or(String name, String usual) {
        return name.isEmpty() ? usual : name;
    }
}
