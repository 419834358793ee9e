package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A finding that is let stand. */
@Entity
@Table(name = "plan_accepted")
@IdClass(PlanRow.Key.class)
class AcceptedRow extends PlanRow {
    String ruleId;
    UUID outUseId;
    UUID intoUseId;
    UUID shotId;
    boolean breaks;
    Double measured;
    String reason;
}
