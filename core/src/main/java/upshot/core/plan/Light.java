package upshot.core.plan;

import java.util.UUID;

/**
 * A lamp of one's own.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param watts what it draws, 0 to 50 000 W
 * @param luxAtOneM 0 to 1 000 000 lx at one metre
 * @param flickerFree at any rate
 */
public record Light(UUID id, String name, double rank, double watts, double luxAtOneM, boolean flickerFree)
        implements PlanRecord {

    public Light {
        Check.present("id", id);
        name = Check.text("name", "name of the light", name, 1, 60);
        rank = Check.rank(rank);
        watts = Check.range("watts", "power", watts, 0, 50_000, "W");
        luxAtOneM = Check.range("luxAtOneM", "light at one metre", luxAtOneM, 0, 1_000_000, "lx");
    }

    @Override
    public String label() {
        return name;
    }
}
