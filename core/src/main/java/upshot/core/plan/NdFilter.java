package upshot.core.plan;

import java.util.UUID;

/**
 * A grey glass that takes light away.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param stops 0.3 to 20 stops
 */
public record NdFilter(UUID id, String name, double rank, double stops) implements PlanRecord {

    public NdFilter {
        Check.present("id", id);
        name = Check.text("name", "name of the ND filter", name, 1, 60);
        rank = Check.rank(rank);
        stops = Check.range("stops", "strength", stops, 0.3, 20, "stops");
    }

    @Override
    public String label() {
        return name;
    }
}
