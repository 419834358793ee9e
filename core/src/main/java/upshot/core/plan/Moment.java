package upshot.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import java.util.UUID;

/**
 * Something on the event's own agenda that will not wait.
 *
 * @param name 1 to 120 characters
 * @param date the day, or none for the day of the shoot
 * @param startTime local to the place
 * @param durationMin 0 to 2880 min
 * @param note up to 200 characters
 */
public record Moment(
        UUID id, String name, Optional<LocalDate> date, LocalTime startTime, double durationMin, String note)
        implements PlanRecord {

    public Moment {
        Check.present("id", id);
        name = Check.text("name", "name of the moment", name, 1, 120);
        Check.day("date", "date", date);
        Check.minute("startTime", "time", startTime);
        durationMin = Check.range("durationMin", "length of the moment", durationMin, 0, 2880, "min");
        note = Check.text("note", "note", note, 0, 200);
    }

    /** By the clock; moments of a named day after those of the shoot's own. */
    @Override
    public double rank() {
        return date.map(LocalDate::toEpochDay).orElse(0L) * 1440 + startTime.toSecondOfDay() / 60.0;
    }

    @Override
    public String label() {
        return name;
    }
}
