package upshot.core.plan;

import static upshot.core.plan.Check.chosen;
import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.UUID;
import upshot.core.measure.FrameRate;

/**
 * A camera in the kit.
 *
 * @param name 1 to 60 characters
 * @param rank the first is the one shots are planned for
 * @param sensorWidthMm active area across, 2 to 80 mm
 * @param sensorHeightMm active area down, 2 to 80 mm
 * @param topRate the quickest rate it records
 */
public record Body(UUID id, String name, double rank, double sensorWidthMm, double sensorHeightMm, FrameRate topRate)
        implements PlanRecord {

    public Body {
        Check.present("id", id);
        name = text("name", "name of the body", name, 1, 60);
        rank = Check.rank(rank);
        sensorWidthMm = range("sensorWidthMm", "sensor width", sensorWidthMm, 2, 80, "mm");
        sensorHeightMm = range("sensorHeightMm", "sensor height", sensorHeightMm, 2, 80, "mm");
        chosen("topRate", "quickest rate", topRate);
    }

    @Override
    public String label() {
        return name;
    }
}
