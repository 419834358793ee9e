package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A lens of the kit. */
@Entity
@Table(name = "plan_lens")
@IdClass(PlanRow.Key.class)
class LensRow extends PlanRow {
    String name;
    double rank;
    double focalLengthMm;
    double longestMm;
    double widestN;
    double narrowestN;
    double nearLimitM;
    double squeeze;
}
