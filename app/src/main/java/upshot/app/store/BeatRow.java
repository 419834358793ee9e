package upshot.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A section of the story. */
@Entity
@Table(name = "plan_beat")
@IdClass(PlanRow.Key.class)
class BeatRow extends PlanRow {
    String name;

    @Column(name = "sort_rank")
    double rank;

    String role;
}
