package upshot.core.plan;

import java.util.UUID;

/**
 * A support in the kit, with what it can do.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param support what it is
 * @param lowestM lowest height of the lens, 0 to 60 m
 * @param highestM highest height of the lens, up to 120 m
 * @param travelM how far it can move the camera, 0 to 1000 m; 0 for none
 */
public record Carrier(
        UUID id, String name, double rank, Support support, double lowestM, double highestM, double travelM)
        implements PlanRecord {

    public Carrier {
        Check.present("id", id);
        name = Check.text("name", "name of the support", name, 1, 60);
        rank = Check.rank(rank);
        Check.chosen("support", "kind of support", support);
        lowestM = Check.range("lowestM", "lowest height", lowestM, 0, 60, "m");
        highestM = Check.range("highestM", "highest height", highestM, 0, 120, "m");
        if (highestM < lowestM) {
            throw new InvalidField(
                    "highestM", "The highest height (%s m) is below the lowest (%s m).".formatted(highestM, lowestM));
        }
        travelM = Check.range("travelM", "travel", travelM, 0, 1000, "m");
    }

    @Override
    public String label() {
        return name;
    }
}
