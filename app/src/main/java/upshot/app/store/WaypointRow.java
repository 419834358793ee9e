package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A point of an action's way. */
@Entity
@Table(name = "plan_waypoint")
@IdClass(PlanRow.Key.class)
class WaypointRow extends PlanRow {
    UUID actionId;
    double rank;
    double acrossM;
    double deepM;
    double pauseS;
}
