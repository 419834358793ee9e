package upshot.core.plan;

import java.util.UUID;

/**
 * How long it takes to carry the kit from one spot to another, either way.
 *
 * @param toSpotId another spot
 * @param minutes 0 to 600 min
 */
public record Walk(
        UUID id,
        @Refers(to = "spot") UUID fromSpotId,
        @Refers(to = "spot") UUID toSpotId,
        double minutes) implements PlanRecord {

    public Walk {
        Check.present("id", id);
        Check.present("fromSpotId", fromSpotId);
        Check.present("toSpotId", toSpotId);
        if (fromSpotId.equals(toSpotId)) {
            throw new InvalidField("toSpotId", "A walk leads to another spot.");
        }
        minutes = Check.range("minutes", "walk", minutes, 0, 600, "min");
    }

    /** Whether it joins these two, whichever way. */
    public boolean joins(UUID one, UUID other) {
        return fromSpotId.equals(one) && toSpotId.equals(other) || fromSpotId.equals(other) && toSpotId.equals(one);
    }

    public Walk withMinutes(double minutes) {
        return RecordKind.WALK.with(this, "minutes", minutes);
    }

    @Override
    public String label() {
        return "walk";
    }
}
