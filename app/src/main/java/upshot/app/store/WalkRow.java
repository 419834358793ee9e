package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** The way between two spots. */
@Entity
@Table(name = "plan_walk")
@IdClass(PlanRow.Key.class)
class WalkRow extends PlanRow {
    UUID fromSpotId;
    UUID toSpotId;
    double minutes;
}
