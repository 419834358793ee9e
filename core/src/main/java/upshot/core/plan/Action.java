package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.text;

import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;
import upshot.core.size.Form;
import upshot.core.size.Posture;

/**
 * Something that happens and can be filmed, or a feature: a thing or place filmed without anything happening.
 *
 * @param rank place within its beat
 * @param codePrefix one to three capital letters that begin the codes of its shots
 * @param name 1 to 120 characters, said as a sentence: who does what
 * @param feature true when nothing happens; its shots are cutaways
 * @param phases its parts in order, separated by commas, up to 200 characters
 * @param wantedLight the light it asks for
 * @param cautions what can hurt somebody
 */
public record Action(
        UUID id,
        @Refers(to = "beat") UUID beatId,
        @Refers(to = "spot") UUID spotId,
        @Refers(to = "subject") UUID subjectId,
        double rank,
        String codePrefix,
        String name,
        boolean feature,
        ActionPlace place,
        ActionTiming timing,
        ActionNature nature,
        ActionDirection direction,
        ActionThing handled,
        ActionSound heard,
        ActionCoverage wanted,
        String phases,
        WantedLight wantedLight,
        Cautions cautions)
        implements PlanRecord, ActionParts {

    public Action {
        present("id", id);
        present("beatId", beatId);
        present("spotId", spotId);
        present("subjectId", subjectId);
        rank = Check.rank(rank);
        if (!chosen("codePrefix", "code", codePrefix).matches("[A-Z]{1,3}")) {
            throw new InvalidField("codePrefix", "A code begins with one to three capital letters.");
        }
        name = text("name", "name of the action", name, 1, 120);
        phases = text("phases", "phases", phases, 0, 200);
        chosen("wantedLight", "light", wantedLight);
        chosen("cautions", "cautions", cautions);
    }

    /** An action as it is first written down: ten seconds, repeatable, standing, no direction. */
    public static Action draft(UUID id, UUID beatId, UUID spotId, UUID subjectId, String codePrefix, String name) {
        return new Action(
                id,
                beatId,
                spotId,
                subjectId,
                0,
                codePrefix,
                name,
                false,
                new ActionPlace(Posture.STANDING, 0, Optional.empty(), Optional.empty()),
                new ActionTiming(10, false, Optional.empty(), 0, Optional.empty(), Optional.empty()),
                new ActionNature(false, false, false, false),
                new ActionDirection(0, Line.NONE, Side.LEFT_TO_RIGHT, Rise.NEITHER),
                new ActionThing("", Form.ROUND, 0.2, 0.9, "", Focus.UNSAID),
                new ActionSound("", false, false, false),
                new ActionCoverage(false, Taken.SHOT_BY_SHOT, false, ""),
                "",
                WantedLight.ANY,
                Cautions.NONE);
    }

    /** Whether there is a thing of its own to show in detail. */
    public boolean hasThing() {
        return !thing().isEmpty();
    }

    /** Whether it goes somewhere, and does not only face a way. */
    public boolean travels() {
        return line() == Line.TRAVEL && speedMps() > 0;
    }

    public Action withBeatId(UUID beatId) {
        return with("beatId", beatId);
    }

    public Action withSubjectId(UUID subjectId) {
        return with("subjectId", subjectId);
    }

    public Action withRank(double rank) {
        return with("rank", rank);
    }

    public Action withName(String name) {
        return with("name", name);
    }

    public Action withFromTime(Optional<LocalTime> fromTime) {
        return with(timing.withFromTime(fromTime));
    }

    public Action withUntilTime(Optional<LocalTime> untilTime) {
        return with(timing.withUntilTime(untilTime));
    }

    public Action withStagedAgain(boolean stagedAgain) {
        return with("stagedAgain", stagedAgain);
    }

    public Action withNoSound(boolean noSound) {
        return with("noSound", noSound);
    }

    public Action withWantedLight(WantedLight wantedLight) {
        return with("wantedLight", wantedLight);
    }

    private Action with(Part part) {
        return RecordKind.ACTION.with(this, part);
    }

    /** The same action with one field changed. */
    public Action with(String field, Object value) {
        return RecordKind.ACTION.with(this, field, value);
    }

    @Override
    public String label() {
        return name;
    }
}
