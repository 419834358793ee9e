package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** The schools of a job. */
@Entity
@Table(name = "plan_house")
@IdClass(PlanRow.Key.class)
class HouseRulesRow extends PlanRow {
    String coverage;
    String hold;
    String shutter;
    String speed;
    String light;
    String eye;
    String movement;
    String dayOrder;
    String telling;
    String pace;
    boolean mirrorEnding;
}
