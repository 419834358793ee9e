package upshot.core.plan;

import static upshot.core.plan.Check.present;

import java.time.LocalTime;
import java.util.UUID;

/**
 * A rest that is planned: somebody is not asked for anything then.
 *
 * @param startTime local to the place
 * @param durationMin 1 to 600 min
 */
public record Rest(UUID id, @Refers(to = "subject") UUID subjectId, LocalTime startTime, double durationMin)
        implements PlanRecord {

    public Rest {
        present("id", id);
        present("subjectId", subjectId);
        Check.minute("startTime", "time", startTime);
        durationMin = Check.range("durationMin", "length of the rest", durationMin, 1, 600, "min");
    }

    /** By the clock. */
    @Override
    public double rank() {
        return startTime.toSecondOfDay() / 60.0;
    }

    @Override
    public String label() {
        return "rest";
    }
}
