package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A place inside the location. */
@Entity
@Table(name = "plan_spot")
@IdClass(PlanRow.Key.class)
class SpotRow extends PlanRow {
    String name;

    @Column(name = "sort_rank")
    double rank;

    boolean outdoors;
    double roomM;
    double backdropM;
}
