package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A section of the story. */
@Entity
@Table(name = "plan_beat")
@IdClass(PlanRow.Key.class)
class BeatRow extends PlanRow {
    String name;
    double rank;
    String role;
    Double targetS;
}
