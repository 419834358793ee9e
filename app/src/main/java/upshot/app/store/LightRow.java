package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A light of the kit. */
@Entity
@Table(name = "plan_light")
@IdClass(PlanRow.Key.class)
class LightRow extends PlanRow {
    String name;
    double rank;
    double watts;
    double luxAtOneM;
    boolean flickerFree;
}
