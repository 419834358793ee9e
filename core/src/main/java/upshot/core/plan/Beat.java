package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.text;

import java.util.UUID;

/**
 * A section of the story.
 *
 * @param name 1 to 60 characters
 * @param rank place in the story
 * @param role what the section does for the film
 */
public record Beat(UUID id, String name, double rank, Role role) implements PlanRecord {

    /** What a beat is for. */
    public enum Role {
        OPENING,
        BODY,
        ENDING
    }

    public Beat {
        Check.present("id", id);
        name = text("name", "name of the beat", name, 1, 60);
        rank = Check.rank(rank);
        chosen("role", "role of the beat", role);
    }

    @Override
    public String label() {
        return name;
    }
}
