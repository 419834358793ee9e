package upshot.core.plan;

import static upshot.core.plan.Check.present;

import java.util.UUID;

/**
 * A point of the way that an action takes through its spot.
 *
 * @param rank place on the way
 * @param acrossM from the spot's own corner, −1000 to 1000 m
 * @param deepM likewise
 * @param pauseS how long it stays there, 0 to 3600 s
 */
public record Waypoint(
        UUID id, @Refers(to = "action") UUID actionId, double rank, double acrossM, double deepM, double pauseS)
        implements PlanRecord {

    public Waypoint {
        present("id", id);
        present("actionId", actionId);
        rank = Check.rank(rank);
        acrossM = Check.range("acrossM", "place across", acrossM, -1000, 1000, "m");
        deepM = Check.range("deepM", "place in depth", deepM, -1000, 1000, "m");
        pauseS = Check.range("pauseS", "pause", pauseS, 0, 3600, "s");
    }

    @Override
    public String label() {
        return "point of the way";
    }
}
