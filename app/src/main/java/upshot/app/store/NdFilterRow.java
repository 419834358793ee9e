package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** An ND filter of the kit. */
@Entity
@Table(name = "plan_nd")
@IdClass(PlanRow.Key.class)
class NdFilterRow extends PlanRow {
    String name;
    double rank;
    double stops;
}
