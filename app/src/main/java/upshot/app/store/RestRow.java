package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalTime;
import java.util.UUID;

/** A rest that is planned. */
@Entity
@Table(name = "plan_rest")
@IdClass(PlanRow.Key.class)
class RestRow extends PlanRow {
    UUID subjectId;
    LocalTime startTime;
    double durationMin;
}
