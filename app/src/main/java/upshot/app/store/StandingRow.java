package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** What stands on a floor. */
@Entity
@Table(name = "plan_standing")
@IdClass(PlanRow.Key.class)
class StandingRow extends PlanRow {
    UUID spotId;
    double rank;
    String name;
    String what;
    String corners;
    double heightM;
    String reason;
    String decides;
}
