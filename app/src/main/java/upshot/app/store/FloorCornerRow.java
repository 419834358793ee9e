package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A corner of a floor. */
@Entity
@Table(name = "plan_corner")
@IdClass(PlanRow.Key.class)
class FloorCornerRow extends PlanRow {
    UUID spotId;
    double rank;
    double acrossM;
    double deepM;
    double wallM;
    boolean paced;
}
