package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** A change of tempo or metre. */
@Entity
@Table(name = "plan_tempo")
@IdClass(PlanRow.Key.class)
class TempoMarkRow extends PlanRow {
    double atQuarter;
    int microsPerQuarter;
    int beatsPerBar;
    int beatUnit;
}
