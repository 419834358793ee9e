package upshot.core.plan;

import static upshot.core.plan.Check.present;

import java.util.UUID;

/**
 * A corner of a spot's floor; from each a wall leads to the next, and from the last to the first.
 *
 * @param rank place on the way round
 * @param acrossM from the spot's own corner, −1000 to 1000 m
 * @param deepM likewise
 * @param wallM how high the wall is that begins here, 0 to 200 m; 0 for an edge without one
 * @param paced whether it was counted in steps and not measured
 */
public record FloorCorner(
        UUID id,
        @Refers(to = "spot") UUID spotId,
        double rank,
        double acrossM,
        double deepM,
        double wallM,
        boolean paced)
        implements PlanRecord {

    public FloorCorner {
        present("id", id);
        present("spotId", spotId);
        rank = Check.rank(rank);
        acrossM = Check.range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = Check.range("deepM", "place in depth", deepM, -1000, 1000, "m");
        wallM = Check.range("wallM", "height of the wall", wallM, 0, 200, "m");
    }

    @Override
    public String label() {
        return "corner";
    }
}
