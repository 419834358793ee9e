package upshot.core.plan;

import java.util.UUID;
import upshot.core.house.Threshold;

/**
 * A threshold that this job has moved.
 *
 * @param threshold which
 * @param value within the threshold's own bounds, in its unit
 */
public record Adjustment(UUID id, Threshold threshold, double value) implements PlanRecord {

    public Adjustment {
        Check.present("id", id);
        Check.chosen("threshold", "threshold", threshold);
        value = Check.range("value", threshold.label(), value, threshold.least(), threshold.most(), threshold.unit());
    }

    public Adjustment withValue(double value) {
        return RecordKind.ADJUSTMENT.with(this, "value", value);
    }

    @Override
    public String label() {
        return threshold.label();
    }
}
