package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.range;
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
 * @param posture of a person
 * @param baseHeightM what the subject stands on, above the floor, 0 to 100 m
 * @param acrossM where in the spot it happens, −1000 to 1000 m, or none
 * @param deepM likewise
 * @param durationS how long it takes once, 0.1 to 36000 s
 * @param once true when it cannot be repeated
 * @param fixedTime when it happens, if the day and not the crew decides
 * @param resetMin minutes to make it ready again, 0 to 600
 * @param fromTime not before, local to the place, or none
 * @param untilTime not after, or none
 * @param messy leaves a mess, so clean work comes first
 * @param soonGone what can be seen now and not much later
 * @param tiring costs the subject strength
 * @param quick brief, fast or liquid, so that slow motion shows more
 * @param speedMps how fast the subject goes, 0 to 100 m/s
 * @param line what gives it a direction
 * @param side the side of the line that is kept
 * @param thing what the hands or the eyes are on, up to 60 characters, empty for nothing
 * @param thingForm what it looks like
 * @param thingHeightM its height, 0.005 to 20 m
 * @param thingBaseM how far above the floor it is, 0 to 100 m
 * @param setsState the state that it leaves a thing in, up to 60 characters, empty for none
 * @param phases its parts in order, separated by commas, up to 200 characters
 * @param sound what to record of it, up to 120 characters
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
        Posture posture,
        double baseHeightM,
        Optional<Double> acrossM,
        Optional<Double> deepM,
        double durationS,
        boolean once,
        Optional<LocalTime> fixedTime,
        double resetMin,
        Optional<LocalTime> fromTime,
        Optional<LocalTime> untilTime,
        boolean messy,
        boolean soonGone,
        boolean tiring,
        boolean quick,
        double speedMps,
        Line line,
        Side side,
        String thing,
        Form thingForm,
        double thingHeightM,
        double thingBaseM,
        String setsState,
        String phases,
        String sound,
        WantedLight wantedLight,
        Cautions cautions)
        implements PlanRecord {

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
        chosen("posture", "posture", posture);
        baseHeightM = range("baseHeightM", "height above the floor", baseHeightM, 0, 100, "m");
        acrossM = range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = range("deepM", "place in depth", deepM, -1000, 1000, "m");
        durationS = range("durationS", "length of the action", durationS, 0.1, 36_000, "s");
        chosen("fixedTime", "time", fixedTime).ifPresent(time -> Check.minute("fixedTime", "time", time));
        resetMin = range("resetMin", "reset", resetMin, 0, 600, "min");
        chosen("fromTime", "time", fromTime).ifPresent(time -> Check.minute("fromTime", "time", time));
        chosen("untilTime", "time", untilTime).ifPresent(time -> Check.minute("untilTime", "time", time));
        speedMps = range("speedMps", "speed", speedMps, 0, 100, "m/s");
        chosen("line", "direction", line);
        chosen("side", "side", side);
        thing = text("thing", "thing", thing, 0, 60);
        chosen("thingForm", "form", thingForm);
        thingHeightM = range("thingHeightM", "height of the thing", thingHeightM, 0.005, 20, "m");
        thingBaseM = range("thingBaseM", "height of the thing above the floor", thingBaseM, 0, 100, "m");
        setsState = text("setsState", "state", setsState, 0, 60);
        phases = text("phases", "phases", phases, 0, 200);
        sound = text("sound", "sound", sound, 0, 120);
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
                Posture.STANDING,
                0,
                Optional.empty(),
                Optional.empty(),
                10,
                false,
                Optional.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                false,
                false,
                0,
                Line.NONE,
                Side.LEFT_TO_RIGHT,
                "",
                Form.ROUND,
                0.2,
                0.9,
                "",
                "",
                "",
                WantedLight.ANY,
                Cautions.NONE);
    }

    /** Whether there is a thing of its own to show in detail. */
    public boolean hasThing() {
        return !thing.isEmpty();
    }

    /** The same action with one field changed. */
    public Action with(String field, Object value) {
        return Kind.ACTION.with(this, field, value);
    }

    @Override
    public String label() {
        return name;
    }
}
