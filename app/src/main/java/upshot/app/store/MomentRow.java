package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;

/** Something on the agenda. */
@Entity
@Table(name = "plan_moment")
@IdClass(PlanRow.Key.class)
class MomentRow extends PlanRow {
    String name;
    LocalDate date;
    LocalTime startTime;
    double durationMin;
    String note;
}
