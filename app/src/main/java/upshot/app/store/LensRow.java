package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A lens of the kit. */
@Entity
@Table(name = "plan_lens")
@IdClass(PlanRow.Key.class)
class LensRow extends PlanRow {
    String name;

    @Column(name = "sort_rank")
    double rank;

    double focalLengthMm;
    double widestN;
    double nearLimitM;
}
