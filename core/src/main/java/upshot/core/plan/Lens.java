package upshot.core.plan;

import static upshot.core.plan.Check.range;
import static upshot.core.plan.Check.text;

import java.util.UUID;

/**
 * A fixed lens in the kit.
 *
 * @param name 1 to 60 characters
 * @param rank place in the kit
 * @param focalLengthMm 4 to 1200 mm
 * @param widestN the smallest f-number, 0.7 to 45
 * @param nearLimitM the nearest focus mark, 0.01 to 50 m
 */
public record Lens(UUID id, String name, double rank, double focalLengthMm, double widestN, double nearLimitM)
        implements PlanRecord {

    public Lens {
        Check.present("id", id);
        name = text("name", "name of the lens", name, 1, 60);
        rank = Check.rank(rank);
        focalLengthMm = range("focalLengthMm", "focal length", focalLengthMm, 4, 1200, "mm");
        widestN = range("widestN", "aperture", widestN, 0.7, 45, "");
        nearLimitM = range("nearLimitM", "near limit", nearLimitM, 0.01, 50, "m");
    }

    @Override
    public String label() {
        return name;
    }
}
