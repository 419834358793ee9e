package upshot.core.plan;

import static upshot.core.plan.Check.present;

import java.util.Optional;
import java.util.UUID;

/**
 * Somebody who takes part in an action beside its own subject, and is covered by shots of their own.
 *
 * @param rank place among the action's performers
 * @param acrossM where in the spot, −1000 to 1000 m, or none
 * @param deepM likewise
 */
public record Performer(
        UUID id,
        @Refers(to = "action") UUID actionId,
        @Refers(to = "subject") UUID subjectId,
        double rank,
        Optional<Double> acrossM,
        Optional<Double> deepM)
        implements PlanRecord {

    public Performer {
        present("id", id);
        present("actionId", actionId);
        present("subjectId", subjectId);
        rank = Check.rank(rank);
        acrossM = Check.range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = Check.range("deepM", "place in depth", deepM, -1000, 1000, "m");
    }

    /** Somebody whose place in the spot is not said. */
    public static Performer of(UUID id, UUID actionId, UUID subjectId, double rank) {
        return new Performer(id, actionId, subjectId, rank, Optional.empty(), Optional.empty());
    }

    @Override
    public String label() {
        return "performer";
    }
}
