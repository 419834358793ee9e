package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.text;

import java.util.Optional;
import java.util.UUID;

/**
 * A section of the story.
 *
 * @param name 1 to 60 characters
 * @param rank place in the story
 * @param role what the section does for the film
 * @param targetS the seconds it is to have in the cut, 0.5 to 3600 s, or none while that is open
 */
public record StoryBeat(UUID id, String name, double rank, Role role, Optional<Double> targetS) implements PlanRecord {

    /** What a beat is for. */
    public enum Role {
        OPENING,
        BODY,
        ENDING
    }

    public StoryBeat {
        Check.present("id", id);
        name = text("name", "name of the beat", name, 1, 60);
        rank = Check.rank(rank);
        chosen("role", "role of the beat", role);
        targetS = Check.range("targetS", "length of the beat", targetS, 0.5, 3600, "s");
    }

    /** A beat whose length is open. */
    public static StoryBeat of(UUID id, String name, double rank, Role role) {
        return new StoryBeat(id, name, rank, role, Optional.empty());
    }

    @Override
    public String label() {
        return name;
    }
}
