package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.present;
import static upshot.core.plan.Check.text;

import java.util.UUID;
import upshot.core.measure.Labelled;

/**
 * Something that stands on a spot's floor, or a part of it where nobody stands.
 *
 * @param name 1 to 60 characters
 * @param corners its shape on the floor, in metres from the spot's own corner
 * @param heightM how high it is, 0 to 200 m; 0 for what is level with the floor
 * @param reason why nobody stands there, up to 120 characters
 * @param decides who decides, up to 60 characters
 */
public record Standing(
        UUID id,
        @Refers(to = "spot") UUID spotId,
        double rank,
        String name,
        Kind what,
        Outline corners,
        double heightM,
        String reason,
        String decides)
        implements PlanRecord {

    /** What it is. */
    public enum Kind implements Labelled {
        FURNITURE("furniture"),
        WATER("water"),
        NO_GO("closed to cameras"),
        WAY_OUT("way out"),
        RAISED("raised floor");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** Whether people, and cameras, may be on it. */
        public boolean walkedOn() {
            return this == WAY_OUT || this == RAISED;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public Standing {
        present("id", id);
        present("spotId", spotId);
        rank = Check.rank(rank);
        name = text("name", "name", name, 1, 60);
        chosen("what", "what it is", what);
        if (chosen("corners", "corners", corners).corners().isEmpty()) {
            throw new InvalidField("corners", "It needs three corners or more.");
        }
        heightM = Check.range("heightM", "height", heightM, 0, 200, "m");
        reason = text("reason", "reason", reason, 0, 120);
        decides = text("decides", "who decides", decides, 0, 60);
    }

    @Override
    public String label() {
        return name;
    }
}
