package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A support of the kit. */
@Entity
@Table(name = "plan_carrier")
@IdClass(PlanRow.Key.class)
class CarrierRow extends PlanRow {
    String name;
    double rank;
    String support;
    double lowestM;
    double highestM;
    double travelM;
}
