package upshot.core.plan;

import java.util.UUID;

/**
 * A close-up glass in front of a lens.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param strengthPerM P, 0.1 to 20 per metre
 */
public record Dioptre(UUID id, String name, double rank, double strengthPerM) implements PlanRecord {

    public Dioptre {
        Check.present("id", id);
        name = Check.text("name", "name of the close-up glass", name, 1, 60);
        rank = Check.rank(rank);
        strengthPerM = Check.range("strengthPerM", "strength", strengthPerM, 0.1, 20, "1/m");
    }

    @Override
    public String label() {
        return name;
    }
}
