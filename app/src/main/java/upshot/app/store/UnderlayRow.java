package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A picture under the plan of a spot. */
@Entity
@Table(name = "plan_underlay")
@IdClass(PlanRow.Key.class)
class UnderlayRow extends PlanRow {
    UUID spotId;
    String still;
    double acrossM;
    double deepM;
    double wideM;
    double highM;
}
