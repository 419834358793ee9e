package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;

/** A further day or unit of the shoot. */
@Entity
@Table(name = "plan_shift")
@IdClass(PlanRow.Key.class)
class ShiftRow extends PlanRow {
    String name;
    double rank;
    int dayOffset;
    LocalTime callTime;
    LocalTime wrapTime;
    int cameras;
}
