package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A camera of the kit. */
@Entity
@Table(name = "plan_body")
@IdClass(PlanRow.Key.class)
class BodyRow extends PlanRow {
    String name;

    @Column(name = "sort_rank")
    double rank;

    double sensorWidthMm;
    double sensorHeightMm;
    int topRateNum;
    int topRateDen;
}
