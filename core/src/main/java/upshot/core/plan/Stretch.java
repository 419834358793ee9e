package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.text;

import java.util.UUID;
import upshot.core.measure.Labelled;

/**
 * A stretch of a wall, or of what stands, that is something else than wall.
 *
 * @param name up to 60 characters, may be empty
 * @param fromAcrossM one end, from the spot's own corner, −1000 to 1000 m
 * @param fromDeepM likewise
 * @param toAcrossM the other end
 * @param toDeepM likewise
 * @param sillM where it begins above the floor, 0 to 200 m
 * @param headM where it ends, 0 to 200 m
 */
public record Stretch(
        UUID id,
        @Refers(to = "spot") UUID spotId,
        double rank,
        String name,
        Kind what,
        double fromAcrossM,
        double fromDeepM,
        double toAcrossM,
        double toDeepM,
        double sillM,
        double headM)
        implements PlanRecord {

    /** What it is. */
    public enum Kind implements Labelled {
        DOOR("door"),
        WINDOW("window"),
        MIRROR("mirror"),
        GLASS("glass"),
        SOCKET("mains socket");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public Stretch {
        present("id", id);
        present("spotId", spotId);
        rank = Check.rank(rank);
        name = text("name", "name", name, 0, 60);
        chosen("what", "what it is", what);
        fromAcrossM = Check.range("fromAcrossM", "place across", fromAcrossM, -1000, 1000, "m");
        fromDeepM = Check.range("fromDeepM", "place in depth", fromDeepM, -1000, 1000, "m");
        toAcrossM = Check.range("toAcrossM", "place across", toAcrossM, -1000, 1000, "m");
        toDeepM = Check.range("toDeepM", "place in depth", toDeepM, -1000, 1000, "m");
        sillM = Check.range("sillM", "sill", sillM, 0, 200, "m");
        headM = Check.range("headM", "head", headM, 0, 200, "m");
        if (headM < sillM) {
            throw new InvalidField("headM", "It ends (%s m) below where it begins (%s m).".formatted(headM, sillM));
        }
    }

    @Override
    public String label() {
        return name.isEmpty() ? what.label() : name;
    }
}
