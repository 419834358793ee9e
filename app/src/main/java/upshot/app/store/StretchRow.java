package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A door, a window, a mirror. */
@Entity
@Table(name = "plan_stretch")
@IdClass(PlanRow.Key.class)
class StretchRow extends PlanRow {
    UUID spotId;
    double rank;
    String name;
    String what;
    double fromAcrossM;
    double fromDeepM;
    double toAcrossM;
    double toDeepM;
    double sillM;
    double headM;
}
