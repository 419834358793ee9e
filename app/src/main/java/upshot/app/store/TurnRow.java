package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;
import java.util.UUID;

/** When a shot has its turn. */
@Entity
@Table(name = "plan_turn")
@IdClass(PlanRow.Key.class)
class TurnRow extends PlanRow {
    UUID shotId;
    UUID shiftId;
    double rank;
    LocalTime pinnedTime;
    boolean letGo;
}
