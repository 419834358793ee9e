package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A camera of the kit. */
@Entity
@Table(name = "plan_body")
@IdClass(PlanRow.Key.class)
class BodyRow extends PlanRow {
    String name;
    double rank;
    String shutter;
    int lowestIso;
    int highestIso;
    double batteryMin;
    boolean portrait;
    boolean variableRate;
    boolean dropFrame;
}
