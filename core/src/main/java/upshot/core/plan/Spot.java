package upshot.core.plan;

import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.UUID;

/**
 * A place inside the location where the camera and the subject can be.
 *
 * @param name 1 to 60 characters
 * @param rank the order in which the spots are walked to
 * @param outdoors whether it lies under the sky
 * @param roomM how far from the subject a camera can stand, 0.5 to 500 m
 * @param backdropM how far behind the subject the background is, 0.2 to 500 m
 */
public record Spot(UUID id, String name, double rank, boolean outdoors, double roomM, double backdropM)
        implements PlanRecord {

    public Spot {
        Check.present("id", id);
        name = text("name", "name of the spot", name, 1, 60);
        rank = Check.rank(rank);
        roomM = range("roomM", "room", roomM, 0.5, 500, "m");
        backdropM = range("backdropM", "distance to the background", backdropM, 0.2, 500, "m");
    }

    @Override
    public String label() {
        return name;
    }
}
