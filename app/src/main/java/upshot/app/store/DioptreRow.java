package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A close-up glass of the kit. */
@Entity
@Table(name = "plan_dioptre")
@IdClass(PlanRow.Key.class)
class DioptreRow extends PlanRow {
    String name;
    double rank;
    double strengthPerM;
}
