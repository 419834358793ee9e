package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.UUID;

/**
 * A camera in the kit; what it records is in its modes.
 *
 * @param name 1 to 60 characters
 * @param rank the first is the one shots are planned for
 * @param shutter how it names its shutter
 * @param lowestIso 25 to 1 000 000
 * @param highestIso not below the lowest
 * @param batteryMin how long a battery records, 1 to 2000 min
 * @param portrait whether it is held upright, so that its sensor is higher than wide
 * @param variableRate whether its frames come unevenly, as a phone's do
 * @param dropFrame whether its time code leaves numbers out to keep up with the clock
 */
public record Body(
        UUID id,
        String name,
        double rank,
        ShutterScale shutter,
        int lowestIso,
        int highestIso,
        double batteryMin,
        boolean portrait,
        boolean variableRate,
        boolean dropFrame)
        implements PlanRecord {

    public Body {
        Check.present("id", id);
        name = text("name", "name of the body", name, 1, 60);
        rank = Check.rank(rank);
        chosen("shutter", "shutter", shutter);
        lowestIso = Check.whole("lowestIso", "lowest ISO", lowestIso, 25, 1_000_000, "");
        highestIso = Check.whole("highestIso", "highest ISO", highestIso, 25, 1_000_000, "");
        if (highestIso < lowestIso) {
            throw new InvalidField(
                    "highestIso", "The highest ISO (%d) is below the lowest (%d).".formatted(highestIso, lowestIso));
        }
        batteryMin = range("batteryMin", "battery", batteryMin, 1, 2000, "min");
    }

    /** A body with third-stop shutter times, ISO 100 to 12 800 and an hour and a half on a battery. */
    public static Body draft(UUID id, String name) {
        return new Body(id, name, 0, ShutterScale.STILLS, 100, 12_800, 90, false, false, false);
    }

    @Override
    public String label() {
        return name;
    }
}
