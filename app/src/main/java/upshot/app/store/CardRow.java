package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** Cards of the kit. */
@Entity
@Table(name = "plan_card")
@IdClass(PlanRow.Key.class)
class CardRow extends PlanRow {
    String name;
    double rank;
    int count;
    double capacityGb;
    double copyMegabytesPerS;
}
