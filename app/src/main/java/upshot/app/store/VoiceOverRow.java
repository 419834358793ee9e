package upshot.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

/** Somebody is heard speaking. */
@Entity
@Table(name = "plan_voice")
@IdClass(PlanRow.Key.class)
class VoiceOverRow extends PlanRow {
    double startS;
    double endS;
    String words;
}
