package upshot.core.plan;

import java.time.LocalTime;
import java.util.UUID;

/**
 * A further day of the shoot, or a second unit on one of its days. The brief's own call and wrap are the first.
 *
 * @param name 1 to 60 characters
 * @param rank place among the shifts
 * @param dayOffset days after the day of the shoot, 0 to 30; 0 is a second unit on the same day
 * @param callTime when this crew starts, local to the place
 * @param wrapTime when it must be done; at or before the call it means the next morning
 * @param cameras how many bodies it has, 1 to 20
 */
public record ExtraCrew(
        UUID id, String name, double rank, int dayOffset, LocalTime callTime, LocalTime wrapTime, int cameras)
        implements PlanRecord {

    public ExtraCrew {
        Check.present("id", id);
        name = Check.text("name", "name of the shift", name, 1, 60);
        rank = Check.rank(rank);
        dayOffset = Check.whole("dayOffset", "day", dayOffset, 0, 30, "");
        Check.minute("callTime", "call", callTime);
        Check.minute("wrapTime", "wrap", wrapTime);
        if (callTime.equals(wrapTime)) {
            throw new InvalidField("wrapTime", "The wrap is at the call (%s): there is no day.".formatted(callTime));
        }
        cameras = Check.whole("cameras", "cameras", cameras, 1, 20, "");
    }

    @Override
    public String label() {
        return name;
    }
}
