package upshot.core.plan;

import static upshot.core.plan.Check.present;

import java.util.UUID;

/**
 * Somebody who takes part in an action beside its own subject, and is covered by shots of their own.
 *
 * @param rank place among the action's performers
 */
public record Performer(
        UUID id,
        @Refers(to = "action") UUID actionId,
        @Refers(to = "subject") UUID subjectId,
        double rank) implements PlanRecord {

    public Performer {
        present("id", id);
        present("actionId", actionId);
        present("subjectId", subjectId);
        rank = Check.rank(rank);
    }

    @Override
    public String label() {
        return "performer";
    }
}
