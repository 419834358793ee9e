package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A moved threshold. */
@Entity
@Table(name = "plan_adjustment")
@IdClass(PlanRow.Key.class)
class AdjustmentRow extends PlanRow {
    String threshold;
    double value;
}
