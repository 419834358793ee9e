package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A way in which a body records. */
@Entity
@Table(name = "plan_mode")
@IdClass(PlanRow.Key.class)
class ModeRow extends PlanRow {
    UUID bodyId;
    String name;
    double rank;
    int widthPx;
    int heightPx;
    String rates;
    double sensorWidthMm;
    double sensorHeightMm;
    double bitRateMbps;
    boolean bitRateScales;
}
