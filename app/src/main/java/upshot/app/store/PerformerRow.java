package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** Somebody who takes part in an action. */
@Entity
@Table(name = "plan_performer")
@IdClass(PlanRow.Key.class)
class PerformerRow extends PlanRow {
    UUID actionId;
    UUID subjectId;
    double rank;
    Double acrossM;
    Double deepM;
}
